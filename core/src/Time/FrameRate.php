<?php

declare(strict_types=1);

namespace Ricamo\Core\Time;

use Ricamo\Core\Refusal;

/** Frames per second as an exact fraction, such as 25/1 or 30000/1001. */
final readonly class FrameRate
{
    public int $numerator;

    public int $denominator;

    /** @throws Refusal unless 1 ≤ rate ≤ 240 frames per second */
    public function __construct(int $numerator, int $denominator = 1)
    {
        if ($numerator < 1 || $denominator < 1 || $numerator > 1_000_000 || $denominator > 1_000_000) {
            throw new Refusal("$numerator/$denominator is not a frame rate");
        }
        $divisor = self::greatestCommonDivisor($numerator, $denominator);
        $this->numerator = intdiv($numerator, $divisor);
        $this->denominator = intdiv($denominator, $divisor);
        if ($this->numerator < $this->denominator || $this->numerator > 240 * $this->denominator) {
            throw new Refusal("{$this} is outside 1..240 frames per second");
        }
    }

    /**
     * Reads `25`, `25/1` or `30000/1001`.
     *
     * @throws Refusal for what is no rate
     */
    public static function parse(string $text): self
    {
        if (! preg_match('~^(\d{1,9})(?:/(\d{1,9}))?$~', $text, $parts)) {
            throw new Refusal("\"$text\" is not a frame rate; write it as 25 or 30000/1001");
        }

        return new self((int) $parts[1], (int) ($parts[2] ?? 1));
    }

    public function perSecond(): float
    {
        return $this->numerator / $this->denominator;
    }

    /** The whole number of frames that timecode counts in a second: 30 for 30000/1001. */
    public function nominal(): int
    {
        return intdiv($this->numerator + $this->denominator - 1, $this->denominator);
    }

    public function seconds(int|float $frames): float
    {
        return $frames * $this->denominator / $this->numerator;
    }

    /** The frame of this rate that is on screen when frame $frame of the other rate begins; exact. */
    public function frameShownAt(int $frame, self $other): int
    {
        return self::floorDivide(
            $frame * $other->denominator * $this->numerator,
            $other->numerator * $this->denominator,
        );
    }

    /** The frame of this rate that begins nearest to where frame $frame of the other rate begins; exact, halves go up. */
    public function nearestFrame(int $frame, self $other): int
    {
        $numerator = $frame * $other->denominator * $this->numerator;
        $denominator = $other->numerator * $this->denominator;

        return self::floorDivide(2 * $numerator + $denominator, 2 * $denominator);
    }

    /** How many frames of this rate pass in one of the other. */
    public function per(self $other): Fraction
    {
        return new Fraction($this->numerator * $other->denominator, $this->denominator * $other->numerator);
    }

    public function equals(self $other): bool
    {
        return $this->numerator === $other->numerator && $this->denominator === $other->denominator;
    }

    public function __toString(): string
    {
        return "{$this->numerator}/{$this->denominator}";
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
