<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Playing;

/** A stretch of sound that goes one way without a break: where it begins in its file, when it is heard, how long; in seconds. */
final readonly class Passage
{
    /**
     * @param  float  $speed  of its own, in the mean; below nought it goes backwards from $from
     * @param  list<array{float, float}>  $speeds  seconds from its beginning and the speed there, in straight lines between; none
     *   where it is even
     */
    public function __construct(
        public string $media,
        public float $from,
        public float $at,
        public float $length,
        public float $speed,
        public array $speeds = [],
    ) {
    }
}
