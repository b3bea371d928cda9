<?php

namespace Ricamo\Core\Document;

use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Time\FrameRate;

/** What a clip's file holds: its size as displayed (turned and with square pixels), rate, frames, sound and alpha. */
final readonly class MediaFacts
{
    /**
     * @param  int  $frames  how many frames of $rate it shows
     * @param  bool  $alpha  whether its pictures are transparent in places
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
    ) {
    }

    /** @return array{width: int, height: int, rate: string, frames: int, sound: bool, alpha: bool, still: bool} */
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
        ];
    }

    /** How long it can be heard from its first frame, which may be longer or shorter than it can be seen. */
    public function soundSeconds(): float
    {
        return $this->soundSeconds ?? $this->rate->seconds($this->frames);
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

    /** How many frames of a composition at $rate the clip lasts when it is played from its frame $from; at least 1. */
    public function lengthAt(FrameRate $rate, int $from = 0): int
    {
        return max(1, $rate->nearestFrame(max(0, $this->frames - $from), $this->rate));
    }
}
