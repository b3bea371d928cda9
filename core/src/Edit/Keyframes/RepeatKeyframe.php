<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/**
 * Puts the keyframe before a frame there once more, so that what stands still between the two is truly still. What leads
 * on from it stays as it was; without `properties`, of every property that is animated and has one.
 */
final readonly class RepeatKeyframe implements CompositionEdit
{
    /**
     * @param  non-empty-list<string>  $layers
     * @param  ?list<Node>  $properties
     */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Frame] private int $frame,
        #[Field('all that are animated, where nothing is said', longest: 100)] private ?array $properties = null,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $before = $composition;
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            $targets = $this->properties === null
                ? array_map(fn (string $name): PropertyTarget => PropertyTarget::of($layer, $name), array_keys($layer->properties))
                : array_map(fn (Node $property): PropertyTarget => PropertyTarget::named($id, $property), $this->properties);
            foreach ($targets as $target) {
                if ($target->in($layer)->isAnimated()) {
                    $composition = $target->change($composition, $this->repeated(...));
                }
            }
        }

        return $composition !== $before ? $composition : throw new Refusal("there is no keyframe before frame {$this->frame}");
    }

    public function title(): string
    {
        return 'repeat keyframe';
    }

    private function repeated(Property $property, Layer $layer): Property
    {
        $model = $property->keyframeBefore($this->frame - 1, $layer->span);
        if ($model === null) {
            return $property;
        }
        $easing = $property->keyframeOn($this->frame, $layer->span)->easing ?? $model->easing;

        return $property->with($model->movedBy($this->frame - $model->frame($layer->span))->withEasing($easing), $layer->span);
    }
}
