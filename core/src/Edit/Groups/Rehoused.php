<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Groups;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Document\Axes;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Depth;
use Ricamo\Core\Document\Heading;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;

/** A layer in another group, or in none, that stays where it is in the picture. */
final class Rehoused
{
    /**
     * Exact where neither group is stretched along one axis alone or leaves the picture's plane, and as they stand at a frame where
     * they move.
     *
     * @param  ?string  $group  the id of the new one; null for none
     */
    public static function in(?string $group, string $id, Composition $composition, int $frame): Composition
    {
        $layer = $composition->layer($id);
        if ($layer->group === $group) {
            return $composition;
        }
        $moved = $composition->replacing($layer->with(['group' => $group]));
        if (! $layer->kind->isSeen()) {
            return $moved;
        }
        $way = $moved->space($id, $frame)->inverse()->after($composition->space($id, $frame));

        return $way->isIdentity()
            ? $moved
            : $moved->replacing(Axes::through($moved->layer($id), fn (Layer $one): Layer => self::placed($one, $way, $frame)));
    }

    /**
     * Seen from another space: turned by R(θ) and scaled by S, R(θ')S' is the way's linear part times R(θ)S, where each
     * keyframe's turn differs from the one at the frame as before, or the other way round where the way mirrors.
     */
    private static function placed(Layer $layer, Affine $way, int $frame): Layer
    {
        $own = $layer->number('rotation', $frame);
        $turn = $layer->switches->turnsAlong ? $own + Heading::of($layer, $frame) : $own;
        $turned = $way->after(Affine::rotation($turn));
        $x = hypot($turned->a, $turned->b);
        $y = $turned->determinant() / max(1e-12, $x);
        $sign = $way->determinant() < 0 ? -1 : 1;
        $now = rad2deg(atan2($turned->b, $turned->a));
        $now += 360 * round(($sign * $turn - $now) / 360);
        $place = fn (Keyframe $keyframe): Keyframe => $keyframe->bend === null ? $keyframe : $keyframe->bent($keyframe->bend->placed($way));
        $properties = $layer->properties;
        $properties['position'] = $properties['position']->mapPoints(fn (Point $at): Point => self::rounded($way->apply($at)))
            ->mapKeyframes($place);
        $properties['scale'] = $properties['scale']->mapPoints(
            fn (Point $scale): Point => self::rounded(new Point($scale->x * $x, $scale->y * $y)),
        );
        if ($layer->hasDepth) {
            $properties['z'] = Depth::scaled($properties['z'], sqrt(abs($way->determinant())));
        }
        if ($layer->switches->turnsAlong) {
            // Its way turns with the space, and the layer with its way.
            $now -= Heading::of($layer->with(['properties' => $properties]), $frame);
            $now += 360 * round(($sign * $own - $now) / 360);
        }
        $properties['rotation'] = $properties['rotation']->mapValues(
            fn (mixed $old): mixed => is_float($old) ? round($sign * ($old - $own) + $now, 6) : $old,
        );

        return $layer->with(['properties' => $properties]);
    }

    private static function rounded(Point $point): Point
    {
        return new Point(round($point->x, 6), round($point->y, 6));
    }
}
