<?php

declare(strict_types=1);

namespace Ricamo\Core\Time;

use Brick\Math\BigInteger;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Ricamo\Core\Refusal;

/** An exact number of frames, whole or not, in lowest terms. */
final readonly class Fraction
{
    /** What cannot be kept exactly in 64 bits is rounded to this many parts of a frame. */
    private const FINEST = 1_000_000_000;

    public int $numerator;

    public int $denominator;

    /** @param  int  $denominator  from 1 */
    public function __construct(int $numerator, int $denominator = 1)
    {
        $divisor = self::greatestCommonDivisor(abs($numerator), $denominator);
        $this->numerator = intdiv($numerator, $divisor);
        $this->denominator = intdiv($denominator, $divisor);
    }

    /**
     * Reads `12` or `5/12`.
     *
     * @throws Refusal
     */
    public static function parse(string $text): self
    {
        if (! preg_match('~^(-?\d{1,18})(?:/([1-9]\d{0,11}))?$~', $text, $parts)) {
            throw new Refusal('"'.mb_substr($text, 0, 40).'" is not a number of frames; write it as 12 or 5/12');
        }

        return new self((int) $parts[1], (int) ($parts[2] ?? 1));
    }

    public function negative(): self
    {
        return new self(-$this->numerator, $this->denominator);
    }

    public function plus(self $other): self
    {
        return self::of($this->big()->plus($other->big()));
    }

    public function times(self $other): self
    {
        return self::of($this->big()->multipliedBy($other->big()));
    }

    /** @param  self  $other  not nought */
    public function dividedBy(self $other): self
    {
        return self::of($this->big()->dividedBy($other->big()));
    }

    /** The whole number at or below it. */
    public function floor(): int
    {
        return self::floorDivide($this->numerator, $this->denominator);
    }

    /** This and $times times $step, rounded down: which frame is on screen, asked on every frame. */
    public function plusTimesFloored(int $times, self $step): int
    {
        $numerator = $this->numerator * $step->denominator + $times * $step->numerator * $this->denominator;
        $denominator = $this->denominator * $step->denominator;
        // An overflow makes it a float.
        // @phpstan-ignore function.alreadyNarrowedType, function.alreadyNarrowedType
        if (is_int($numerator) && is_int($denominator)) {
            return self::floorDivide($numerator, $denominator);
        }

        return $this->plus($step->times(new self($times)))->floor();
    }

    public function toFloat(): float
    {
        return $this->numerator / $this->denominator;
    }

    /** @return int|string a whole number, or text such as "5/12" */
    public function toJson(): int|string
    {
        return $this->denominator === 1 ? $this->numerator : "{$this->numerator}/{$this->denominator}";
    }

    private static function of(BigRational $value): self
    {
        $value = $value->simplified();
        if (self::fits($value->getNumerator()) && self::fits($value->getDenominator())) {
            return new self($value->getNumerator()->toInt(), $value->getDenominator()->toInt());
        }
        $rounded = $value->multipliedBy(self::FINEST)->toScale(0, RoundingMode::HALF_UP)->toBigInteger();

        return new self($rounded->toInt(), self::FINEST);
    }

    /** Whether it can be written, and read again. */
    private static function fits(BigInteger $value): bool
    {
        return $value->abs()->isLessThan(1_000_000_000_000);
    }

    private function big(): BigRational
    {
        return BigRational::nd($this->numerator, $this->denominator);
    }

    private static function floorDivide(int $a, int $b): int
    {
        return intdiv($a, $b) - ($a % $b < 0 ? 1 : 0);
    }

    private static function greatestCommonDivisor(int $a, int $b): int
    {
        return $b === 0 ? $a : self::greatestCommonDivisor($b, $a % $b);
    }
}
