<?php

declare(strict_types=1);

namespace Ricamo\Core\Colour;

use Ricamo\Core\Refusal;

/** An sRGB colour of 8 bits a channel with straight alpha, written `#rrggbb` or `#rrggbbaa`. */
final readonly class Colour
{
    public function __construct(public int $red, public int $green, public int $blue, public int $alpha = 255)
    {
    }

    /** @throws Refusal for what is no colour */
    public static function parse(string $text): self
    {
        // The usual form, of which documents hold thousands.
        if (strlen($text) === 7 && $text[0] === '#' && ctype_xdigit($digits = substr($text, 1))) {
            $number = (int) hexdec($digits);

            return new self($number >> 16, ($number >> 8) & 255, $number & 255);
        }
        if (! preg_match('/^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})?$/i', $text, $parts)) {
            throw new Refusal("\"$text\" is not a colour; write it as #rrggbb or #rrggbbaa");
        }

        return new self((int) hexdec($parts[1]), (int) hexdec($parts[2]), (int) hexdec($parts[3]), (int) hexdec($parts[4] ?? 'ff'));
    }

    /** Mixes in sRGB with premultiplied alpha, the legacy rule of CSS Color 4 § 12: a transparent end lends no hue. */
    public function mix(self $other, float $t): self
    {
        if ($this->alpha === 255 && $other->alpha === 255 && $t >= 0 && $t <= 1) {
            // Both opaque, as mostly: no channel has to be weighed or kept in its range. Of what is not negative, `(int) ($x + 0.5)`
            // is the nearest whole number, in a fraction of the time that `round` takes.
            return new self(
                (int) ($this->red + ($other->red - $this->red) * $t + 0.5),
                (int) ($this->green + ($other->green - $this->green) * $t + 0.5),
                (int) ($this->blue + ($other->blue - $this->blue) * $t + 0.5),
            );
        }
        $alpha = $this->alpha + ($other->alpha - $this->alpha) * $t;
        if ($alpha <= 0) {
            return new self($other->red, $other->green, $other->blue, 0);
        }
        $here = $this->alpha * (1 - $t) / $alpha;
        $there = $other->alpha * $t / $alpha;
        if ($t >= 0 && $t <= 1) {
            return new self(
                (int) round($this->red * $here + $other->red * $there),
                (int) round($this->green * $here + $other->green * $there),
                (int) round($this->blue * $here + $other->blue * $there),
                (int) round($alpha),
            );
        }

        return new self(
            self::whole($this->red * $here + $other->red * $there),
            self::whole($this->green * $here + $other->green * $there),
            self::whole($this->blue * $here + $other->blue * $there),
            self::whole($alpha),
        );
    }

    public function faded(float $opacity): self
    {
        return new self($this->red, $this->green, $this->blue, (int) round($this->alpha * $opacity));
    }

    /** @param  callable(self): self  $change of a colour; gradients have it of each of theirs */
    public function mapped(callable $change): self
    {
        return $change($this);
    }

    public function isVisible(): bool
    {
        return $this->alpha > 0;
    }

    public function __toString(): string
    {
        // With a one in front, which keeps the zeros behind it.
        $channels = 0x1000000 | $this->red << 16 | $this->green << 8 | $this->blue;

        return '#'.substr(dechex($this->alpha === 255 ? $channels : $channels << 8 | $this->alpha), 1);
    }

    private static function whole(float $channel): int
    {
        return (int) round($channel < 0 ? 0 : ($channel > 255 ? 255 : $channel));
    }
}
