<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation\Easing;

/** An easing for which the share of the segment's time is not enough: it depends on frames, or on other keyframes. */
interface Contextual extends Easing
{
}
