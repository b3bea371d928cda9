<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Cascade\Running;
use Ricamo\Core\Display\DisplayList;
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
use Ricamo\Core\Geometry\Vector;
use Ricamo\Core\Kind\Solid\Solid;

/**
 * The units of a layer that leave its plane one by one. Each is drawn flat, where its cascade has it within the layer's plane, and is
 * then seen as it is tilted and as far away as it is, together with all that the layer itself is in.
 */
final readonly class UnitsInSpace
{
    /** How far beyond the frame, in parts of it, something may be seen all the same: in a group that is tilted as one picture. */
    private const BESIDE = 0.5;

    private Lighting $lighting;

    /** What units are that have a thickness; null where they are flat. */
    private ?Solid $solid;

    /** @param  Affine  $matrix  from the layer's own space to the pixels that are drawn */
    public function __construct(private Composition $composition, private Moment $moment, private Affine $matrix)
    {
        $lights = $moment->lights();
        $this->lighting = new Lighting($lights, $lights === [] ? new Vector(0, 0, 0) : $moment->eye($composition), $moment->surface);
        $scale = sqrt(abs($matrix->determinant()));
        $this->solid = $moment->surface === null ? null : Solid::of($composition, $moment, $moment->surface, $scale);
    }

    /** Whether the cascades of a layer lead what it consists of out of its plane at a moment. */
    public static function areIn(Layer $layer, int|float $at): bool
    {
        $cascades = $layer->attached->cascades;
        foreach ($cascades === [] ? [] : [...Running::of($cascades, $layer, $at), ...Running::of($cascades, $layer, $at, true)] as $one) {
            if ($one->leavesPlane()) {
                return true;
            }
        }

        return false;
    }

    /** Whether a unit is drawn as it is seen, and where. */
    public function isFlat(?Space $depth): bool
    {
        return $this->isInPlane($depth) && $this->lighting->isNone() && $this->solid === null;
    }

    /** Whether units have a thickness, so that those which are farther away have to be drawn before the nearer ones. */
    public function isThick(): bool
    {
        return $this->solid !== null;
    }

    /**
     * How far from the viewer a point of a unit is, in composition pixels.
     *
     * @param  ?Space  $depth  how the unit leaves the layer's plane, in the layer's own space
     * @param  Point  $point  in that space
     */
    public function away(?Space $depth, Point $point): float
    {
        $place = new Vector(...$this->stands($depth)->place($this->matrix->apply($point)));

        return $place->minus($this->moment->eye($this->composition))->length();
    }

    private function isInPlane(?Space $depth): bool
    {
        return $depth === null && $this->moment->isInPlane();
    }

    /**
     * @param  list<Operation>  $operations  what a unit shows in the layer's plane
     * @param  ?Space  $depth  how it leaves that, in the layer's own space
     * @param  ?Box  $part  of what is drawn, the part that can be seen; null for all of it
     * @return list<Operation>
     */
    public function seen(array $operations, ?Space $depth, ?Box $part = null): array
    {
        if ($this->moment->casting !== null) {
            $extent = DisplayList::extentOf($operations);

            return $extent === null ? [] : $this->moment->casting->softened(
                $this->shadow($this->moment->casting, $operations, $depth), $this->middle($depth, $extent),
            );
        }
        if ($this->solid === null) {
            return $this->face($operations, $depth, $part);
        }
        $beyond = View::placed($depth, $this->matrix, $this->moment->beyond);
        $face = $this->solid->face($beyond);
        $own = Space::flat($this->matrix);
        $back = $face === 1.0 ? $own->inverse()->after($this->solid->plane(null, $face) ?? Space::away(0))->after($own) : null;

        return [
            ...$this->solid->sides($operations, $beyond),
            ...($face === null ? [] : $this->face($operations, $back === null ? $depth : ($depth?->after($back) ?? $back), $part)),
        ];
    }

    /**
     * @param  list<Operation>  $operations
     * @param  ?Box  $part  of what is drawn, the part that can be seen; null for all of it
     * @return list<Operation> one of the two faces
     */
    private function face(array $operations, ?Space $depth, ?Box $part): array
    {
        $operations = $this->lit($operations, $depth);
        if ($this->isInPlane($depth)) {
            return $operations;
        }
        $extent = $part ?? DisplayList::extentOf($operations)?->grown(1);
        $view = $extent === null ? null : $this->view($depth, $extent);

        return $view === null ? [] : InSpace::seen($operations, ...$view);
    }

    /**
     * The shadow of a unit, sharp.
     *
     * @param  list<Operation>  $operations  what it shows in the layer's plane
     * @param  ?Space  $depth  how it leaves that, in the layer's own space
     * @return list<Operation>
     */
    public function shadow(Casting $casting, array $operations, ?Space $depth): array
    {
        $extent = DisplayList::extentOf($operations)?->grown(1);
        $view = $extent === null ? null : $this->view($depth, $extent);

        return $extent === null || $view === null
            ? []
            : InSpace::seen($casting->before($operations, $extent, $this->stands($depth)), ...$view);
    }

    /** Where the middle of what a unit shows is in the composition's space. @param  Box  $extent  of that, as it is drawn */
    public function middle(?Space $depth, Box $extent): Vector
    {
        return new Vector(...$this->stands($depth)->place($extent->centre()));
    }

    /** From what is drawn of a unit to the composition's space. */
    private function stands(?Space $depth): Space
    {
        return $this->moment->inFrame(View::placed($depth, $this->matrix, $this->moment->beyond));
    }

    /**
     * What lights make of what a unit shows.
     *
     * @param  list<Operation>  $operations
     * @param  ?Space  $depth  how it leaves the layer's plane, in the layer's own space
     * @return list<Operation>
     */
    private function lit(array $operations, ?Space $depth): array
    {
        $plane = $this->plane($depth);

        return $plane === null ? $operations : $this->lighting->on($operations, $plane, $this->moment->shadows);
    }

    /**
     * By what all colours of a unit are multiplied where it is lit.
     *
     * @param  Box  $extent  of what it shows, as it is drawn
     * @return array{float, float, float}|null red, green and blue; null where light falls on some of it otherwise than on the rest
     */
    public function light(?Space $depth, Box $extent): ?array
    {
        $plane = $this->plane($depth);

        return $plane === null ? [1.0, 1.0, 1.0] : $this->lighting->evenly($plane, $extent, $this->moment->shadows);
    }

    /** @return ?Space from what is drawn of a unit to the composition's space; null where nothing is shaded */
    private function plane(?Space $depth): ?Space
    {
        return $this->lighting->isNone() || $this->moment->frameSpace->isFlat()
            ? null
            : $this->stands($depth);
    }

    /**
     * How a unit's plane is seen that leaves the picture's.
     *
     * @param  ?Space  $depth  how it leaves the layer's plane, in the layer's own space
     * @param  Box  $extent  of what it shows there, as it is drawn
     * @return array{Projection, Box}|null with the part of it that can be seen; null where none can
     */
    public function view(?Space $depth, Box $extent): ?array
    {
        $beyond = View::placed($depth, $this->matrix, $this->moment->beyond);
        $frame = $this->moment->frameSpace;
        if (($beyond === null && $this->moment->isInPlane()) || $frame->isFlat()) {
            return null;
        }
        $seen = $this->moment->seen($beyond, $this->composition);
        $whole = $this->moment->window($this->composition);
        $corners = $seen->isEdgeOn() ? [] : $this->moment->casting?->throwing($extent, $this->stands($depth))
            ?? $seen->within($extent, $whole->grown($whole->longer() * self::BESIDE));

        return $corners === [] ? null : [$seen, Box::around($corners)];
    }
}
