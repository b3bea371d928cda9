<?php

namespace Ricamo\Core\Colour;

use Ricamo\Core\Refusal;

/** An sRGB colour of 8 bits a channel with straight alpha, written `#rrggbb` or `#rrggbbaa`. */
final readonly class Colour
{
    public function __construct(public int $red, public int $green, public int $blue, public int $alpha = 255)
    {
    }

    public static function parse(string $text): self
    {
        if (! preg_match('/^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})?$/i', $text, $parts)) {
            throw new Refusal("\"$text\" is not a colour; write it as #rrggbb or #rrggbbaa");
        }

        return new self((int) hexdec($parts[1]), (int) hexdec($parts[2]), (int) hexdec($parts[3]), (int) hexdec($parts[4] ?? 'ff'));
    }

    /** Mixes in sRGB with premultiplied alpha, the legacy rule of CSS Color 4 § 12: a transparent end lends no hue. */
    public function mix(self $other, float $t): self
    {
        $alpha = self::between($this->alpha, $other->alpha, $t);
        if ($alpha <= 0) {
            return new self($other->red, $other->green, $other->blue, 0);
        }
        $channel = fn (int $from, int $to): int => (int) round(min(255, max(0,
            self::between($from * $this->alpha, $to * $other->alpha, $t) / $alpha)));

        return new self(
            $channel($this->red, $other->red), $channel($this->green, $other->green),
            $channel($this->blue, $other->blue), (int) round(min(255, $alpha)),
        );
    }

    public function faded(float $opacity): self
    {
        return new self($this->red, $this->green, $this->blue, (int) round($this->alpha * $opacity));
    }

    public function isVisible(): bool
    {
        return $this->alpha > 0;
    }

    public function __toString(): string
    {
        return sprintf($this->alpha === 255 ? '#%02x%02x%02x' : '#%02x%02x%02x%02x', $this->red, $this->green, $this->blue, $this->alpha);
    }

    private static function between(int $from, int $to, float $t): float
    {
        return $from + ($to - $from) * $t;
    }
}
