<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Projection;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Geometry\Vector;

/**
 * From where a composition is seen: straight before its middle, so far away that its width is seen as a lens of LENS millimetres
 * sees it on a sensor of SENSOR millimetres, so that what has no depth is as large as it is; or through a camera.
 */
final readonly class View
{
    public const LENS = 50.0;

    public const SENSOR = 36.0;

    /** In composition pixels, as `middle` is. */
    public float $distance;

    public Point $middle;

    /**
     * @param  Affine  $drawn  from the composition's pixels to those that are drawn
     * @param  ?Space  $camera  leads what a camera sees to where the same is seen without one; null where there is none
     */
    public function __construct(Composition $composition, private Affine $drawn = new Affine, private ?Space $camera = null)
    {
        $this->distance = $composition->width * self::LENS / self::SENSOR;
        $this->middle = new Point($composition->width / 2, $composition->height / 2);
    }

    /** @return array{float, float, float} where the viewer is where there is no camera, in composition pixels */
    public function eye(): array
    {
        return [$this->middle->x, $this->middle->y, -$this->distance];
    }

    /** Where a point is seen without a camera; what is not before the viewer is led to the nearest that is. */
    public function seen(Vector $point): Point
    {
        $share = $this->distance / max(1.0, $this->distance + $point->z);

        return new Point(
            $this->middle->x + ($point->x - $this->middle->x) * $share, $this->middle->y + ($point->y - $this->middle->y) * $share,
        );
    }

    /**
     * How far something goes in space that is seen to go across the picture without a camera, and stays as far away.
     *
     * @param  Point  $by  in pixels of the picture
     * @param  Vector  $from  where it is
     */
    public function across(Point $by, Vector $from): Vector
    {
        $share = ($this->distance + $from->z) / $this->distance;

        return new Vector($by->x * $share, $by->y * $share, 0);
    }

    /**
     * How a plane is seen.
     *
     * @param  Space  $plane  from it to the space that its composition's pixels are in
     */
    public function of(Space $plane): Projection
    {
        return $this->led($plane)->seenFrom($this->middle, $this->distance)->before($this->drawn);
    }

    /** What is seen, led to where the same is seen without a camera. */
    public function led(Space $plane): Space
    {
        return $this->camera === null ? $plane : $this->camera->after($plane);
    }

    /**
     * How a layer's plane is seen, through the groups that it is in.
     *
     * @return ?Projection from the composition's pixels as they are without depth; null where that is where they are seen
     */
    public static function ofLayer(Layer $layer, Composition $composition, int|float $at): ?Projection
    {
        return self::through($layer, $composition, $at, $layer->depth($at));
    }

    /** What is seen of a small way that a layer is moved, in composition pixels; null where that is the way itself. */
    public static function around(Layer $layer, Composition $composition, int|float $at): ?Affine
    {
        return self::ofPlace($layer, $composition, $at)
            ?->around($composition->space($layer->id, $at)->apply($layer->point('position', $at)));
    }

    /**
     * How the plane is seen in which a layer is moved: as far away as its anchor, and tilted as the groups are that it is in.
     *
     * @return ?Projection as above; null as well where its anchor is not before the viewer
     */
    public static function ofPlace(Layer $layer, Composition $composition, int|float $at): ?Projection
    {
        $away = $layer->hasDepth ? $layer->number('z', $at) : 0.0;

        $own = $away === 0.0 ? null : Space::tilted($layer->point('position', $at), $away, 0, 0);
        $seen = self::through($layer, $composition, $at, $own);

        return $seen === null || $seen->distance($composition->space($layer->id, $at)->apply($layer->point('position', $at))) < Projection::NEAREST
            ? null
            : $seen;
    }

    /**
     * From the pixels that the places of layers count in to the composition's, with all depth of the groups that they are in.
     *
     * @param  list<Layer>  $groups  the nearest first
     */
    public static function within(array $groups, int|float $at): Space
    {
        $beyond = null;
        $space = new Affine;
        foreach (array_reverse($groups) as $group) {
            $beyond = self::placed($group->depth($at), $space, $beyond);
            $space = $space->after($group->matrix($at));
        }
        $flat = Space::flat($space);

        return $beyond === null ? $flat : $beyond->after($flat);
    }

    /** Where the anchor of a layer stands in the composition's space. */
    public static function anchorOf(Layer $layer, Composition $composition, int|float $at): Vector
    {
        $place = $layer->point('position', $at);

        return self::within(array_slice($composition->around($layer), 1), $at)
            ->apply(new Vector($place->x, $place->y, $layer->hasDepth ? $layer->number('z', $at) : 0.0));
    }

    private static function through(Layer $layer, Composition $composition, int|float $at, ?Space $own): ?Projection
    {
        $beyond = null;
        $space = new Affine;
        foreach (array_reverse($composition->layers->tree()->above($layer->id)) as $id) {
            $group = $composition->layer($id);
            $beyond = self::placed($group->depth($at), $space, $beyond);
            $space = $space->after($group->matrix($at));
            if ($space->isFlat()) {
                return null;
            }
        }
        $beyond = self::placed($own, $space, $beyond);
        $camera = $composition->isPassedBy($layer) ? null : $composition->cameras()?->at($at);

        return $beyond === null && $camera === null
            ? null
            : (new self($composition, camera: $camera))->of($beyond ?? Space::flat(new Affine));
    }

    /**
     * @param  ?Space  $own  how a layer leaves the plane in which it is placed
     * @param  Affine  $space  of that plane, as it is drawn
     * @param  ?Space  $beyond  how that plane leaves the picture's, as it is drawn
     * @return ?Space how the layer's plane leaves the picture's, as it is drawn
     */
    public static function placed(?Space $own, Affine $space, ?Space $beyond): ?Space
    {
        if ($own === null) {
            return $beyond;
        }
        $own = Space::flat($space)->after($own)->after(Space::flat($space->inverse()));

        return $beyond === null ? $own : $beyond->after($own);
    }
}
