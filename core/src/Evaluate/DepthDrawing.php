<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Closure;
use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Display\Filter\Blur;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\InSpace;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\KeepsSpace;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Surface;
use Ricamo\Core\Document\View;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Projection;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Geometry\Vector;
use Ricamo\Core\Kind\Lighting;
use Ricamo\Core\Kind\Moment;
use Ricamo\Core\Kind\Solid\Solid;
use Ricamo\Core\Kind\UnitsInSpace;
use Ricamo\Core\Move\Change;

/**
 * What layers draw that leave the picture's plane. Each is drawn flat, with all that is done to it, and that plane is then seen from
 * where the viewer is. A group hands its space down, so that what is in it keeps its own depth, unless masks or effects take it as
 * one picture. A bundle is one unless it keeps its space.
 */
final readonly class DepthDrawing
{
    /** How many times larger than flat a sheet may be drawn, so that what comes near keeps its detail. */
    private const SIZES = [1.0, 1.5, 2.0, 3.0, 4.0];

    /** How far a sheet may reach beyond the frame, in pixels: less than renderers draw there (`docs/display-list.md`). */
    private const ROOM = 1400.0;

    /** What is blurred by less, in pixels that are drawn, is sharp. */
    private const SHARP = 0.25;

    /** How far effects may reach beyond a layer, in pixels, besides its own size. */
    private const BESIDE = 300.0;

    /** The same of a plain layer: by how much its outline may. */
    private const AROUND = 60.0;

    /**
     * @param  Closure(Layer, Composition, Moment): list<Operation>  $flat  what a layer draws in its plane
     * @param  Closure(Layer, Composition, int|float): Box  $box  of what a layer shows, in its own space
     * @param  Closure(Layer, Composition, int|float): bool  $isOnePicture  whether a layer that holds others is taken as one picture
     * @param  Closure(Layer, Composition, int|float): Change  $change  what is made of a layer as it comes, goes or is accented
     */
    public function __construct(
        private Closure $flat, private Closure $box, private Closure $isOnePicture, private Closure $change, private Shadows $shadows,
    ) {
    }

    /** @return list<Operation> */
    public function draw(Layer $layer, Composition $composition, Moment $moment): array
    {
        $change = $layer->life->leavesPlane() ? ($this->change)($layer, $composition, $moment->at) : new Change;
        $own = $layer->depthMoved($change->space, $moment->at);
        if ($moment->space->isFlat()) {
            return [];
        }
        $beyond = View::placed($own, $moment->space, $moment->beyond);
        $moment = $layer->switches->takesLight ? $moment : $moment->unlit();
        $keepsSpace = $layer->content instanceof KeepsSpace && $layer->content->keepsSpace();
        $surface = Surface::of($layer, $moment->at);
        $isThick = $surface->thickness > 0 && $moment->casting === null;
        if ($beyond === null && $moment->isInPlane() && $moment->lights() === [] && ! $isThick && ! $keepsSpace) {
            return ($this->flat)($layer, $composition, $moment);
        }
        $isParted = $change->parts !== [];
        $holds = ($layer->kind->holdsLayers() || $keepsSpace) && ! PatchDrawing::cuts($layer) && ! $isParted;
        $hasParts = ($holds || $isParted || UnitsInSpace::areIn($layer, $moment->at))
            && ! ($this->isOnePicture)($layer, $composition, $moment->at);
        if ($hasParts) {
            $parts = $keepsSpace && $holds ? $moment->beyond($beyond)->opened() : $moment->beyond($beyond);
            $parts = $holds ? $parts : $parts->receiving(
                $surface, $this->shadows->on($layer, $composition, $moment),
            );
            $operations = ($this->flat)($layer, $composition, $parts);

            // Each layer in a group is in or out of focus by itself, and so is the shadow of each unit.
            return $operations === [] || $holds || $moment->casting !== null
                ? $operations
                : $this->focused($operations, $layer, $composition, $moment, $beyond);
        }
        $operations = $this->whole($layer, $composition, $moment, $beyond, $surface);

        return $operations === [] ? [] : $this->focused($operations, $layer, $composition, $moment, $beyond);
    }

    /**
     * What is seen of a layer: its plane, and its sides where it has a thickness.
     *
     * @param  ?Space  $beyond  how the plane leaves the picture's, as it is drawn
     * @return list<Operation>
     */
    private function whole(Layer $layer, Composition $composition, Moment $moment, ?Space $beyond, Surface $surface): array
    {
        $matrix = $surface->thickness > 0 ? $moment->space->after($layer->matrix($moment->at)) : new Affine;
        $solid = Solid::of($composition, $moment, $surface, sqrt(abs($matrix->determinant())));
        if ($solid === null) {
            return $this->plane($layer, $composition, $moment, $beyond);
        }
        $face = $solid->face($beyond);

        return [
            ...$solid->sides(($this->flat)($layer, $composition, $moment->onSheet()), $beyond),
            ...($face === null ? [] : $this->plane($layer, $composition, $moment, $solid->plane($beyond, $face))),
        ];
    }

    /**
     * What is seen of a layer's plane.
     *
     * @param  ?Space  $beyond  how it leaves the picture's, as it is drawn
     * @return list<Operation>
     */
    private function plane(Layer $layer, Composition $composition, Moment $moment, ?Space $beyond): array
    {
        $frame = $moment->frameSpace;
        if ($frame->isFlat()) {
            return [];
        }
        if ($beyond === null && $moment->isInPlane()) {
            return $this->lit(new Affine, $layer, $composition, $moment, $beyond);
        }
        $seen = $moment->seen($beyond, $composition);
        if ($seen->isEdgeOn()) {
            return [];
        }
        $upright = $moment->casting === null ? $seen->upright() : null;
        if ($upright !== null) {
            return $seen->i < Projection::NEAREST ? [] : $this->lit($upright, $layer, $composition, $moment, $beyond);
        }
        $sheet = $this->sheet($layer, $composition, $moment, $seen, $beyond);
        if ($sheet === null) {
            return [];
        }
        [$part, $laid] = $sheet;

        return InSpace::seen(
            $this->lit($laid, $layer, $composition, $moment, $beyond), $seen->after($laid->inverse()), $laid->bounds($part),
        );
    }

    /**
     * What a layer draws in its plane, and what lights make of it.
     *
     * @param  Affine  $laid  by which the plane is moved as it is drawn
     * @return list<Operation>
     */
    private function lit(Affine $laid, Layer $layer, Composition $composition, Moment $moment, ?Space $beyond): array
    {
        $operations = ($this->flat)($layer, $composition, $moment->onSheet()->moved($laid));
        $lights = $moment->lights();
        if ($moment->casting !== null) {
            $extent = DisplayList::extentOf($operations);

            return $extent === null ? [] : $moment->casting->before(
                $operations, $extent->grown(1), $moment->inFrame($beyond)->after(Space::flat($laid->inverse())),
            );
        }

        if ($lights === [] || $operations === []) {
            return $operations;
        }
        $lighting = new Lighting($lights, $moment->eye($composition), Surface::of($layer, $moment->at));

        return $lighting->on(
            $operations, $moment->inFrame($beyond)->after(Space::flat($laid->inverse())), $this->shadows->on($layer, $composition, $moment),
        );
    }

    /**
     * As sharp as the camera sees it: all of a layer as its middle is.
     *
     * @param  non-empty-list<Operation>  $operations
     * @return list<Operation>
     */
    private function focused(array $operations, Layer $layer, Composition $composition, Moment $moment, ?Space $beyond): array
    {
        $middle = $moment->space->after($layer->matrix($moment->at))->apply(($this->box)($layer, $composition, $moment->at)->centre());
        if ($moment->casting !== null) {
            return $moment->casting->softened($operations, new Vector(...$moment->inFrame($beyond)->place($middle)));
        }
        $softness = $moment->softness($beyond, $middle, $composition);
        $blur = (new Blur($softness))->placed($moment->frameSpace);

        return $blur->deviation < self::SHARP ? $operations : [new Group($operations, filters: [$blur])];
    }

    /**
     * How a layer's plane is laid on a sheet: as large as its nearest part is seen, as far as there is room around the frame.
     *
     * @return array{Box, Affine}|null the part of the plane that can be seen, and the matrix from there to the sheet; null where none can
     */
    private function sheet(Layer $layer, Composition $composition, Moment $moment, Projection $seen, ?Space $beyond): ?array
    {
        $frame = $moment->window($composition);
        $plane = $moment->space->after($layer->matrix($moment->at))->bounds(($this->box)($layer, $composition, $moment->at));
        $reachesBeyond = $layer->attached->effects !== [] || ! $layer->life->isPlain() || $layer->kind->holdsLayers();
        $beside = $moment->casting === null || $reachesBeyond ? self::BESIDE + $plane->longer() : self::AROUND;
        // What is not in the frame may be seen all the same, in a bundle or in a group that is tilted as one picture.
        $corners = $moment->casting?->throwing($plane->grown($beside), $moment->inFrame($beyond))
            ?? $seen->within($plane->grown($beside), $frame->grown($frame->longer() / 2));
        if ($corners === []) {
            return null;
        }
        $part = Box::around($corners);
        $largest = max(array_map($seen->enlargement(...), $corners));
        $steps = array_filter(self::SIZES, fn (float $size): bool => $size >= $largest - 0.1);
        $room = $frame->grown(self::ROOM);
        $size = min(
            $steps === [] ? max(self::SIZES) : min($steps),
            $room->width() / max(1e-9, $part->width()),
            $room->height() / max(1e-9, $part->height()),
        );
        // As it lies where that has room: what stands upright then keeps its sharp edges.
        if ($size === 1.0 && $room->intersection($part) == $part) {
            return [$part, new Affine];
        }
        [$from, $to] = [$part->centre(), $frame->centre()];

        return [$part, new Affine($size, 0, 0, $size, $to->x - $size * $from->x, $to->y - $size * $from->y)];
    }
}
