<?php

namespace Ricamo\Core\Kind;

use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Evaluate\SoundCue;

/** Content that can be heard. */
interface Heard
{
    /**
     * @param  float  $after  seconds from the layer's in point
     * @param  float  $length  seconds that the layer goes on from there
     * @param  float  $at  seconds at which that is heard
     */
    public function cue(float $after, float $length, float $at, MediaLibrary $media): ?SoundCue;
}
