<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Together;
use Ricamo\Core\Refusal;

/** Changes one of the numbers that keyframes' values are made of, or all, by as much each, as far as the property goes. */
final readonly class ShiftValues implements CompositionEdit
{
    public function __construct(
        #[Together] private KeyframeSelection $keyframes,
        #[Field(least: -1e7, most: 1e7)] private float $by,
        #[Field(least: 0, most: 10)] private ?int $channel = null,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return $this->keyframes->rearrange($composition, function (array $selected, Layer $layer, PropertyTarget $target): array {
            return array_map(
                fn (Keyframe $keyframe): Keyframe => $keyframe->withValue($this->shifted($keyframe->value, $target, $layer)), $selected,
            );
        });
    }

    private function shifted(mixed $value, PropertyTarget $target, Layer $layer): mixed
    {
        $definition = $target->definition($layer);
        $channels = $definition->type->channels($value);
        if ($definition->type->made($channels) === null || ($this->channel !== null && ! isset($channels[$this->channel]))) {
            throw new Refusal("{$target->property} has no ".($this->channel === null ? 'numbers' : "number {$this->channel}"));
        }
        foreach ($channels as $index => $number) {
            if ($this->channel === null || $index === $this->channel) {
                $channels[$index] = max($definition->least ?? -INF, min($definition->most ?? INF, $number + $this->by));
            }
        }

        return $definition->type->made($channels);
    }

    public function title(): string
    {
        return 'shift values';
    }
}
