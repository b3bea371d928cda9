<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation;

use Ricamo\Core\Time\FrameRange;

/** Whether a keyframe's time counts from its layer's in point or from its out point. */
enum Pin: string
{
    case Start = 'start';
    case End = 'end';

    /** From this part of a layer on, what is keyframed belongs to its leaving. */
    private const LEAVING = 0.75;

    /**
     * What a new keyframe counts from: as its neighbours do where they agree; otherwise from the end in the last quarter
     * of the layer, so that arrival and leaving stay as they are when it is trimmed.
     */
    public static function between(?Keyframe $before, ?Keyframe $after, int $frame, FrameRange $span): self
    {
        if ($before !== null && $after !== null && $before->pin === $after->pin) {
            return $before->pin;
        }

        return $frame >= $span->in + self::LEAVING * $span->length() ? self::End : self::Start;
    }

    /** The composition frame from which times with this pin are counted. */
    public function origin(FrameRange $span): int
    {
        return $this === self::Start ? $span->in : $span->out;
    }
}
