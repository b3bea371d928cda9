<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\View;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Geometry\Vector;

/** What is touched of a layer that leaves the picture's plane: in its own plane, which it keeps. */
final class InPlane
{
    /** Where a place of the picture lies on the layer's plane, in composition pixels as they are without depth. */
    public static function at(Layer $layer, Composition $composition, int $frame, Point $seen): Point
    {
        return View::ofLayer($layer, $composition, $frame)?->inverse()->apply($seen) ?? $seen;
    }

    /** Where a place on the layer's plane comes to lie when what is seen there goes by so much. */
    public static function moved(Layer $layer, Composition $composition, int $frame, Point $flat, Point $by): Point
    {
        $seen = View::ofLayer($layer, $composition, $frame);

        return $seen === null ? $flat->plus($by) : $seen->inverse()->apply($seen->apply($flat)->plus($by));
    }

    /** Whether it is tilted on a frame, so that where it is moved in its plane is elsewhere, and farther away or nearer, in space. */
    public static function isTilted(Layer $layer, int $frame): bool
    {
        return $layer->hasDepth
            && (fmod($layer->number('tiltX', $frame), 360) !== 0.0 || fmod($layer->number('tiltY', $frame), 360) !== 0.0);
    }

    /** Whether either of what says where it stands in space has keyframes. */
    public static function goes(Layer $layer): bool
    {
        return ! $layer->rests(array_keys(array_intersect_key($layer->properties, ['position' => 0, 'x' => 0, 'y' => 0, 'z' => 0])));
    }

    /**
     * A layer whose place was changed as if it lay flat, in the plane in which it was before. One that goes anywhere is left as it is.
     *
     * @param  Layer  $before  as it was
     */
    public static function kept(Composition $composition, Layer $before, int $frame, Scope $scope): Composition
    {
        $layer = $composition->layer($before->id);
        $from = $before->kind->isSeen() ? $before->point('position', $frame) : new Point(0, 0);
        // With its scale its plane comes nearer to its anchor, or farther away.
        $deeper = $layer->anchorDepth($frame) - $before->anchorDepth($frame);
        $way = $before->kind->isSeen() ? $layer->point('position', $frame)->minus($from) : new Point(0, 0);
        $isKept = $deeper === 0.0 && (! self::isTilted($before, $frame) || $way == new Point(0, 0));
        if ($isKept || self::goes($layer)) {
            return $composition;
        }
        $tilted = Space::tilted(new Point(0, 0), 0, $before->number('tiltX', $frame), $before->number('tiltY', $frame));
        $to = $tilted->apply(new Vector($way->x, $way->y, $deeper));
        $place = $from->plus(new Point(round($to->x, 3), round($to->y, 3)));
        $placed = PropertyTarget::put($composition, $layer, 'position', $frame, $place, $scope);

        $away = round($before->number('z', $frame) + $to->z, 3);
        $layer = $placed->layer($before->id);

        return $placed->replacing($layer->withProperty('z', $layer->properties['z']->mapValues(fn (): float => $away)));
    }
}
