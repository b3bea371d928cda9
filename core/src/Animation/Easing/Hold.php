<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation\Easing;

/** Stays at the first keyframe's value until the next keyframe. */
final readonly class Hold implements Easing
{
    public function at(float $t): float
    {
        return $t < 1 ? 0 : 1;
    }

    public function reversed(): Jump
    {
        return new Jump;
    }

    public function __toString(): string
    {
        return 'hold';
    }
}
