<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Closure;
use Ricamo\Core\Display\InSpace;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\View;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Projection;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Kind\Moment;

/**
 * What layers draw that leave the picture's plane. Each is drawn flat, with all that is done to it, and that plane is then seen from
 * where the viewer is. A group hands its space down, so that what is in it keeps its own depth, unless masks or effects take it as
 * one picture; so does a bundle always.
 */
final readonly class DepthDrawing
{
    /** How many times larger than flat a sheet may be drawn, so that what comes near keeps its detail. */
    private const MOST_ENLARGED = 4;

    /**
     * @param  Closure(Layer, Composition, Moment): list<Operation>  $flat  what a layer draws in its plane
     * @param  Closure(Layer, Composition, int|float): Box  $box  of what a layer shows, in its own space
     * @param  Closure(Layer, Composition, int|float): bool  $isOnePicture  whether a layer that holds others is taken as one picture
     */
    public function __construct(private Closure $flat, private Closure $box, private Closure $isOnePicture)
    {
    }

    /** @return list<Operation> */
    public function draw(Layer $layer, Composition $composition, Moment $moment): array
    {
        $own = $layer->depth($moment->at);
        if ($moment->space->isFlat()) {
            return [];
        }
        $beyond = View::placed($own, $moment->space, $moment->beyond);
        if ($beyond === null) {
            return ($this->flat)($layer, $composition, $moment);
        }
        if ($layer->kind->holdsLayers() && ! ($this->isOnePicture)($layer, $composition, $moment->at)) {
            return ($this->flat)($layer, $composition, $moment->beyond($beyond));
        }
        $frame = $moment->frameSpace;
        if ($frame->isFlat()) {
            return [];
        }
        $seen = (new View($composition, $frame))->of(Space::flat($frame->inverse())->after($beyond));
        if ($seen->isEdgeOn()) {
            return [];
        }
        $moment = $moment->beyond(null);
        $upright = $seen->upright();
        if ($upright !== null) {
            return $seen->i < Projection::NEAREST ? [] : ($this->flat)($layer, $composition, $moment->moved($upright));
        }
        $enlarged = $this->enlarged($layer, $composition, $moment, $seen);

        return InSpace::seen(
            ($this->flat)($layer, $composition, $moment->moved(Affine::scaling($enlarged, $enlarged))),
            $seen->after(Affine::scaling(1 / $enlarged, 1 / $enlarged)),
        );
    }

    /** How much larger its sheet has to be for its nearest part: 1, 2 or 4 times. */
    private function enlarged(Layer $layer, Composition $composition, Moment $moment, Projection $seen): int
    {
        $matrix = $moment->space->after($layer->matrix($moment->at));
        $box = ($this->box)($layer, $composition, $moment->at);
        $most = max(array_map(fn (Point $corner): float => $seen->enlargement($matrix->apply($corner)), $box->corners()));

        return $most > 2.2 ? self::MOST_ENLARGED : ($most > 1.1 ? 2 : 1);
    }
}
