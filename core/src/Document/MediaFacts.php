<?php

namespace Ricamo\Core\Document;

use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Time\FrameRate;

/** What a clip's file holds: its size as displayed (turned and with square pixels), rate, frames, and whether it sounds. */
final readonly class MediaFacts
{
    /** @param  int  $frames how many frames of $rate it shows */
    public function __construct(
        public int $width,
        public int $height,
        public FrameRate $rate,
        public int $frames,
        public bool $sound,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->field('width')->int(1, 32768),
            $node->field('height')->int(1, 32768),
            Composition::readRate($node->field('rate')),
            $node->field('frames')->int(1, 100_000_000),
            $node->field('sound')->bool(),
        );
    }

    /** @return array{width: int, height: int, rate: string, frames: int, sound: bool} */
    public function toJson(): array
    {
        return [
            'width' => $this->width,
            'height' => $this->height,
            'rate' => (string) $this->rate,
            'frames' => $this->frames,
            'sound' => $this->sound,
        ];
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
