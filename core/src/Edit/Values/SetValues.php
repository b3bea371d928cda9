<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Values;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Handle\EffectPoints;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;

/**
 * Sets properties at the playhead: `values` is a list of {layer, property, value, axis}; with the `axis` `x` or `y` it is one
 * number of a pair. A number may be given as a sum.
 */
final readonly class SetValues implements CompositionEdit
{
    /** @param  list<Node>  $values */
    public function __construct(
        #[Frame] private int $frame,
        #[Field(longest: 1000)] private array $values,
        #[Field] private Scope $scope = Scope::Playhead,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->values as $node) {
            $target = PropertyTarget::read($node->allow(['layer', 'property', 'value', 'axis']));
            $layer = $composition->layer($target->layer);
            $value = NewValue::read($node, $target->definition($layer), $layer, $composition, $this->frame);
            $composition = $target->set($composition, $this->frame, $value, $this->scope);
            if ($value instanceof Point && str_contains($target->property, '.')) {
                self::checkEffect($composition, $composition->layer($layer->id), $target->property, $this->frame, $evaluator);
            }
        }

        return $composition;
    }

    /** Refuses points of an effect as they are for the frame. */
    private static function checkEffect(Composition $composition, Layer $layer, string $property, int $frame, Evaluator $evaluator): void
    {
        foreach ($layer->attached->effects as $effect) {
            if (str_starts_with($property, "{$effect->id}.")) {
                EffectPoints::check($effect, $layer, $frame, $evaluator->pose($layer, $composition, $frame));
            }
        }
    }

    public function title(): string
    {
        $names = array_unique(array_map(fn (Node $node): string => $node->field('property')->string(64), $this->values));

        return count($names) === 1 ? 'set '.strtolower((string) preg_replace('/(?=[A-Z])/', ' ', reset($names))) : 'set values';
    }
}
