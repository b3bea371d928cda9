<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render;

use Ricamo\Raster\Render\Format\Format;
use Ricamo\Raster\Render\Format\Joining;
use Ricamo\Raster\Render\Format\Quality;

/** How large a composition is rendered, in pixels. */
final readonly class PictureSize
{
    private function __construct(public int $width, public int $height)
    {
    }

    /** The size of what is drawn. @param  float  $scale  1 for the composition's own size */
    public static function drawn(int $width, int $height, float $scale): self
    {
        $side = fn (int $length): int => max(2, (int) round($length * $scale));

        return new self($side($width), $side($height));
    }

    /** The size of the file: where the format takes even sides only, an odd picture gets one more column or row, a copy of its last. */
    public function in(Format $format): self
    {
        return $format->takesEvenSides() ? new self($this->width + $this->width % 2, $this->height + $this->height % 2) : $this;
    }

    public function is(self $other): bool
    {
        return $this->width === $other->width && $this->height === $other->height;
    }

    /** About how many bytes a file of so many frames of it takes. */
    public function bytes(Format $format, Quality $quality, int $frames): int
    {
        $pictures = $format->joining() === Joining::Picture ? 1 : $frames;

        return (int) round($format->density($quality) * $this->width * $this->height * $pictures);
    }
}
