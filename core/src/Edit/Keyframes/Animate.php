<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Animation\Bend;
use Ricamo\Core\Animation\Easing\Easing;
use Ricamo\Core\Animation\Easing\Easings;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Edit\Values\NewValue;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;

/**
 * Animates properties of layers in one act: from what each is at a frame to another value so many frames later, eased. `values` is a
 * list of {property, value, axis}, as `set-values` takes them, so `+=90` is by how much. Keyframes in between are taken away; from the
 * last frame on, what comes after it goes on.
 */
final readonly class Animate implements CompositionEdit
{
    /**
     * @param  non-empty-list<string>  $layers
     * @param  list<Node>  $values
     */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Frame] private int $frame,
        #[Field('in frames', least: 1, most: Composition::LONGEST)] private int $length,
        #[Field(longest: 100)] private array $values,
        #[Field(of: Easings::class, ref: 'Easing')] private Easing $easing,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            foreach ($this->goals($layer, $composition) as $property => $goal) {
                $composition = PropertyTarget::of($layer, $property)->change(
                    $composition, fn (Property $property, Layer $layer): Property => $this->led($property, $goal, $layer),
                );
            }
        }

        return $composition;
    }

    public function title(): string
    {
        return 'animate';
    }

    /**
     * What each property becomes. An axis of which nothing is said stays.
     *
     * @return array<string, mixed>
     */
    private function goals(Layer $layer, Composition $composition): array
    {
        $goals = [];
        $told = $layer;
        foreach ($this->values as $node) {
            $target = PropertyTarget::named($layer->id, $node->allow(['property', 'value', 'axis'])->field('property'));
            $value = NewValue::read($node, $target->definition($layer), $told, $composition, $this->frame);
            $goals[$target->property] = $value;
            $told = $told->withProperty($target->property, Property::constant($target->in($layer)->type, $value));
        }

        return $goals;
    }

    private function led(Property $property, mixed $goal, Layer $layer): Property
    {
        $span = $layer->span;
        $last = $this->frame + $this->length;
        $cut = $property->cutAt($this->frame, $span)->cutAt($last, $span);
        [$from, $to] = [$cut->keyframeOn($this->frame, $span), $cut->keyframeOn($last, $span)];
        assert($from !== null && $to !== null);
        $between = array_filter(
            array_keys($cut->course($span)), fn (int $frame): bool => $frame > $this->frame && $frame < $last,
        );
        // A straight way, though what comes before it or after it may be bent.
        $led = [
            $from->withEasing($this->easing)->bent($from->bend === null ? null : new Bend($from->bend->arrive)),
            $to->withValue($goal)->bent($to->bend === null ? null : new Bend(leave: $to->bend->leave)),
        ];

        return $cut->replacing(array_values($between), $led, $span);
    }
}
