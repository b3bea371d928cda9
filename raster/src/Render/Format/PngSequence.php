<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render\Format;

use Ricamo\Core\Time\FrameRate;

final class PngSequence extends Intermediate
{
    public function name(): string
    {
        return 'png';
    }

    public function title(): string
    {
        return 'PNG pictures in a ZIP';
    }

    public function purpose(): Purpose
    {
        return Purpose::Alpha;
    }

    public function goodFor(): string
    {
        return 'alpha, numbered, for any program';
    }

    public function extension(): string
    {
        return 'zip';
    }

    public function mediaType(): string
    {
        return 'application/zip';
    }

    public function joining(): Joining
    {
        return Joining::Pictures;
    }

    public function density(Quality $quality): float
    {
        return 0.5;
    }

    public function finishing(FrameRate $rate, Quality $quality): array
    {
        return ['-c:v', 'copy', '-f', 'image2'];
    }
}
