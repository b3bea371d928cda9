<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Together;

/** Goes back the way it came: the keyframes again, in reverse, after the last of them. */
final readonly class MirrorKeyframes implements CompositionEdit
{
    public function __construct(
        #[Together] private KeyframeSelection $keyframes,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $frames = $this->keyframes->frames();
        $last = $frames === [] ? 0 : max($frames);

        return $this->keyframes->rearrange($composition, function (array $selected, Layer $layer) use ($last): array {
            $mirrored = [];
            foreach ($selected as $index => $keyframe) {
                $isLast = $index === count($selected) - 1;
                $easing = $index > 0 ? $selected[$index - 1]->easing->reversed() : $selected[count($selected) - 1]->easing;
                $by = 2 * ($last - $keyframe->frame($layer->span));
                if ($isLast && $by === 0) {
                    $selected[$index] = $keyframe->withEasing($easing)->bent($keyframe->bend?->turningBack());
                } elseif ($isLast) {
                    // It rests until the way back begins.
                    $selected[$index] = $keyframe->bent($keyframe->bend?->leavingStraight());
                    $mirrored[] = $keyframe->withEasing($easing)->bent($keyframe->bend?->turningBack()->arrivingStraight())->movedBy($by);
                } else {
                    $mirrored[] = $keyframe->withEasing($easing)->bent($keyframe->bend?->reversed())->movedBy($by);
                }
            }

            return [...$selected, ...$mirrored];
        });
    }

    public function title(): string
    {
        return 'mirror keyframes';
    }
}
