<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Time\FrameRate;

/** What a file holds: its size as displayed (turned and with square pixels), rate, frames, sound and alpha. */
final readonly class MediaFacts
{
    /** At which a sound without pictures is counted. */
    private const SOUND_RATE = 100;

    /**
     * @param  int  $frames  how many frames of $rate it shows
     * @param  bool  $alpha  whether its pictures are transparent in places
     * @param  ?string  $drawing  what there is to draw, where it is not made of pixels: JSON of a Drawing
     * @param  ?string  $font  its family and style, where it is a font
     * @param  ?float  $soundSeconds  how long its sound goes on from the first frame; null for as long as its pictures
     */
    public function __construct(
        public int $width,
        public int $height,
        public FrameRate $rate,
        public int $frames,
        public bool $sound,
        public bool $alpha = false,
        private ?float $soundSeconds = null,
        public ?string $drawing = null,
        public ?string $font = null,
    ) {
    }

    public static function font(string $name): self
    {
        return new self(0, 0, new FrameRate(25), 1, false, font: $name);
    }

    /** @param  float  $seconds  how long it is heard */
    public static function sound(float $seconds): self
    {
        return new self(0, 0, new FrameRate(self::SOUND_RATE), max(1, (int) ceil($seconds * self::SOUND_RATE)), true, false, $seconds);
    }

    /**
     * @return array{width: int, height: int, rate: string, frames: int, sound: bool, alpha: bool, still: bool, heard: bool,
     *     drawn: bool, font: ?string}
     */
    public function toJson(): array
    {
        return [
            'width' => $this->width,
            'height' => $this->height,
            'rate' => (string) $this->rate,
            'frames' => $this->frames,
            'sound' => $this->sound,
            'alpha' => $this->alpha,
            'still' => $this->isStill(),
            'heard' => $this->isSound(),
            'drawn' => $this->drawing !== null,
            'font' => $this->font,
        ];
    }

    /** How long it can be heard from its first frame, which may be longer or shorter than it can be seen. */
    public function soundSeconds(): float
    {
        return $this->soundSeconds ?? $this->rate->seconds($this->frames);
    }

    /** Whether there is nothing to be seen of it. */
    public function isSound(): bool
    {
        return $this->width === 0 && $this->sound;
    }

    /** Whether it is a single picture, which holds for as long as it is shown. */
    public function isStill(): bool
    {
        return $this->frames === 1 && ! $this->sound;
    }

    public function size(): Size
    {
        return new Size($this->width, $this->height);
    }
}
