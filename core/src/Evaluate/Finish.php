<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Closure;
use Ricamo\Core\Display\Filter\Filter;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\MaskPart;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Kind\MaskArtist;
use Ricamo\Core\Kind\Moment;
use Ricamo\Core\Mask\PlacedMask;
use Ricamo\Core\Property\AttachedSettings;

/** What is done to what a layer shows: its masks, its effects, and what its arriving and leaving make of it. */
final readonly class Finish
{
    /**
     * @param  Closure(Layer, Composition, int|float): Box  $box  of what a layer shows, in its own space
     * @param  Closure(Layer, Composition, Moment): list<Operation>  $drawn  what a layer draws, with all that is done to it
     */
    public function __construct(private Closure $box, private Closure $drawn)
    {
    }

    /**
     * What a layer shows, with its masks and effects.
     *
     * @param  list<Operation>  $operations
     * @param  Affine  $matrix  from the layer's own space to the pixels that are drawn
     * @return list<Operation>
     */
    public function done(array $operations, Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array
    {
        $operations = $operations === [] || $layer->attached->masks === []
            ? $operations
            : $this->masked($operations, $layer, $composition, $moment, $matrix);

        return $operations === [] || $layer->attached->effects === []
            ? $operations
            : $this->withEffects($operations, $layer, $composition, $moment->at, $matrix);
    }

    /**
     * The same as it comes or goes.
     *
     * @param  list<Operation>  $operations
     * @param  list<Path>  $clips  in the composition's space, as the filters are
     * @param  list<Filter>  $filters
     * @return list<Operation>
     */
    public function changed(array $operations, Affine $space, array $clips, array $filters, float $opacity): array
    {
        if ($filters !== [] && $operations !== []) {
            $operations = [new Group($operations, filters: array_map(fn (Filter $filter): Filter => $filter->placed($space), $filters))];
        }
        foreach ($operations === [] ? [] : $clips as $clip) {
            $operations = [new Group($operations, 1.0, Outline::of($clip->transformed($space)))];
        }

        return Group::fade($operations, $opacity);
    }

    /**
     * @param  non-empty-list<Operation>  $operations
     * @return list<Operation>
     */
    public function masked(array $operations, Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array
    {
        $other = fn (string $id): array => $this->asMask($composition->layers->get($id), $layer, $composition, $moment);
        // What is drawn as a mask is itself not masked by other layers, so that no two of them wait for one another.
        $isDrawn = fn (PlacedMask $mask): bool => $mask->layer === null || (! $moment->isMask && $composition->layers->has($mask->layer));
        $on = array_values(array_filter($layer->attached->masks, fn (PlacedMask $mask): bool => $mask->on && $isDrawn($mask)));
        $box = fn (): Box => ($this->box)($layer, $composition, $moment->at);
        $parts = array_map(
            fn (PlacedMask $mask): MaskPart => MaskArtist::part($mask, $layer, $moment->at, $matrix, $moment->space, $other, $box), $on,
        );

        return $parts === [] ? $operations : [new Group($operations, masks: $parts)];
    }

    /**
     * What a layer shows that is a mask of another, wherever the groups are that the two are in.
     *
     * @param  ?Layer  $mask  null for one that is gone
     * @return list<Operation>
     */
    private function asMask(?Layer $mask, Layer $of, Composition $composition, Moment $moment): array
    {
        $tree = $composition->layers->tree();
        if (
            $mask === null
            || ! $mask->kind->isSeen()
            || ! $mask->span->contains($moment->frame)
            || in_array($mask->id, $tree->above($of->id), true)
        ) {
            return [];
        }
        $space = $moment->space;
        if ($tree->groupOf($mask->id) !== $tree->groupOf($of->id)) {
            $own = $composition->space($of->id, $moment->at);
            if ($own->isFlat()) {
                return [];
            }
            $space = $space->after($own->inverse())->after($composition->space($mask->id, $moment->at));
        }

        return ($this->drawn)($mask, $composition, $moment->asMask($space));
    }

    /**
     * @param  non-empty-list<Operation>  $operations
     * @return list<Operation>
     */
    public function withEffects(array $operations, Layer $layer, Composition $composition, int|float $at, Affine $matrix): array
    {
        $place = new Place($matrix, ($this->box)($layer, $composition, $at), $at);
        foreach ($layer->attached->effects as $one) {
            if ($one->on && $operations !== []) {
                $operations = $one->effect->apply($operations, new Values(AttachedSettings::values($one, $layer, $at)), $place);
            }
        }

        return $operations;
    }
}
