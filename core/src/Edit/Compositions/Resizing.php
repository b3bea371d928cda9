<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Compositions;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\PlacedGuide;
use Ricamo\Core\Document\Resized;
use Ricamo\Core\Geometry\Axis;
use Ricamo\Core\Geometry\Point;

/** What becomes of the layers when the picture's size changes. */
enum Resizing: string
{
    /** They stay where they are, counted from the top left corner. */
    case Corner = 'corner';
    /** They keep their size and their distance from the middle. */
    case Middle = 'middle';
    /** They grow or shrink about the middle, in their shape, as far as the old frame fits into the new one. */
    case Scale = 'scale';

    public function apply(Composition $resized, Composition $before): Composition
    {
        if ($resized->width === $before->width && $resized->height === $before->height) {
            return $resized;
        }
        $by = new Resized($before, $resized, match ($this) {
            self::Corner => null,
            self::Middle => 1.0,
            self::Scale => min($resized->width / $before->width, $resized->height / $before->height),
        });
        $guide = function (PlacedGuide $guide) use ($by): PlacedGuide {
            $moved = $by->aboutMiddle(new Point($guide->at, $guide->at));

            return new PlacedGuide($guide->axis, $guide->axis === Axis::X ? $moved->x : $moved->y);
        };

        return $resized->withLayers($resized->layers->map(
            fn (Layer $layer): Layer => $resized->layers->tree()->isGrouped($layer->id) ? $layer : $layer->kind->resized($layer, $by),
        ))
            ->with(['guides' => $this === self::Corner ? $resized->guides : array_map($guide, $resized->guides)]);
    }
}
