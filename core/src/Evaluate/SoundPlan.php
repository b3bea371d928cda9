<?php

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Content\FootageContent;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Time\FrameRange;

/** What is heard over a range of a composition. */
final class SoundPlan
{
    /** @return list<SoundCue> timed from the range's start */
    public static function of(Composition $composition, MediaLibrary $media, FrameRange $range): array
    {
        $cues = [];
        foreach ($composition->layers as $layer) {
            $content = $layer->content;
            $heard = $range->intersection($layer->span);
            if (! $content instanceof FootageContent || ! $content->sound || ! $layer->visible || $heard === null) {
                continue;
            }
            $facts = $media->get($content->media)->known();
            $from = $facts->rate->seconds($content->from) + $composition->rate->seconds($heard->in - $layer->span->in);
            $length = min($composition->rate->seconds($heard->length()), $facts->rate->seconds($facts->frames) - $from);
            if ($facts->sound && $length > 0) {
                $cues[] = new SoundCue($content->media, $from, $composition->rate->seconds($heard->in - $range->in), $length);
            }
        }

        return $cues;
    }
}
