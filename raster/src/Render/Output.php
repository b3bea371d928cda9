<?php

namespace Ricamo\Raster\Render;

use Ricamo\Raster\Render\Format\Format;
use Ricamo\Raster\Render\Format\Mp4;
use Ricamo\Raster\Render\Format\Quality;

/** What is to be made of a scene: a kind of file, and how well. */
final readonly class Output
{
    public function __construct(public Format $format = new Mp4, public Quality $quality = Quality::Good)
    {
    }
}
