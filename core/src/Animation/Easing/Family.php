<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation\Easing;

/** One of the families quad … bounce in one of its three directions, written `quad-in`, `expo-in-out` and so on. */
final readonly class Family implements Easing
{
    public function __construct(private Curve $curve, private Direction $direction)
    {
    }

    public function at(float $t): float
    {
        return $t <= 0 || $t >= 1 ? ($t <= 0 ? 0 : 1) : $this->direction->apply($this->curve->in(...), $t);
    }

    public function bounces(): bool
    {
        return $this->curve === Curve::Bounce;
    }

    public function reversed(): self
    {
        return new self($this->curve, $this->direction->opposite());
    }

    public function __toString(): string
    {
        return "{$this->curve->value}-{$this->direction->value}";
    }
}
