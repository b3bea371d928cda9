<?php

namespace Ricamo\Core\Animation;

use Ricamo\Core\Time\FrameRange;

/** Whether a keyframe's time counts from its layer's in point or from its out point. */
enum Pin: string
{
    case Start = 'start';
    case End = 'end';

    /** The composition frame from which times with this pin are counted. */
    public function origin(FrameRange $span): int
    {
        return $this === self::Start ? $span->in : $span->out;
    }
}
