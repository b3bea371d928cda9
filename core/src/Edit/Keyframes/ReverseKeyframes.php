<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Together;

/** Runs keyframes backwards: what was first comes last, each segment with its easing turned round. Done twice, it is nothing. */
final readonly class ReverseKeyframes implements CompositionEdit
{
    public function __construct(
        #[Together] private KeyframeSelection $keyframes,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $frames = $this->keyframes->frames();
        $ends = $frames === [] ? 0 : min($frames) + max($frames);

        return $this->keyframes->rearrange($composition, function (array $selected, Layer $layer) use ($ends): array {
            $reversed = [];
            foreach ($selected as $index => $keyframe) {
                // What led here now leads away from here; the easing that leads out of the selection stays with its end.
                $easing = $index > 0 ? $selected[$index - 1]->easing->reversed() : $selected[count($selected) - 1]->easing;
                $reversed[] = $keyframe->withEasing($easing)->bent($keyframe->bend?->reversed())
                    ->movedBy($ends - 2 * $keyframe->frame($layer->span));
            }

            return $reversed;
        });
    }

    public function title(): string
    {
        return 'reverse keyframes';
    }
}
