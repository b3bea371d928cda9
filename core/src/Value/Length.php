<?php

declare(strict_types=1);

namespace Ricamo\Core\Value;

/** A length in pixels, and as a share of something that may change its size: the rounding of a corner, by the shorter side. */
final readonly class Length
{
    /** @param  float  $share  in per cent of the whole, on top of the pixels */
    public function __construct(public float $pixels, public float $share = 0.0)
    {
    }

    /** How many pixels it comes to. */
    public function of(float $whole): float
    {
        return $this->pixels + $this->share / 100 * $whole;
    }

    public function mix(self $to, float $t): self
    {
        return new self($this->pixels + ($to->pixels - $this->pixels) * $t, $this->share + ($to->share - $this->share) * $t);
    }

    /** @return float|string a number of pixels, or text such as `50%` or `12 + 25%` */
    public function written(): float|string
    {
        $share = self::text($this->share).'%';

        return match (true) {
            $this->share === 0.0 => $this->pixels,
            $this->pixels === 0.0 => $share,
            default => self::text($this->pixels)." + $share",
        };
    }

    private static function text(float $number): string
    {
        return rtrim(rtrim(sprintf('%.6F', $number), '0'), '.');
    }
}
