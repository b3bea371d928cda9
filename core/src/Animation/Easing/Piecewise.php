<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation\Easing;

use Ricamo\Core\Refusal;

/** `linear(…)` of CSS Easing Functions Level 2: straight from one point to the next. */
final readonly class Piecewise implements Easing
{
    private const MOST_POINTS = 1000;

    /** @var list<float> */
    private array $times;

    /** @var list<float> */
    private array $values;

    /**
     * @param  list<array{float, float}>  $points  time and progress, from [0, 0] to [1, 1], in the order of time; progress
     *     within ±1,000,000
     *
     * @throws Refusal
     */
    public function __construct(array $points)
    {
        $times = array_column($points, 0);
        $sorted = $times;
        sort($sorted);
        if (count($points) < 2 || count($points) > self::MOST_POINTS || $times !== $sorted) {
            throw new Refusal('linear(…) takes 2 to '.self::MOST_POINTS.' points in the order of time');
        }
        if ($points[0] !== [0.0, 0.0] || $points[count($points) - 1] !== [1.0, 1.0]) {
            throw new Refusal('linear(…) begins with 0 and ends with 1');
        }
        if (array_filter($points, fn (array $point): bool => abs($point[1]) > self::FARTHEST) !== []) {
            throw new Refusal('points of linear(…) lie within ±'.self::FARTHEST);
        }
        [$this->times, $this->values] = [$times, array_column($points, 1)];
    }

    /**
     * @param  list<string>  $settings  such as `0.25 40%`; where no per cent stand, points are spaced evenly
     *
     * @throws Refusal
     */
    public static function parse(array $settings): self
    {
        $values = [];
        $times = [];
        foreach ($settings as $index => $setting) {
            if (! preg_match('/^(-?\d*\.?\d+(?:e[+-]?\d+)?)(?:\s+(\d*\.?\d+(?:e[+-]?\d+)?)%)?$/i', trim($setting), $parts)) {
                throw new Refusal('"'.mb_substr(trim($setting), 0, 40).'" is not a point of linear(…); write 0.25 or 0.25 40%');
            }
            $values[] = (float) $parts[1];
            $times[] = isset($parts[2]) ? (float) $parts[2] / 100 : match ($index) {
                0 => 0.0,
                count($settings) - 1 => 1.0,
                default => null,
            };
        }

        return new self(array_map(fn (float $time, float $value): array => [$time, $value], self::spaced($times), $values));
    }

    public function at(float $t): float
    {
        if ($t <= 0 || $t >= 1) {
            return $t <= 0 ? 0 : 1;
        }
        $low = 0;
        $high = count($this->times) - 1;
        while ($high - $low > 1) {
            $middle = ($low + $high) >> 1;
            if ($this->times[$middle] <= $t) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }
        $length = $this->times[$high] - $this->times[$low];

        return $length <= 0 ? $this->values[$high]
            : $this->values[$low] + ($this->values[$high] - $this->values[$low]) * ($t - $this->times[$low]) / $length;
    }

    public function reversed(): self
    {
        return new self(array_map(
            fn (float $time, float $value): array => [1 - $time, 1 - $value], array_reverse($this->times), array_reverse($this->values),
        ));
    }

    public function __toString(): string
    {
        $last = count($this->times) - 1;

        return 'linear('.implode(', ', array_map(
            fn (float $time, float $value, int $index): string => $index === 0 || $index === $last
                ? (string) $value
                : $value.' '.(100 * $time).'%',
            $this->times, $this->values, array_keys($this->times),
        )).')';
    }

    /**
     * @param  list<?float>  $times  of which the first and the last are known
     * @return list<float> with those that are missing spaced evenly between their neighbours
     */
    private static function spaced(array $times): array
    {
        $spaced = [];
        $known = 0;
        foreach ($times as $index => $time) {
            if ($time === null) {
                continue;
            }
            for ($between = $known + 1; $between < $index; $between++) {
                $spaced[] = $times[$known] + ($time - $times[$known]) * ($between - $known) / ($index - $known);
            }
            $spaced[] = $time;
            $known = $index;
        }

        return $spaced;
    }
}
