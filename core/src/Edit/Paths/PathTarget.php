<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Paths;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Kind\MaskPlaces;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Refusal;
use Ricamo\Core\Value\Type\PathType;

/** A path of a layer that is edited on a frame: its own, or that of one of its masks. */
final readonly class PathTarget
{
    public function __construct(
        #[Id] private string $layer,
        #[Frame] public int $frame,
        #[Id('path, or that of a mask, as m1.path, or p1.path, which a layer is cut along')] private string $property = 'path',
    ) {
    }

    public function layer(Composition $composition): Layer
    {
        return $composition->layer($this->layer);
    }

    /** @throws Refusal where there is no such path */
    public function path(Composition $composition): Contours
    {
        $layer = $this->layer($composition);
        $definition = PropertyTarget::of($layer, $this->property)->definition($layer);
        $path = $definition->type instanceof PathType ? $layer->value($this->property, $this->frame) : null;

        return $path instanceof Contours ? $path : throw new Refusal("{$this->property} of “{$layer->name}” is not a path");
    }

    public function property(Composition $composition): Property
    {
        return $this->layer($composition)->properties[$this->property];
    }

    /** From the space of the path to the composition's pixels. */
    public function matrix(Composition $composition): Affine
    {
        $layer = $this->layer($composition);
        foreach ($layer->attached->masks as $mask) {
            if ("{$mask->id}.path" === $this->property) {
                return MaskPlaces::matrix($mask, $layer, $composition, $this->frame);
            }
        }

        return $composition->spaceOf($layer, $this->frame);
    }

    /**
     * A distance in composition pixels as one in the path's space.
     *
     * @throws Refusal where the layer has no size on that frame
     */
    public function distance(Composition $composition, Point $by): Point
    {
        $matrix = $this->matrix($composition);
        if ($matrix->isFlat()) {
            throw new Refusal("“{$this->layer($composition)->name}” has no size on frame {$this->frame}");
        }

        return (new Affine($matrix->a, $matrix->b, $matrix->c, $matrix->d))->inverse()->apply($by);
    }

    public function with(Composition $composition, Property $property): Composition
    {
        return $composition->replacing($this->layer($composition)->withProperty($this->property, $property));
    }

    public function name(): string
    {
        return $this->property;
    }

    /** @throws Refusal where there is no such line in it */
    public static function contour(Contours $path, int $number): Contour
    {
        return $path->all[$number] ?? throw new Refusal("There is no line $number in that path");
    }

    /** With another line in the place of one, or with none there. */
    public static function replacing(Contours $path, int $number, ?Contour $contour): Contours
    {
        $all = $path->all;
        array_splice($all, $number, 1, $contour === null ? [] : [$contour]);

        return new Contours($all);
    }

    /** To a thousandth of a pixel, as it is written. */
    public static function exact(Contours $path): Contours
    {
        return Contours::parse($path->write());
    }
}
