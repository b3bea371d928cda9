<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Values;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Axes;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Together;
use Ricamo\Core\Property\PropertyDefinition;

/** Takes a property back to what a new layer has, without keyframes. */
final readonly class ResetValue implements CompositionEdit
{
    public function __construct(
        #[Together] private PropertyTarget $target,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return $this->target->change(
            $composition,
            fn (Property $property, Layer $layer): Property => self::resting($this->target->definition($layer), $layer, $composition),
        );
    }

    public static function resting(PropertyDefinition $definition, Layer $layer, Composition $composition): Property
    {
        $starts = $layer->kind->startsAt($composition);
        $axis = array_search($definition->name, Axes::APART, true);
        $value = $axis === false ? $starts[$definition->name] ?? null : (new Node($starts[Axes::TOGETHER]))->items(2)[$axis]->number();

        return Property::constant($definition->type, $value === null ? $definition->default : $definition->read(new Node($value)));
    }

    public function title(): string
    {
        return "reset {$this->target->property}";
    }
}
