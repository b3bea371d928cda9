<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Playing;

use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Time\FrameRate;

/** Content that can be heard, as loud as its layer's property `level` says. */
interface Heard
{
    /**
     * @param  int  $after  frames of $rate from the layer's in point
     * @param  int  $length  frames that the layer goes on from there
     * @return list<Passage> with their times counted from there
     */
    public function passages(int $after, int $length, FrameRate $rate, MediaLibrary $media, ?Ramp $ramp = null): array;
}
