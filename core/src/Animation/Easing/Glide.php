<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation\Easing;

/**
 * Goes through its keyframes without stopping. How it runs depends on the keyframes before and after (`Gliding`); of a
 * segment by itself it is straight.
 */
final readonly class Glide implements Contextual
{
    public function at(float $t): float
    {
        return $t;
    }

    public function reversed(): self
    {
        return $this;
    }

    public function __toString(): string
    {
        return 'glide';
    }
}
