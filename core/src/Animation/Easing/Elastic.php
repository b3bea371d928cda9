<?php

namespace Ricamo\Core\Animation\Easing;

use Ricamo\Core\Refusal;

/** A spring, after Robert Penner: −a·2^(10(t−1))·sin((t − 1 − s)·2π/p), with s = p/(2π)·asin(1/a). */
final readonly class Elastic implements Easing
{
    public const PERIOD = 0.3;

    /**
     * @param  float  $amplitude  1..20
     * @param  float  $period  0.05..5, in segments; in the direction in-out it counts 1.5 times, as in the published formula
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
        $p = $this->period * ($this->direction === Direction::InOut ? 1.5 : 1);
        $s = $p / (2 * M_PI) * asin(1 / $this->amplitude);

        return $this->direction->apply(
            fn (float $t): float => -$this->amplitude * 2 ** (10 * ($t - 1)) * sin(($t - 1 - $s) * 2 * M_PI / $p),
            $t,
        );
    }

    public function __toString(): string
    {
        $settings = $this->amplitude === 1.0 && $this->period === self::PERIOD ? '' : "({$this->amplitude}, {$this->period})";

        return "elastic-{$this->direction->value}$settings";
    }
}
