<?php

namespace Ricamo\Core\Evaluate;

/** A stretch of a clip's sound: where it begins in the clip, when it is heard, and how long, all in seconds. */
final readonly class SoundCue
{
    public function __construct(public string $media, public float $from, public float $at, public float $length)
    {
    }

    /** @return array{media: string, from: float, at: float, length: float} */
    public function toJson(): array
    {
        return ['media' => $this->media, 'from' => $this->from, 'at' => $this->at, 'length' => $this->length];
    }
}
