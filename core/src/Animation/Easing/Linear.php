<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation\Easing;

final readonly class Linear implements Easing
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
        return 'linear';
    }
}
