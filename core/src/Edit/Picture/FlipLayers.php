<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Axis;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Field;

/** Flips each layer along its own x or y axis, around the middle of its box, which stays where it is. */
final readonly class FlipLayers implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Frame] private int $frame,
        #[Field] private Axis $axis,
        #[Field] private Scope $scope = Scope::Playhead,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            $middle = $evaluator->pose($layer, $composition, $this->frame)->box->centre();
            $stays = $layer->matrix($this->frame)->apply($middle);
            $scale = $layer->point('scale', $this->frame);
            $flipped = $this->axis === Axis::X ? new Point(-$scale->x, $scale->y) : new Point($scale->x, -$scale->y);
            $composition = PropertyTarget::put($composition, $layer, 'scale', $this->frame, $flipped, $this->scope);
            $went = $composition->layer($id)->matrix($this->frame)->apply($middle);
            $place = $layer->point('position', $this->frame)->plus($stays->minus($went));
            $composition = PropertyTarget::put($composition, $composition->layer($id), 'position', $this->frame, $place, $this->scope);
            $composition = InPlane::kept($composition, $layer, $this->frame, $this->scope);
        }

        return $composition;
    }

    public function title(): string
    {
        return 'flip';
    }
}
