<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation\Easing;

/** Has the next keyframe's value at once: `hold` run backwards, and what CSS calls `step-start`. */
final readonly class Jump implements Contextual
{
    public function at(float $t): float
    {
        return $t > 0 ? 1 : 0;
    }

    public function reversed(): Hold
    {
        return new Hold;
    }

    public function __toString(): string
    {
        return 'jump';
    }
}
