<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Compositions;

use Ricamo\Core\Document\Axes;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Depth;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\PlacedGuide;
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
        $factor = $this === self::Scale ? min($resized->width / $before->width, $resized->height / $before->height) : 1.0;
        if ($this === self::Corner || ($resized->width === $before->width && $resized->height === $before->height)) {
            return $resized;
        }
        $place = fn (Point $point): Point => new Point(
            round($resized->width / 2 + $factor * ($point->x - $before->width / 2), 3),
            round($resized->height / 2 + $factor * ($point->y - $before->height / 2), 3),
        );
        $guide = function (PlacedGuide $guide) use ($place): PlacedGuide {
            $moved = $place(new Point($guide->at, $guide->at));

            return new PlacedGuide($guide->axis, $guide->axis === Axis::X ? $moved->x : $moved->y);
        };

        $placed = fn (Layer $layer): Layer => Axes::through($layer, fn (Layer $one): Layer => self::placed($one, $place, $factor));

        return $resized->withLayers($resized->layers->map(
            fn (Layer $layer): Layer => $resized->layers->tree()->isGrouped($layer->id) ? $layer : $placed($layer),
        ))
            ->with(['guides' => array_map($guide, $resized->guides)]);
    }

    /** @param  callable(Point): Point  $place */
    private static function placed(Layer $layer, callable $place, float $factor): Layer
    {
        return ! $layer->kind->isSeen() ? $layer : $layer->with(['properties' => [
            ...$layer->properties,
            'position' => $layer->properties['position']->mapPoints($place),
            ...($factor === 1.0 ? [] : ['scale' => $layer->properties['scale']->mapPoints(
                fn (Point $scale): Point => new Point(round($scale->x * $factor, 6), round($scale->y * $factor, 6)),
            )]),
            ...($factor === 1.0 || ! $layer->hasDepth ? [] : ['z' => Depth::scaled($layer->properties['z'], $factor)]),
        ]]);
    }
}
