<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Animation\Polyline;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Kind\Bundle\BundleContent;
use Ricamo\Core\Kind\Places;
use Ricamo\Core\Kind\Playing\Heard;
use Ricamo\Core\Kind\Playing\Ramp;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Time\FrameRate;

/** What is heard over a range of a composition. */
final class SoundPlan
{
    /** By how much a level may differ from a straight line that stands for it. */
    private const EVEN = 1e-4;

    /** @return list<SoundCue> timed from the range's start */
    public static function of(Composition $composition, MediaLibrary $media, FrameRange $range): array
    {
        $cues = [];
        foreach ($composition->layers as $layer) {
            $on = $layer->content instanceof Heard ? $composition->onAir($layer) : null;
            $heard = $on === null ? null : $range->intersection($on);
            if ($layer->content instanceof Heard && $heard !== null && $composition->shows($layer)) {
                array_push($cues, ...self::cues($layer, $layer->content, $heard, $range, $composition->rate, $media));
            }
        }

        return $cues;
    }

    /** @return list<SoundCue> */
    private static function cues(
        Layer $layer,
        Heard $content,
        FrameRange $heard,
        FrameRange $range,
        FrameRate $rate,
        MediaLibrary $media,
    ): array {
        $cues = [];
        $placed = $layer->content instanceof Places ? $layer->content->placed() : null;
        $inside = $placed === null ? null : self::inside($placed, $media);
        $after = $heard->in - $layer->span->in;
        foreach ($content->passages($after, $heard->length(), $rate, $media, Ramp::of($layer)) as $passage) {
            $level = self::level($layer, $heard->in + $passage->at * $rate->perSecond(), $passage->length, $rate);
            if (max(array_column($level, 1)) > 0) {
                $at = $rate->seconds($heard->in - $range->in) + $passage->at;
                if ($inside !== null) {
                    array_push($cues, ...PlacedSound::in($inside, $layer->id, $passage, $at, $level));

                    continue;
                }
                $cues[] = new SoundCue(
                    $layer->id, $passage->media, $passage->from, $at, $passage->length, $passage->speed, $level, $passage->speeds,
                );
            }
        }

        return $cues;
    }

    /**
     * What is heard of a composition that is placed, from its beginning to its end.
     *
     * @return list<SoundCue>
     */
    private static function inside(BundleContent $content, MediaLibrary $media): array
    {
        $placed = $content->lasting($media);

        return self::of($placed, $media, $placed->range());
    }

    /**
     * A layer's level from a moment on, as it is on each frame.
     *
     * @param  float  $frame  of the composition, whole or not
     * @return non-empty-list<array{float, float}>
     */
    private static function level(Layer $layer, float $frame, float $seconds, FrameRate $rate): array
    {
        $at = fn (float $frame): float => $layer->number('level', $frame) / 100;
        if (! $layer->properties['level']->isAnimated()) {
            return [[0.0, $at($frame)]];
        }
        $points = [[0.0, $at($frame)]];
        $end = $frame + $seconds * $rate->perSecond();
        for ($next = floor($frame) + 1; $next < $end; $next++) {
            $points[] = [$rate->seconds($next - $frame), $at($next)];
        }
        $points[] = [$seconds, $at($end)];

        return (new Polyline($points))->simplified(self::EVEN)->points;
    }
}
