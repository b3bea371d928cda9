<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Pin;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;

/** Pins keyframes to their layer's start or end; they stay on their frames. */
final readonly class SetPin implements CompositionEdit
{
    private function __construct(private KeyframeSelection $keyframes, private Pin $pin)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['keyframes', 'pin']);

        return new self(KeyframeSelection::read($args), $args->field('pin')->enum(Pin::class));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return $this->keyframes->change(
            $composition,
            fn (Keyframe $keyframe, Layer $layer): Keyframe => $keyframe->pinned($this->pin, $layer->span),
        );
    }

    public function title(): string
    {
        return "pin to the {$this->pin->value}";
    }
}
