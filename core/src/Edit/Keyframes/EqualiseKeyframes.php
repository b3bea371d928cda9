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

/**
 * Gives keyframes the value that the keyframe before them has, or the one after them, or with `axis` only its x or y: a
 * path is truly level, a pause truly still.
 */
final readonly class EqualiseKeyframes implements CompositionEdit
{
    public function __construct(
        #[Together] private KeyframeSelection $keyframes,
        #[Field(oneOf: ['previous', 'next'])] private string $to,
        #[Field(longest: 10)] private ?string $axis = null,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return $this->keyframes->rearrange($composition, function (array $selected, Layer $layer, PropertyTarget $target): array {
            $property = $target->in($layer);
            $ordered = $this->to === 'previous' ? $selected : array_reverse($selected);
            $equal = [];
            foreach ($ordered as $keyframe) {
                $frame = $keyframe->frame($layer->span);
                $model = $this->to === 'previous'
                    ? $property->keyframeBefore($frame - 1, $layer->span)
                    : $property->keyframeAfter($frame, $layer->span);
                if ($model === null) {
                    throw new Refusal("the keyframe on frame $frame is the ".($this->to === 'previous' ? 'first' : 'last').' one');
                }
                // Of several in a row each becomes like the one beyond them all.
                $value = $equal[$model->frame($layer->span)]->value ?? $model->value;
                $equal[$frame] = $keyframe->withValue($this->along($keyframe->value, $value, $target, $layer));
            }

            return array_values($equal);
        });
    }

    private function along(mixed $own, mixed $other, PropertyTarget $target, Layer $layer): mixed
    {
        $type = $target->definition($layer)->type;
        if ($this->axis === null) {
            return $other;
        }
        $index = array_search($this->axis, $type->axes(), true);
        if ($index === false) {
            throw new Refusal("{$target->property} has no axis {$this->axis}");
        }
        $channels = $type->channels($own);
        $channels[(int) $index] = $type->channels($other)[(int) $index];

        return $type->made(array_values($channels));
    }

    public function title(): string
    {
        return 'make keyframes equal';
    }
}
