<?php

namespace Ricamo\Core\Kind;

use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Time\FrameRate;

/** Content that goes on in time by itself, so that a layer's in point cuts into it. */
interface Played
{
    /** How many frames of $rate the in point can be moved back before the content would begin too late. */
    public function room(FrameRate $rate, MediaLibrary $media): int;

    /** The same content for an in point that is $frames frames of $rate later; what is shown stays where it is in time. */
    public function begunLater(int $frames, FrameRate $rate, MediaLibrary $media): static;
}
