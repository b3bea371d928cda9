<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

/** A stretch of a sound: where it begins in its file, when it is heard, how long, how fast and how loud. */
final readonly class SoundCue
{
    /**
     * @param  string  $layer  the id of the one that is heard
     * @param  float  $from  seconds
     * @param  float  $at  seconds
     * @param  float  $length  seconds that it is heard
     * @param  float  $speed  of its own, and its pitch with it; below nought it goes backwards from $from; the mean of what changes
     * @param  non-empty-list<array{float, float}>  $level  seconds from its beginning, and what its samples are multiplied
     *   by; in straight lines between, and as at the ends beyond them
     * @param  list<array{float, float}>  $speeds  how the speed goes where it changes: seconds from its beginning, and the speed, in
     *   straight lines between; none where it is even
     */
    public function __construct(
        public string $layer,
        public string $media,
        public float $from,
        public float $at,
        public float $length,
        public float $speed = 1.0,
        public array $level = [[0.0, 1.0]],
        public array $speeds = [],
    ) {
    }

    /**
     * @return array{layer: string, media: string, from: float, at: float, length: float, speed: float,
     *     level: non-empty-list<array{float, float}>, speeds: list<array{float, float}>}
     */
    public function toJson(): array
    {
        return [
            'layer' => $this->layer,
            'media' => $this->media,
            'from' => $this->from,
            'at' => $this->at,
            'length' => $this->length,
            'speed' => $this->speed,
            'level' => $this->level,
            'speeds' => $this->speeds,
        ];
    }
}
