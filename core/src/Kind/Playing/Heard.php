<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Playing;

use Ricamo\Core\Document\MediaLibrary;

/** Content that can be heard, as loud as its layer's property `level` says. */
interface Heard
{
    /**
     * @param  float  $after  seconds from the layer's in point
     * @param  float  $length  seconds that the layer goes on from there
     * @return list<Passage> with their times counted from there
     */
    public function passages(float $after, float $length, MediaLibrary $media): array;
}
