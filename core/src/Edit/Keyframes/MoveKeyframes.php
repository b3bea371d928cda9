<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\Frames;
use Ricamo\Core\Edit\Snap;
use Ricamo\Core\Edit\Snapping;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Together;

/**
 * Shifts keyframes in time by some frames. They take the place of those that stand where they land; with `snap`, what they come
 * near to draws them in.
 */
final readonly class MoveKeyframes implements Snapping
{
    private function __construct(
        private KeyframeSelection $keyframes,
        private float $by,
        private ?Snap $snap = null,
        private ?int $met = null,
    ) {
    }

    public static function from(
        #[Together] KeyframeSelection $keyframes,
        #[Frames] float $by,
        #[Field] ?Snap $snap = null,
    ): self {
        return new self($keyframes, $by, $snap);
    }

    public function settled(Composition $composition): static
    {
        $frames = $this->keyframes->frames();
        $by = $this->snap?->distance($composition, $frames, $this->by, keyframes: $this->keyframes) ?? (int) round($this->by);

        return new self(
            $this->keyframes,
            $by,
            null,
            $this->snap?->met($composition, array_map(fn (int $frame): int => $frame + $by, $frames), keyframes: $this->keyframes),
        );
    }

    public function by(): int
    {
        return (int) round($this->by);
    }

    public function met(): ?int
    {
        return $this->met;
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return $this->keyframes->change($composition, fn (Keyframe $keyframe): Keyframe => $keyframe->movedBy($this->by()));
    }

    public function title(): string
    {
        return 'move keyframe';
    }
}
