<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation;

use Ricamo\Core\Animation\Easing\Contextual;
use Ricamo\Core\Animation\Easing\Easing;
use Ricamo\Core\Animation\Easing\Linear;
use Ricamo\Core\Time\FrameRange;

/** A value at a moment, and the easing of the segment from here to the next keyframe. */
final readonly class Keyframe
{
    /** The farthest that a keyframe may be from the point it counts from, in frames. */
    public const FARTHEST = 10_000_000;

    /** Whether what comes after it depends on nothing but the two values and the time, as mostly. */
    public bool $goesPlainly;

    /**
     * @param  int  $at  frames from the layer's in point, or from its out point (then usually negative)
     * @param  ?Bend  $bend  of the path that a place goes; null where it goes straight there and on
     */
    public function __construct(
        public int $at,
        public mixed $value,
        public Easing $easing = new Linear,
        public Pin $pin = Pin::Start,
        public ?Bend $bend = null,
    ) {
        $this->goesPlainly = $bend === null && ! $easing instanceof Contextual;
    }

    public function frame(FrameRange $span): int
    {
        return $this->at + ($this->pin === Pin::Start ? $span->in : $span->out);
    }

    public function withValue(mixed $value): self
    {
        return new self($this->at, $value, $this->easing, $this->pin, $this->bend);
    }

    public function withEasing(Easing $easing): self
    {
        return new self($this->at, $this->value, $easing, $this->pin, $this->bend);
    }

    public function bent(?Bend $bend): self
    {
        return new self($this->at, $this->value, $this->easing, $this->pin, $bend?->isNone() === true ? null : $bend);
    }

    public function movedBy(int $frames): self
    {
        return new self($this->at + $frames, $this->value, $this->easing, $this->pin, $this->bend);
    }

    /** A copy at the same moment, which is counted from the layer's other end. */
    public function pinned(Pin $pin, FrameRange $span): self
    {
        return new self($this->frame($span) - $pin->origin($span), $this->value, $this->easing, $pin, $this->bend);
    }
}
