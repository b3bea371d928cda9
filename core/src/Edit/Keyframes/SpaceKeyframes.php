<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\MotionPaths;
use Ricamo\Core\Animation\Spacing;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Together;
use Ricamo\Core\Refusal;

/**
 * Spaces keyframes between their first and their last, which stay: `evenly` in time, or at one `pace`, so that time
 * follows the distance that the value goes. Frames are whole; what does not come out even goes to the largest remainders.
 */
final readonly class SpaceKeyframes implements CompositionEdit
{
    public function __construct(
        #[Together] private KeyframeSelection $keyframes,
        #[Field(oneOf: ['time', 'distance'])] private string $by,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return $this->keyframes->rearrange($composition, function (array $selected, Layer $layer, PropertyTarget $target): array {
            $frames = array_map(fn (Keyframe $keyframe): int => $keyframe->frame($layer->span), $selected);
            $shares = $this->by === 'time'
                ? array_fill(0, max(0, count($selected) - 1), 1.0)
                : $this->distances($selected, $target, $layer);
            $spaced = [$selected[0]];
            $at = $frames[0];
            foreach (Spacing::whole($shares, $frames[count($frames) - 1] - $frames[0]) as $index => $length) {
                $at += $length;
                $spaced[] = $selected[$index + 1]->movedBy($at - $frames[$index + 1]);
            }

            return $spaced;
        });
    }

    /**
     * @param  non-empty-list<Keyframe>  $selected
     * @return list<float> how far the value goes from each to the next
     */
    private function distances(array $selected, PropertyTarget $target, Layer $layer): array
    {
        $type = $target->definition($layer)->type;
        $distances = [];
        for ($i = 1; $i < count($selected); $i++) {
            $steps = array_map(
                fn (float $a, float $b): float => ($b - $a) ** 2,
                $type->channels($selected[$i - 1]->value),
                $type->channels($selected[$i]->value),
            );
            $distances[] = MotionPaths::between($selected[$i - 1], $selected[$i])?->length() ?? sqrt(array_sum($steps));
        }

        return $distances === [] || array_sum($distances) > 0
            ? $distances
            : throw new Refusal("{$target->property} goes nowhere between these keyframes");
    }

    public function title(): string
    {
        return 'space keyframes';
    }
}
