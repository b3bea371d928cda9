<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Closure;
use Ricamo\Core\Cascade\PlacedCascade;
use Ricamo\Core\Cascade\UnitChange;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Image;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Kind\Casting;
use Ricamo\Core\Kind\LayerCascades;
use Ricamo\Core\Kind\Moment;
use Ricamo\Core\Kind\UnitsInSpace;
use Ricamo\Core\Patch\Cutting;
use Ricamo\Core\Patch\Patch;
use Ricamo\Core\Patch\PatchForm;
use Ricamo\Core\Patch\PlacedPatchwork;
use Ricamo\Core\Path\Contours;
use WeakMap;

/**
 * What a layer shows that is cut into patches. Those that rest are cut out together, so that where they touch no border is seen; each of
 * the others is the same picture, cut out by itself and led to where its cascades have it.
 */
final readonly class PatchDrawing
{
    /** The most operations that a picture comes to in all of its patches; one that comes to more is not cut. */
    private const MOST = 40_000;

    /** Shadows whose softness differs by less than this factor are as soft as the softer one. */
    private const STEP = 1.3;

    /** So far beyond the picture, in drawn pixels, the outer patches are cut, so that its own edge is seen there as when it is whole. */
    private const BEYOND = 6.0;

    /** @var WeakMap<Layer, array<string, list<Patch>>> those of the frames before, as long as their picture stays as large */
    private WeakMap $known;

    /** @param  Closure(Layer, Composition, int|float): Box  $box  of what a layer shows, in its own space */
    public function __construct(private Closure $box)
    {
        $this->known = new WeakMap;
    }

    public static function cuts(Layer $layer): bool
    {
        return $layer->attached->patchwork?->on === true;
    }

    /** How many units of a cascade there are in a layer. */
    public function units(Layer $layer, Composition $composition, PlacedCascade $cascade): int
    {
        return (int) ceil(count($this->patches($layer, $composition, $layer->span->in)) / $cascade->every);
    }

    /** How high a patch is, on average. */
    public function height(Layer $layer, Composition $composition): float
    {
        $heights = array_map(
            fn (Patch $patch): float => $patch->box->height(), $this->patches($layer, $composition, $layer->span->in),
        );

        return $heights === [] ? 0.0 : array_sum($heights) / count($heights);
    }

    /**
     * Two corners of each patch, wherever it is at a moment.
     *
     * @return array<string, Point> in the layer's own space; none where all of them rest
     */
    public function marks(Layer $layer, Composition $composition, int|float $at): array
    {
        $patches = $this->patches($layer, $composition, $at);
        $marks = [];
        foreach (self::changes($layer, $patches, $at) as $index => $change) {
            [$left, , $right] = $patches[$index]->box->corners();
            foreach ([$left, $right] as $number => $corner) {
                $marks["$index $number"] = $change === null ? $corner : $change->about($corner);
            }
        }

        return $marks;
    }

    /**
     * @param  list<Operation>  $operations  what the layer shows, with its masks and effects, flat
     * @param  Affine  $matrix  from the layer's own space to the pixels that are drawn
     * @return list<Operation>
     */
    public function cut(array $operations, Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array
    {
        $look = self::look($layer, $moment->at);
        $exact = $this->patches($layer, $composition, $moment->at);
        $patches = $look->isPlain() ? $this->patches($layer, $composition, $moment->at, self::reach($operations, $matrix)) : $exact;
        $space = new UnitsInSpace($composition, $moment, $matrix);
        $changes = self::changes($layer, $patches, $moment->at);
        if (count($patches) * count($operations) > self::MOST) {
            return $space->seen($operations, null);
        }
        $isSolid = self::isSolid($operations);
        // A picture that stands upright is filled into the outline itself.
        $isFilled = $isSolid && $space->isFlat(null) && abs($matrix->b) < 1e-9 && abs($matrix->c) < 1e-9;
        $resting = array_values(array_filter(
            $isFilled ? $exact : $patches, fn (int $index): bool => ($changes[$index] ?? null) === null, ARRAY_FILTER_USE_KEY,
        ));
        if (count($resting) === count($patches) && $look->isBare()) {
            return $space->seen($operations, null);
        }
        $away = fn (UnitChange $change, Point $middle): float => $space->isThick()
            ? $space->away($change->depth, $middle)
            : $change->depth?->place($middle)[2] ?? 0.0;
        $pieces = [];
        if ($resting !== []) {
            $joined = Path::joined(array_map(fn (Patch $patch): Path => $patch->path, $resting));
            $pieces[] = [$joined, new UnitChange, $away(new UnitChange, $joined->bounds()?->centre() ?? new Point(0, 0))];
        }
        foreach ($changes as $index => $change) {
            if ($change !== null && $change->opacity > 0 && abs($change->matrix->determinant()) > 1e-12) {
                $middle = $change->matrix->apply($patches[$index]->box->centre());
                $pieces[] = [$patches[$index]->path, $change, $away($change, $middle)];
            }
        }
        $paths = array_map(fn (Patch $patch): Path => $patch->path, $exact);

        return self::seen($operations, $look, $pieces, $paths, $space, $matrix, $moment);
    }

    /**
     * A picture that falls apart.
     *
     * @param  list<Operation>  $operations  what it shows, flat
     * @param  list<array{Path, ?Space}>  $parts  what is inside each path, and how that leaves the plane, both in the layer's own space
     * @param  Affine  $matrix  from there to the pixels that are drawn
     * @return list<Operation>
     */
    public static function parted(array $operations, array $parts, Composition $composition, Moment $moment, Affine $matrix): array
    {
        $space = new UnitsInSpace($composition, $moment, $matrix);
        $pieces = array_map(fn (array $part): array => [
            $part[0], new UnitChange(depth: $part[1]), $space->away($part[1], $part[0]->bounds()?->centre() ?? new Point(0, 0)),
        ], $parts);

        return self::seen($operations, PatchLook::none(), $pieces, [], $space, $matrix, $moment);
    }

    /**
     * @param  list<Operation>  $operations
     * @param  list<array{Path, UnitChange, float}>  $pieces  each with how far away it is
     * @param  list<Path>  $edges  of all that have one
     * @return list<Operation>
     */
    private static function seen(
        array $operations, PatchLook $look, array $pieces, array $edges, UnitsInSpace $space, Affine $matrix, Moment $moment,
    ): array {
        $isSolid = self::isSolid($operations);
        if ($moment->casting !== null) {
            return self::shadow($moment->casting, $pieces, $isSolid ? null : $operations, $matrix, $space);
        }
        // What is nearer covers what is farther away; of those that are equally far, the later one the earlier. Sorting keeps that order.
        usort($pieces, fn (array $one, array $other): int => $other[2] <=> $one[2]);
        $picture = new PatchPicture($operations, $look, $isSolid, $space, $matrix, $edges);
        $seen = [];
        $pulled = [];
        foreach ($pieces as [$path, $change]) {
            $shadow = $picture->shadow($path, $change);
            $piece = $picture->pulled($path, $change);
            if ($pulled !== [] && ($shadow !== [] || $piece === null)) {
                array_push($seen, ...$picture->pieces($pulled));
                $pulled = [];
            }
            array_push($seen, ...$shadow);
            if ($piece !== null) {
                $pulled[] = $piece;
            } else {
                array_push($seen, ...$picture->drawn($path, $change));
            }
        }

        return [...$seen, ...$picture->pieces($pulled)];
    }

    /** @param  list<Operation>  $operations */
    private static function isSolid(array $operations): bool
    {
        return count($operations) === 1 && $operations[0] instanceof Image && ! $operations[0]->alpha;
    }

    /**
     * The shadow that patches throw. Those about as soft are blurred as one, so that no light comes through where they touch.
     *
     * @param  list<array{Path, UnitChange, float}>  $pieces
     * @param  ?list<Operation>  $operations  the picture; null where it is opaque
     * @return list<Operation>
     */
    private static function shadow(Casting $casting, array $pieces, ?array $operations, Affine $matrix, UnitsInSpace $space): array
    {
        $alike = [];
        foreach ($pieces as [$path, $change]) {
            $cut = Outline::of($path->transformed($matrix));
            $depth = PatchPicture::depth($change);
            $shadow = $space->shadow($casting, $operations === null
                ? [new Fill(Outline::of($path), $matrix, new Colour(0, 0, 0))]
                : [new Group($operations, clip: $cut)], $depth);
            $softness = $shadow === [] || $cut->bounds === null ? 0.0 : $casting->softness($space->middle($depth, $cut->bounds));
            $step = $softness < 1 ? 0 : (int) round(log($softness, self::STEP));
            [$others, $softest] = $alike[$step] ?? [[], 0.0];
            $alike[$step] = [[...$others, ...Group::fade($shadow, $change->opacity)], max($softest, $softness)];
        }

        return array_merge(...array_map(fn (array $one): array => Casting::blurred(...$one), array_values($alike)));
    }

    /**
     * What a picture reaches over in the layer's own space; null where nothing is drawn.
     *
     * @param  list<Operation>  $operations
     */
    private static function reach(array $operations, Affine $matrix): ?Box
    {
        $extent = DisplayList::extentOf($operations);

        return $extent === null || ! $matrix->isUsable() || $matrix->isFlat()
            ? null
            : $matrix->inverse()->bounds($extent->grown(self::BEYOND));
    }

    /**
     * @param  ?Box  $reach  what the picture reaches over, which the outer patches take along
     * @return list<Patch>
     */
    private function patches(Layer $layer, Composition $composition, int|float $at, ?Box $reach = null): array
    {
        $patchwork = $layer->attached->patchwork;
        if ($patchwork === null) {
            return [];
        }
        [$gap, $rounding] = array_map(
            fn (string $name): float => max(0.0, $layer->number(PlacedPatchwork::ID.".$name", $at)), ['gap', 'rounding'],
        );
        $box = ($this->box)($layer, $composition, $at);
        $whole = $reach?->union($box) ?? $box;
        $path = $patchwork->form === PatchForm::Path ? $layer->value(PlacedPatchwork::ID.'.path', $at) : null;
        $along = $path instanceof Contours && ($path->all[0] ?? null)?->length() > 0 ? $path->all[0] : null;
        $key = implode(' ', [...$box->toJson(), ...$whole->toJson(), $gap, $rounding, $along === null ? '' : $path->key()]);
        $known = $this->known[$layer] ?? [];
        $patches = $known[$key] ?? (new Cutting(
            $patchwork->form, $patchwork->rows, $patchwork->columns, $patchwork->seed, $box, $whole, $gap, $rounding, $along,
        ))->patches();
        // As they are, and with what is seen beyond them.
        $this->known[$layer] = [$key => $patches] + array_slice($known, 0, 1, true);

        return $patches;
    }

    private static function look(Layer $layer, int|float $at): PatchLook
    {
        $number = fn (string $name): float => $layer->number(PlacedPatchwork::ID.".$name", $at);
        $colour = fn (string $name): Colour => $layer->colour(PlacedPatchwork::ID.".$name", $at);
        $away = deg2rad($number('angle'));

        return new PatchLook(
            $number('gap'), $number('rounding'), $number('edge'), $colour('edgeColour'), $colour('shadow'),
            new Point($number('distance') * cos($away), $number('distance') * sin($away)), $number('softness'),
        );
    }

    /**
     * @param  list<Patch>  $patches
     * @return list<?UnitChange> what cascades make of each; none where all of them rest
     */
    private static function changes(Layer $layer, array $patches, int|float $at): array
    {
        return LayerCascades::changes($layer, array_map(fn (Patch $patch): Box => $patch->box, $patches), $at, true);
    }
}
