<?php

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\Edit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;

/** Shifts keyframes in time by some frames. */
final readonly class MoveKeyframes implements Edit
{
    private function __construct(private KeyframeSelection $keyframes, private int $by)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['keyframes', 'by']);

        return new self(KeyframeSelection::read($args), $args->field('by')->int(-Composition::LONGEST, Composition::LONGEST));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return $this->keyframes->change($composition, fn (Keyframe $keyframe): Keyframe => $keyframe->movedBy($this->by));
    }

    public function title(): string
    {
        return 'move keyframe';
    }
}
