<?php

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** Changes the value of keyframes by as much each, along `axis` or along all, as far as the property goes. */
final readonly class ShiftValues implements CompositionEdit
{
    private function __construct(private KeyframeSelection $keyframes, private float $by, private ?string $axis)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['keyframes', 'by', 'axis']);

        return new self(KeyframeSelection::read($args), $args->field('by')->number(-1e7, 1e7), $args->optional('axis')?->string(10));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return $this->keyframes->rearrange($composition, function (array $selected, Layer $layer, PropertyTarget $target): array {
            return array_map(fn (Keyframe $keyframe): Keyframe => $keyframe->withValue($this->shifted($keyframe->value, $target, $layer)), $selected);
        });
    }

    private function shifted(mixed $value, PropertyTarget $target, Layer $layer): mixed
    {
        $definition = $target->definition($layer);
        $channels = $definition->type->channels($value);
        $axes = $definition->type->axes();
        if ($channels === [] || ($this->axis !== null && ! in_array($this->axis, $axes, true))) {
            throw new Refusal("{$target->property} has no ".($this->axis === null ? 'numbers' : "axis {$this->axis}"));
        }
        foreach ($channels as $index => $number) {
            if ($this->axis === null || $axes[$index] === $this->axis) {
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
