<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation\Easing;

use Ricamo\Core\Refusal;

/**
 * Eases in, out or both with one strength, written `ease-in-out(75%)`: the cubic Bézier whose level handles reach so far
 * into the segment's time. At 0 % it is linear; the keywords of CSS Easing Functions without a strength have 42 %.
 */
final readonly class Eased implements Easing
{
    public CubicBezier $curve;

    /**
     * @param  float  $strength  0..100
     *
     * @throws Refusal for a strength that it cannot have
     */
    public function __construct(public Direction $direction, public float $strength)
    {
        if ($strength < 0 || $strength > 100) {
            throw new Refusal("a strength of $strength % is outside 0..100");
        }
        $reach = $strength / 100;
        $this->curve = new CubicBezier(
            $direction === Direction::Out ? 0.0 : $reach, 0.0,
            $direction === Direction::In ? 1.0 : 1 - $reach, 1.0,
        );
    }

    public function at(float $t): float
    {
        return $this->curve->at($t);
    }

    public function reversed(): self
    {
        return new self($this->direction->opposite(), $this->strength);
    }

    public function __toString(): string
    {
        return "ease-{$this->direction->value}({$this->strength}%)";
    }
}
