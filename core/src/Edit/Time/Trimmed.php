<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Time;

use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Kind\Bundle\BundleContent;
use Ricamo\Core\Kind\Playing\Played;
use Ricamo\Core\Kind\Playing\Ramp;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Time\FrameRate;

/**
 * A layer with other ends. Keyframes stay with the end that they are pinned to; what plays in the layer stays where it is
 * in time, so that its in point cannot go before its beginning. A bundle that begins or ends there goes on for longer.
 */
final class Trimmed
{
    /** @param  FrameRate  $rate  of the composition */
    public static function to(Layer $layer, int $in, int $out, FrameRate $rate, MediaLibrary $media): Layer
    {
        $content = $layer->content;
        if ($content instanceof Played) {
            $earliest = $layer->span->in - $content->room($rate, $media, Ramp::of($layer));
            $in = min($out - 1, max($in, $earliest));
            [$later, $longer] = [$in - $layer->span->in, $out - $layer->span->out];
            $layer = Ramp::staying($layer, $later, $longer)->withContent($content instanceof BundleContent
                ? $content->pulled($layer->span, $later, $longer, $rate, $media)
                : $content->begunLater($later, $rate, $media, Ramp::of($layer)));
        }

        return $layer->countedFrom($in)->withSpan(new FrameRange($in, $out));
    }
}
