<?php

declare(strict_types=1);

namespace Ricamo\Raster\Draw;

use Closure;
use Ricamo\Core\Display\Coverage;
use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Evaluate\Covering;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Raster\Media\ClipPictures;
use Ricamo\Raster\Media\Clips;

/** By outlines where they suffice; what has an alpha of its own, or passes through filters and masks, is drawn small and looked at. */
final class DrawnCovering implements Covering
{
    /** In so many pixels a frame is drawn, along its longer side. */
    private const SIDE = 480;

    /** From this alpha on nobody sees through it; clips whose alpha is not coded without loss come a little short of 255. */
    private const OPAQUE = 250;

    private ?Pictures $pictures = null;

    /** @param  Closure(): Clips  $clips  asked for when there is something to draw */
    public function __construct(private readonly Closure $clips)
    {
    }

    public function share(DisplayList $list): float
    {
        $certain = Coverage::of($list);

        return $certain >= 1 || Coverage::isExact($list->operations) ? $certain : max($certain, $this->drawn($list));
    }

    private function drawn(DisplayList $list): float
    {
        $scale = min(1, self::SIDE / max($list->width, $list->height));
        // Whole pixels only: one that the frame fills in part would look as if something shone through.
        $surface = new Surface(max(1, (int) floor($list->width * $scale)), max(1, (int) floor($list->height * $scale)));
        $this->pictures ??= new ClipPictures(($this->clips)());
        (new Painter(
            $surface, $this->pictures, Affine::scaling($surface->width / $list->width, $surface->height / $list->height),
        ))->paint($list);
        $alphas = array_slice(array_values(unpack('C*', $surface->data()) ?: []), 3);
        [$covered, $count] = [0, $surface->width * $surface->height];
        for ($pixel = 0; $pixel < $count; $pixel++) {
            $covered += $alphas[4 * $pixel] >= self::OPAQUE ? 1 : 0;
        }

        return $covered / $count;
    }
}
