<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Playing;

/** A stretch of sound that goes one way without a break: where it begins in its file, when it is heard, how long; in seconds. */
final readonly class Passage
{
    /** @param  float  $speed  of its own; below nought it goes backwards from $from */
    public function __construct(public string $media, public float $from, public float $at, public float $length, public float $speed)
    {
    }
}
