<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Effects;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Picture\OnPicture;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Handle\EffectPoints;
use Ricamo\Core\Handle\Held;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Refusal;

/**
 * Moves a point of an effect in the picture: `property` as the layer knows it, `by` in composition pixels, `straight` along one
 * axis. With `snap`, one that comes as near as that many pixels to a guide is drawn to it.
 */
final readonly class PullEffect implements CompositionEdit
{
    public function __construct(
        #[Id] private string $layer,
        #[Id] private string $property,
        #[Frame] private int $frame,
        #[OnPicture] private Point $by,
        #[Field] private bool $straight = false,
        #[Field(least: 0, most: 1000)] private float $snap = 0.0,
        #[Field] private Scope $scope = Scope::Playhead,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $layer = $composition->layer($this->layer);
        $effect = EffectPoints::owner($layer, $this->property);
        $pose = $evaluator->pose($layer, $composition, $this->frame);
        if ($pose->matrix->isFlat()) {
            throw new Refusal("“{$layer->name}” has no size on frame {$this->frame}");
        }
        $held = Held::find($layer, $this->property, $composition, $this->frame, $evaluator);
        $way = Held::way($this->by, $this->straight, $this->snap, $held, $composition, $this->frame, $evaluator);
        $moved = $layer->point($this->property, $this->frame)->plus($pose->matrix->inverse()->applyToDistance($way));
        $composition = PropertyTarget::put($composition, $layer, $this->property, $this->frame, $moved, $this->scope);
        EffectPoints::check($effect, $composition->layer($layer->id), $this->frame, $pose);

        return $composition;
    }

    public function title(): string
    {
        return 'move point of effect';
    }
}
