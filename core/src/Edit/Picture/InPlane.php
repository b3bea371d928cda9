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
        if (! self::isTilted($before, $frame) || self::goes($layer) || $layer->point('position', $frame) == $from) {
            return $composition;
        }
        $tilted = Space::tilted(new Point(0, 0), 0, $before->number('tiltX', $frame), $before->number('tiltY', $frame));
        [$x, $y, $z] = $tilted->place($layer->point('position', $frame)->minus($from));
        $placed = PropertyTarget::put($composition, $layer, 'position', $frame, $from->plus(new Point(round($x, 3), round($y, 3))), $scope);

        $away = round($before->number('z', $frame) + $z, 3);
        $layer = $placed->layer($before->id);

        return $placed->replacing($layer->withProperty('z', $layer->properties['z']->mapValues(fn (): float => $away)));
    }
}
