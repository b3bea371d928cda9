<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Bundle;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Pin;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Marker;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Document\Stay;
use Ricamo\Core\Move\Life;
use Ricamo\Core\Move\PlacedAccent;
use Ricamo\Core\Time\FrameRange;

/**
 * A composition that goes on for longer or less long: its stay takes up the difference, so that all that comes after is that
 * much later, and as it was. It cannot rest for less than a frame; what is to be shorter than that is cut off at its end.
 */
final class Lasting
{
    public static function for(Composition $composition, int $length, MediaLibrary $media): Composition
    {
        if ($length === $composition->length) {
            return $composition;
        }
        $stay = Stay::of($composition);
        $by = max($length - $composition->length, 1 - $stay->length());
        $later = fn (Layer $layer): Layer => self::later($layer, $stay->to, $by, $composition, $media);
        $markers = $composition->markers->map(fn (Marker $marker): Marker => $marker->frame < $stay->to ? $marker : $marker->movedBy($by));

        return $composition->with(['length' => $length, 'layers' => $composition->layers->map($later), 'markers' => $markers]);
    }

    /** What of a layer is at frame $from or after it, $by frames later. */
    private static function later(Layer $layer, int $from, int $by, Composition $composition, MediaLibrary $media): Layer
    {
        $span = $layer->span;
        if ($span->in >= $from) {
            return $layer->withSpan(new FrameRange($span->in + $by, $span->out + $by));
        }
        $goesOn = $span->out >= $from;
        $moved = function (Keyframe $keyframe) use ($span, $from, $by, $goesOn): Keyframe {
            $isLate = $keyframe->frame($span) >= $from;
            $movesAlong = $keyframe->pin === Pin::End && $goesOn;

            return $isLate === $movesAlong ? $keyframe : $keyframe->movedBy($isLate ? $by : -$by);
        };
        $content = $layer->content;

        return $layer->with([
            'span' => $goesOn ? new FrameRange($span->in, $span->out + $by) : $span,
            'properties' => array_map(fn (Property $property): Property => $property->mapKeyframes($moved), $layer->properties),
            'life' => self::accentsLater($layer->life, $from - $span->in, $by),
            'content' => $content instanceof BundleContent && $goesOn
                ? $content->pulled($span, 0, $by, $composition->rate, $media)
                : $content,
        ]);
    }

    private static function accentsLater(Life $life, int $from, int $by): Life
    {
        return $life->withAccents(array_map(
            fn (PlacedAccent $one): PlacedAccent => $one->at >= $from ? $one->movedBy($by) : $one, $life->accents,
        ));
    }
}
