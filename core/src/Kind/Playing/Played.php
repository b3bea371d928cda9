<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Playing;

use Ricamo\Core\Document\Content;
use Ricamo\Core\Document\MediaFacts;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Time\FrameRate;

/** Content that goes on in time by itself, so that a layer's in point cuts into it; along the layer's ramp where that is handed in. */
interface Played extends Content
{
    /** What there is of what plays. */
    public function plays(MediaLibrary $media): MediaFacts;

    public function pace(): Pace;

    public function paced(Pace $pace): static;

    /** What is asked for along a ramp; null where there is none, or nothing that goes on. */
    public function ramped(?Ramp $ramp, MediaFacts $facts, FrameRate $rate): ?RampedPace;

    /** The frame that is shown $after frames of $rate after the layer's in point; null for none. */
    public function frameShownAfter(int $after, FrameRate $rate, MediaLibrary $media, ?Ramp $ramp = null): ?int;

    /** How many frames of $rate the in point can be moved back before the content would begin too late. */
    public function room(FrameRate $rate, MediaLibrary $media, ?Ramp $ramp = null): int;

    /** A copy for an in point that is $frames frames of $rate later; what is shown stays where it is in time. */
    public function begunLater(int $frames, FrameRate $rate, MediaLibrary $media, ?Ramp $ramp = null): static;

    /** How many frames of $rate it takes from where it begins until there is no more of it; null where it never ends. */
    public function lasts(FrameRate $rate, MediaLibrary $media, ?Ramp $ramp = null): ?int;

    /**
     * The frames of a layer on which it is asked for what it does not have.
     *
     * @return list<FrameRange> none, one, or one at either end; more along a ramp
     */
    public function missing(FrameRange $span, FrameRate $rate, MediaLibrary $media, ?Ramp $ramp = null): array;
}
