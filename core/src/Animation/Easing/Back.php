<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation\Easing;

use Ricamo\Core\Refusal;

/** Draws back before it sets off, after Robert Penner: (s + 1)·t³ − s·t². */
final readonly class Back implements Easing
{
    /** The overshoot that goes 10 % beyond. */
    public const TEN_PERCENT = 1.70158;

    /**
     * @param  float  $overshoot 0..20; in the direction in-out it counts 1.525 times, as in the published formula
     *
     * @throws Refusal for an overshoot that it cannot have
     */
    public function __construct(private Direction $direction, private float $overshoot = self::TEN_PERCENT)
    {
        if ($overshoot < 0 || $overshoot > 20) {
            throw new Refusal("an overshoot of $overshoot is outside 0..20");
        }
    }

    public function at(float $t): float
    {
        if ($t <= 0 || $t >= 1) {
            return $t <= 0 ? 0 : 1;
        }
        $s = $this->overshoot * ($this->direction === Direction::InOut ? 1.525 : 1);

        return $this->direction->apply(fn (float $t): float => (($s + 1) * $t - $s) * $t * $t, $t);
    }

    public function reversed(): self
    {
        return new self($this->direction->opposite(), $this->overshoot);
    }

    public function __toString(): string
    {
        return "back-{$this->direction->value}".($this->overshoot === self::TEN_PERCENT ? '' : "({$this->overshoot})");
    }
}
