<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render;

use Ricamo\Core\Refusal;
use Ricamo\Raster\Render\Format\Format;
use Ricamo\Raster\Render\Format\Mp4;
use Ricamo\Raster\Render\Format\Quality;

/** What is to be made of a scene: a kind of file, how well, and whether its colours are multiplied by alpha. */
final readonly class Output
{
    /** @throws Refusal where the format has straight colours only */
    public function __construct(
        public Format $format = new Mp4, public Quality $quality = Quality::Good, public bool $premultiplied = false,
    ) {
        if ($premultiplied && ! $format->takesPremultiplied()) {
            throw new Refusal("{$format->title()} has straight alpha only");
        }
    }
}
