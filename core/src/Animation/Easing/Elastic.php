<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation\Easing;

use Ricamo\Core\Refusal;

/**
 * A spring, after Robert Penner. Out is his published formula for a change of 1 in a time of 1,
 * a·2^(−10t)·sin((t − s)·2π/p) + 1 with s = p/(2π)·asin(1/a); in is its mirror, 1 − out(1 − t); in-out is in, then out,
 * each at half its size and in half the time.
 */
final readonly class Elastic implements Easing
{
    public const PERIOD = 0.3;

    /**
     * @param  float  $amplitude  1..20
     * @param  float  $period  0.05..5, in segments; in the direction in-out, in halves of the segment
     *
     * @throws Refusal for settings that it cannot have
     */
    public function __construct(private Direction $direction, private float $amplitude = 1.0, private float $period = self::PERIOD)
    {
        if ($amplitude < 1 || $amplitude > 20) {
            throw new Refusal("an amplitude of $amplitude is outside 1..20");
        }
        if ($period < 0.05 || $period > 5) {
            throw new Refusal("a period of $period is outside 0.05..5");
        }
    }

    public function at(float $t): float
    {
        if ($t <= 0 || $t >= 1) {
            return $t <= 0 ? 0 : 1;
        }
        [$a, $p] = [$this->amplitude, $this->period];
        $s = $p / (2 * M_PI) * asin(1 / $a);
        $out = fn (float $t): float => $a * 2 ** (-10 * $t) * sin(($t - $s) * 2 * M_PI / $p) + 1;

        return $this->direction->apply(fn (float $t): float => 1 - $out(1 - $t), $t);
    }

    public function reversed(): self
    {
        return new self($this->direction->opposite(), $this->amplitude, $this->period);
    }

    public function __toString(): string
    {
        $settings = $this->amplitude === 1.0 && $this->period === self::PERIOD ? '' : "({$this->amplitude}, {$this->period})";

        return "elastic-{$this->direction->value}$settings";
    }
}
