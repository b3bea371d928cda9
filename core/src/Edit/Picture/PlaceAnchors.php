<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Field;

/** Puts the anchor of each layer to one of nine points of its box. They rest on this frame where they did. */
final readonly class PlaceAnchors implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Frame] private int $frame,
        #[Field] private AxisPlace $x,
        #[Field] private AxisPlace $y,
        #[Field] private Scope $scope = Scope::Playhead,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $pose = $evaluator->pose($composition->layer($id), $composition, $this->frame);
            $box = $pose->box;
            $to = $pose->seen(new Point(
                $this->x->distance(0, 0, $box->left, $box->right),
                $this->y->distance(0, 0, $box->top, $box->bottom),
            ));
            $composition = (new MoveAnchor($id, $this->frame, $to, $this->scope))->apply($composition, $evaluator);
        }

        return $composition;
    }

    public function title(): string
    {
        return 'move anchor';
    }
}
