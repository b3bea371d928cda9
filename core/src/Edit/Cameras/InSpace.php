<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Cameras;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Vector;
use Ricamo\Core\Json\Node;

/** A place of three coordinates, which layers hold as a point and a depth. */
final class InSpace
{
    /** What differs by less, in pixels, is left as it is, so that what does not move is given no keyframe. */
    private const SAME = 5e-4;

    /**
     * Puts a place into two properties of a layer, to a thousandth of a pixel.
     *
     * @param  string  $across  the property of x and y; the other one is that of z
     */
    public static function put(
        Composition $composition, string $id, string $across, string $away, int $frame, Vector $to, Scope $scope,
    ): Composition {
        $layer = $composition->layer($id);
        $now = $layer->point($across, $frame);
        if (hypot($now->x - $to->x, $now->y - $to->y) > self::SAME) {
            $composition = PropertyTarget::put($composition, $layer, $across, $frame, new Point($to->x, $to->y), $scope);
        }
        if (abs($layer->number($away, $frame) - $to->z) > self::SAME) {
            $target = PropertyTarget::of($layer, $away);
            $composition = $target->set(
                $composition, $frame, $target->definition($layer)->read(new Node(round($to->z, 3), $away)), $scope,
            );
        }

        return $composition;
    }
}
