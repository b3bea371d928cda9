<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Shape;

use Closure;
use Ricamo\Core\Cascade\PlacedCascade;
use Ricamo\Core\Cascade\Running;
use Ricamo\Core\Cascade\Unfolding;
use Ricamo\Core\Cascade\UnitChange;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Join;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Kind\Artist;
use Ricamo\Core\Kind\Coats;
use Ricamo\Core\Kind\LayerCascades;
use Ricamo\Core\Kind\LineArtist;
use Ricamo\Core\Kind\Moment;
use Ricamo\Core\Kind\MovesWithin;
use Ricamo\Core\Kind\PaintedPictures;
use Ricamo\Core\Kind\Paints;
use Ricamo\Core\Kind\Prepares;
use Ricamo\Core\Kind\ReachesBeyond;
use Ricamo\Core\Kind\RepeatsInTime;
use Ricamo\Core\Kind\UnitsInSpace;
use Ricamo\Core\Paint\Painted;

/** Draws forms: the fill, and the outline over it, centred on the edge. */
final class ShapeArtist implements Artist, MovesWithin, Prepares, ReachesBeyond, RepeatsInTime
{
    public function __construct(private readonly PaintedPictures $pictures, private readonly Outlines $outlines = new Outlines)
    {
    }

    public function draw(Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array
    {
        $bare = BareShape::of($layer, $this->outlines);
        if ($bare !== null) {
            return $bare->draw($layer, $moment->at, $matrix);
        }
        $formed = self::formed($layer, $moment->at);
        if ($formed->isEmpty()) {
            return [];
        }
        if (Repeats::isOne($layer, $moment->at) && $layer->attached->cascades === []) {
            return $this->one($layer, $composition, $moment, $formed, $matrix);
        }

        return $this->repeated(
            $layer, $composition, $moment, $formed->box, fn (int $index): Repeated => new Repeated($moment, $formed, $matrix),
        );
    }

    public function prepared(Layer $layer): ?BareShape
    {
        return BareShape::of($layer, $this->outlines);
    }

    public function moments(Layer $layer, int|float $at): array
    {
        return $layer->properties['stepTime']->at($at, $layer->span) === 0.0
            ? []
            : Repeats::moments($layer, $at, self::formed($layer, $at)->box);
    }

    public function drawInTime(Layer $layer, Composition $composition, Moment $moment, array $moments, Closure $pose): array
    {
        $each = function (int $index) use ($layer, $moment, $moments, $pose): ?Repeated {
            $formed = self::formed($layer, $moments[$index]);
            $posed = $formed->isEmpty() ? null : $pose($moments[$index]);

            return $posed === null ? null : new Repeated($moment->at($moments[$index]), $formed, $posed[0], $posed[1]);
        };

        return $this->repeated($layer, $composition, $moment, self::formed($layer, $moment->at)->box, $each);
    }

    /**
     * All of them, where they are and as cascades have them at a moment.
     *
     * @param  Box  $box  of one of them
     * @param  Closure(int): ?Repeated  $each  what each is by itself; null where nothing is seen of it
     * @return list<Operation>
     */
    private function repeated(Layer $layer, Composition $composition, Moment $moment, Box $box, Closure $each): array
    {
        $placements = Repeats::placements($layer, $moment->at, $box);
        $changes = self::changes($layer, $placements, $box, $moment->at);
        [$drawn, $away] = [[], []];
        foreach ($placements as $index => $placed) {
            $change = $changes[$index] ?? null;
            $one = $change !== null && $change->opacity <= 0 ? null : $each($index);
            if ($one === null) {
                continue;
            }
            $moved = $change === null ? $one->matrix : $one->matrix->after($change->matrix);
            if (abs($moved->determinant()) < 1e-12) {
                continue;
            }
            [$fill, $edge] = array_map(
                fn (string $what): Colour => Repeats::colour($layer, $what, $one->moment->at, $moment->at, $index, count($placements)),
                ['fill', 'outline'],
            );
            $own = $this->one(
                $layer,
                $composition,
                $one->moment,
                $one->formed,
                $moved->after($placed),
                $change?->tinted($fill) ?? $fill,
                $change?->tinted($edge) ?? $edge,
            );
            $own = $change === null || $own === [] ? $own : LayerCascades::seen($own, $change, sqrt(abs($one->matrix->determinant())));
            $space = new UnitsInSpace($composition, $moment, $one->matrix);
            $drawn[] = $space->seen(Group::fade($own, $one->opacity), $change?->depth);
            $middle = $placed->apply($box->centre());
            $away[] = $space->isThick() ? $space->away($change?->depth, $change?->matrix->apply($middle) ?? $middle) : 0.0;
        }
        // Sides of the nearer ones may cover those that are farther away.
        arsort($away);

        return array_merge(...array_map(fn (int $index): array => $drawn[$index], array_keys($away)));
    }

    /**
     * The form once.
     *
     * @param  ?Colour  $fill  in the place of the layer's own, where that is a colour; the outline's likewise
     * @return list<Operation>
     */
    private function one(
        Layer $layer,
        Composition $composition,
        Moment $moment,
        Formed $formed,
        Affine $matrix,
        ?Colour $fill = null,
        ?Colour $edge = null,
    ): array {
        assert($layer->content instanceof ShapeContent);
        $at = $moment->at;
        $width = max(0.0, $layer->number('outlineWidth', $at));
        $path = $this->outlines->of($formed);
        $pictures = $this->pictures->on($layer, $composition, $moment);
        $coats = $layer->attached->outlines === [] ? null : new Coats($layer, $at, $formed->box, $pictures, $layer->content->ends);
        $coats?->add($path, new Affine, $matrix);
        $operations = $coats?->beneath($matrix) ?? [];
        $paint = Paints::of(Painted::fill(), $layer, $at, $formed->box);
        $paint = self::instead($paint, $fill);
        if ($paint !== null) {
            array_push($operations, ...Paints::painted($paint, [new Fill($path, $matrix, Paints::within($paint))], $matrix, $pictures));
        }
        $outline = $width > 0 ? self::instead(Paints::of(Painted::outline(), $layer, $at, $formed->box->grown($width / 2)), $edge) : null;
        if ($outline !== null) {
            $lines = new LineArtist($layer, $at, $width, Join::Miter, $layer->content->ends, pictures: $pictures);
            array_push(
                $operations,
                ...Paints::painted(
                    $outline, $lines->draw($path, $matrix, fn (Affine $own) => Paints::within($outline, $own)), $matrix, $pictures,
                ),
            );
        }

        return $coats === null ? $operations : [...$operations, ...$coats->over($matrix)];
    }

    /**
     * @template T
     *
     * @param  T  $paint
     * @return T|Colour|null another colour in the place of one; null for none that is seen
     */
    private static function instead(mixed $paint, ?Colour $colour): mixed
    {
        return $paint instanceof Colour && $colour !== null ? ($colour->isVisible() ? $colour : null) : $paint;
    }

    public function units(Layer $layer, PlacedCascade $cascade): int
    {
        $at = $layer->span->in;

        return (int) ceil(count(Repeats::placements($layer, $at, self::formed($layer, $at)->box)) / $cascade->every);
    }

    public function marks(Layer $layer, Composition $composition, int|float $at): array
    {
        $box = self::formed($layer, $at)->box;
        $placements = Repeats::placements($layer, $at, $box);
        $marks = [];
        foreach (self::changes($layer, $placements, $box, $at) as $index => $change) {
            $own = $placements[$index]->bounds($box);
            foreach ([new Point($own->left, $own->top), new Point($own->right, $own->bottom)] as $number => $corner) {
                $marks["$index $number"] = $change === null ? $corner : $change->about($corner);
            }
        }

        return $marks;
    }

    /**
     * @param  list<Affine>  $placements
     * @return list<?UnitChange> what cascades make of each; none where all of them rest
     */
    private static function changes(Layer $layer, array $placements, Box $box, int|float $at): array
    {
        $running = $layer->attached->cascades === [] ? [] : Running::of($layer->attached->cascades, $layer, $at);
        $changes = $running === [] ? [] : array_fill(0, count($placements), null);
        foreach ($running as $one) {
            $units = Repeats::units($placements, $box, $one->cascade->every);
            $unfolding = new Unfolding($one, $units, $layer->span);
            foreach ($changes as $index => $change) {
                $own = $unfolding->of((int) $units->of[$index], $at);
                $changes[$index] = $own === null || $change === null ? $own ?? $change : $change->and($own);
            }
        }

        return array_values($changes);
    }

    private static function formed(Layer $layer, int|float $at): Formed
    {
        assert($layer->content instanceof ShapeContent);

        return Formed::of($layer->content->form, $layer, $at);
    }

    public function seen(Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array
    {
        return Paints::beyond(
            $layer, $moment->at, $this->box($layer, $composition, $moment->at), $matrix, $this->pictures->on($layer, $composition, $moment),
        );
    }

    public function box(Layer $layer, Composition $composition, int|float $at): Box
    {
        $box = self::formed($layer, $at)->box;

        return Repeats::isOne($layer, $at) ? $box : Repeats::bounds(Repeats::placements($layer, $at, $box), $box);
    }
}
