<?php

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Kind\Heard;
use Ricamo\Core\Time\FrameRange;

/** What is heard over a range of a composition. */
final class SoundPlan
{
    /** @return list<SoundCue> timed from the range's start */
    public static function of(Composition $composition, MediaLibrary $media, FrameRange $range): array
    {
        $cues = [];
        foreach ($composition->layers as $layer) {
            $heard = $range->intersection($layer->span);
            if (! $layer->content instanceof Heard || ! $layer->visible || $heard === null) {
                continue;
            }
            $rate = $composition->rate;
            $cue = $layer->content->cue(
                $rate->seconds($heard->in - $layer->span->in),
                $rate->seconds($heard->length()),
                $rate->seconds($heard->in - $range->in),
                $media,
            );
            if ($cue !== null) {
                $cues[] = $cue;
            }
        }

        return $cues;
    }
}
