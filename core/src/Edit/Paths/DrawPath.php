<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Paths;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\AddLayer;
use Ricamo\Core\Edit\Layers\SetPatchwork;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Misfit;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Shape\ShapeContent;
use Ricamo\Core\Kind\Text\TextContent;
use Ricamo\Core\Patch\PatchForm;
use Ricamo\Core\Patch\PlacedPatchwork;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Refusal;
use Ricamo\Core\Value\Type\PathData;
use Ricamo\Core\Value\Type\PathType;

/**
 * Adds a shape along a `path` that was drawn on the picture, SVG path data in composition pixels, from a frame on; or sets the
 * layer `onto` along it: words, or a shape that is repeated; or cuts a layer along it.
 */
final readonly class DrawPath implements CompositionEdit
{
    private function __construct(
        private Contours $path,
        private int $frame,
        private Node $layer,
        private ?string $onto,
        private ?string $cuts,
    ) {
    }

    /** @throws Refusal where its arguments do not go together */
    public static function from(
        #[PathData] Contours $path,
        #[Field(least: 0, most: Composition::LONGEST - 1)] int $frame,
        #[Field('what else the new shape is')] Node $layer = new Node([]),
        #[Id('words that are set along it, or a shape that is repeated along it')] ?string $onto = null,
        #[Id('a layer that is cut into patches along it')] ?string $cuts = null,
    ): self {
        if ($path->count() < 2) {
            throw new Misfit('path', 'has fewer than two points');
        }

        return new self($path, $frame, $layer, $onto, $cuts);
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        if ($this->cuts !== null) {
            $layer = $composition->layer($this->cuts);
            $composition = (new SetPatchwork([$layer->id], new Node(['form' => PatchForm::Path->value])))->apply($composition, $evaluator);

            return $this->given($composition, $composition->layer($layer->id), PlacedPatchwork::ID.'.path');
        }
        if ($this->onto !== null) {
            return $this->along($composition, $composition->layer($this->onto));
        }
        $centre = $this->path->path()->bounds()?->centre() ?? new Point(0, 0);
        $middle = new Point(round($centre->x), round($centre->y));
        $isOpen = array_filter($this->path->all, fn (Contour $one): bool => $one->closed) === [];
        $drawn = [
            'kind' => 'shape', 'form' => 'path',
            'path' => $this->path->mapped(fn (Point $at): Point => $at->minus($middle))->write(),
            'position' => [$middle->x, $middle->y],
            // A line that encloses nothing is seen by itself.
            ...($isOpen ? ['fill' => '#00000000', 'outline' => '#f3e3c3', 'outlineWidth' => 10, 'cap' => 'round'] : []),
            ...$this->layer->object(),
        ];

        return (new AddLayer(new Node($drawn, 'layer'), min($this->frame, $composition->range()->last())))->apply($composition, $evaluator);
    }

    public function title(): string
    {
        return match (true) {
            $this->cuts !== null => 'cut along a path',
            $this->onto !== null => 'set along a path',
            default => 'draw path',
        };
    }

    private function along(Composition $composition, Layer $layer): Composition
    {
        return $this->given($composition, $layer, match (true) {
            $layer->content instanceof TextContent => 'path',
            $layer->content instanceof ShapeContent => 'along',
            default => throw new Refusal("“{$layer->name}” is neither words nor a shape that could be set along a path"),
        });
    }

    /** The path as a property of a layer, in the layer's own pixels, for all of its time. */
    private function given(Composition $composition, Layer $layer, string $property): Composition
    {
        $matrix = $composition->spaceOf($layer, $this->frame);
        if ($matrix->isFlat()) {
            throw new Refusal("“{$layer->name}” has no size on frame {$this->frame}");
        }
        $path = Contours::parse($this->path->mapped($matrix->inverse()->apply(...))->write());

        return $composition->replacing($layer->withProperty($property, Property::constant(new PathType, $path)));
    }
}
