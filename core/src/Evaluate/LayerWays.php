<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Closure;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\View;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Projection;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Kind\Artist;
use Ricamo\Core\Kind\Moment;
use Ricamo\Core\Kind\MovesWithin;
use Ricamo\Core\Kind\Outlined;
use Ricamo\Core\Kind\RepeatsInTime;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Scenery;

/** Where layers go: what arriving and leaving make of their poses, and how far they go while they are exposed. */
final readonly class LayerWays
{
    /** How many of a layer's repeats are followed on their ways. */
    private const FOLLOWED = 16;

    /** @param  Closure(Layer): Artist  $artist */
    public function __construct(private Closure $artist, private PatchDrawing $patches)
    {
    }

    /** What arriving and leaving make of a layer's pose at a moment. */
    public function change(Layer $layer, Composition $composition, int|float $at): Change
    {
        return $layer->life->isAtRest($at, $layer->span)
            ? new Change
            : $layer->life->change($at, $layer->span, $this->scenery($layer, $composition, $at));
    }

    private function scenery(Layer $layer, Composition $composition, int|float $at): Scenery
    {
        $matrix = $layer->matrix($at);
        $box = ($this->artist)($layer)->box($layer, $composition, $at);

        return new Scenery(
            $matrix->bounds($box->grown(Outlined::reach($layer, $at))),
            $matrix->apply($layer->point('anchor', $at)),
            $composition->width,
            $composition->height,
        );
    }

    /**
     * Where the corners of a layer, and of its copies, are at a moment, for telling how far they go while they are seen.
     *
     * @return array<array-key, Point> or, where its parts move by themselves, where those are
     */
    public function corners(Layer $layer, Composition $composition, Moment $moment): array
    {
        $at = $moment->at;
        $corners = $this->flatCorners($layer, $composition, $at);
        $change = $layer->life->leavesPlane() ? $this->change($layer, $composition, $at) : new Change;
        $depth = $layer->depthMoved($change->space, $at);
        $camera = $moment->camera();
        if ($depth === null && $camera === null && $change->parts === []) {
            return $corners;
        }
        $view = new View($composition, camera: $camera);
        $whole = $depth ?? Space::flat(new Affine);
        if ($change->parts !== []) {
            return self::cornersOf($change->parts, $whole, $view);
        }
        $seen = $view->of($whole);

        return array_map(
            fn (Point $point): Point => $seen->distance($point) < Projection::NEAREST ? $point : $seen->apply($point), $corners,
        );
    }

    /**
     * @param  list<array{Path, ?Space}>  $parts  of what falls apart
     * @param  Space  $whole  of the plane that they leave
     * @return array<string, Point> where the corners of each are seen
     */
    private static function cornersOf(array $parts, Space $whole, View $view): array
    {
        $corners = [];
        foreach ($parts as $index => [$path, $space]) {
            $seen = $view->of($space === null ? $whole : $whole->after($space));
            foreach ($path->bounds()?->corners() ?? [] as $number => $corner) {
                $corners["$index $number"] = $seen->distance($corner) < Projection::NEAREST ? $corner : $seen->apply($corner);
            }
        }

        return $corners;
    }

    /** @return array<array-key, Point> the same in the plane in which it is placed */
    private function flatCorners(Layer $layer, Composition $composition, int|float $at): array
    {
        $changes = array_map(fn (Change $one): Affine => $one->matrix, $this->change($layer, $composition, $at)->each());
        $artist = ($this->artist)($layer);
        $moments = $artist instanceof RepeatsInTime ? self::some($artist->moments($layer, $at)) : [];
        if ($moments !== []) {
            return self::each($changes, fn (Affine $change): array => array_merge(...array_map(
                fn (float $own): array => self::around($change->after($layer->matrix($own)), $artist->box($layer, $composition, $own)),
                $moments,
            )));
        }
        $marks = match (true) {
            $layer->attached->cascades === [] => [],
            PatchDrawing::cuts($layer) => $this->patches->marks($layer, $composition, $at),
            $artist instanceof MovesWithin => $artist->marks($layer, $composition, $at),
            default => [],
        };
        $matrix = $layer->matrix($at);
        $box = $artist->box($layer, $composition, $at);

        return self::each($changes, fn (Affine $change): array => $marks !== []
            ? array_map($change->after($matrix)->apply(...), $marks)
            : self::around($change->after($matrix), $box));
    }

    /**
     * @param  non-empty-list<Affine>  $changes  of each time that it is seen
     * @param  callable(Affine): array<array-key, Point>  $corners
     * @return array<array-key, Point>
     */
    private static function each(array $changes, callable $corners): array
    {
        // By their own keys, by which they are followed from moment to moment, where there is one; itself first where there are more.
        return count($changes) === 1 ? $corners($changes[0]) : array_merge(
            ...array_map(fn (Affine $change): array => array_values($corners($change)), array_reverse($changes)),
        );
    }

    /** @return list<Point> the corners of a box in the space that a matrix leads to */
    private static function around(Affine $matrix, Box $box): array
    {
        return array_map($matrix->apply(...), $box->corners());
    }

    /**
     * As many of them as tell how far all go.
     *
     * @param  list<float>  $moments
     * @return list<float>
     */
    private static function some(array $moments): array
    {
        $every = max(1, intdiv(count($moments), self::FOLLOWED));

        return array_values(array_filter($moments, fn (int $index): bool => $index % $every === 0, ARRAY_FILTER_USE_KEY));
    }
}
