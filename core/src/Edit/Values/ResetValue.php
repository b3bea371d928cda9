<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Values;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
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
            fn (Property $property, Layer $layer): Property => self::resting($this->target->definition($layer), $composition),
        );
    }

    /** What a new layer has, whose place is in the middle of the frame. */
    public static function resting(PropertyDefinition $definition, Composition $composition): Property
    {
        $middle = new Point($composition->width / 2, $composition->height / 2);

        return Property::constant(
            $definition->type, ['position' => $middle, 'x' => $middle->x, 'y' => $middle->y][$definition->name] ?? $definition->default,
        );
    }

    public function title(): string
    {
        return "reset {$this->target->property}";
    }
}
