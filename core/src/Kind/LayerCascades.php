<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Cascade\Running;
use Ricamo\Core\Cascade\Unfolding;
use Ricamo\Core\Cascade\UnitChange;
use Ricamo\Core\Cascade\UnitSet;
use Ricamo\Core\Display\Filter\Blur;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Box;

/** What the cascades of a group make of the layers in it, and those of a layer that is cut of its patches. */
final class LayerCascades
{
    /**
     * @param  list<Box>  $boxes  of what is in the group, in its space, from the bottom to the top, or of the patches
     * @return list<?UnitChange> of each; null for what rests, none at all where all of it rests
     */
    public static function changes(Layer $group, array $boxes, int|float $at, bool $ofPatches = false): array
    {
        $running = $group->attached->cascades === [] || $boxes === []
            ? []
            : Running::of($group->attached->cascades, $group, $at, $ofPatches);
        if ($running === []) {
            return [];
        }
        $middle = array_reduce($boxes, fn (Box $all, Box $one): Box => $all->union($one), $boxes[0])->centre();
        $changes = array_fill(0, count($boxes), null);
        foreach ($running as $one) {
            $units = array_chunk($boxes, $one->cascade->every);
            $joined = array_map(
                fn (array $of): Box => array_reduce($of, fn (Box $all, Box $box): Box => $all->union($box), $of[0]), $units,
            );
            $unfolding = new Unfolding($one, new UnitSet($joined, array_fill(0, count($joined), $middle), []), $group->span);
            foreach ($changes as $index => $change) {
                $own = $unfolding->of(intdiv($index, $one->cascade->every), $at);
                $changes[$index] = $own === null || $change === null ? $own ?? $change : $change->and($own);
            }
        }

        return $changes;
    }

    /**
     * What a layer shows that has been moved already, as opaque and as sharp as it is now.
     *
     * @param  non-empty-list<Operation>  $operations
     * @param  float  $scale  how many of the pixels that are drawn are one of the group's
     * @return list<Operation>
     */
    public static function seen(array $operations, UnitChange $change, float $scale): array
    {
        $deviation = $change->blur * $scale;
        $filters = $deviation >= 0.05 ? [new Blur($deviation)] : [];

        return match (true) {
            $change->opacity <= 0 => [],
            $filters === [] && $change->opacity >= 1 => $operations,
            $filters === [] && count($operations) === 1 => [$operations[0]->faded($change->opacity)],
            default => [new Group($operations, $change->opacity, filters: $filters)],
        };
    }
}
