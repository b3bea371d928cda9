<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render\Format;

use Ricamo\Core\Time\FrameRate;

final class Still extends Intermediate
{
    public function name(): string
    {
        return 'still';
    }

    public function title(): string
    {
        return 'PNG, a single frame';
    }

    public function purpose(): Purpose
    {
        return Purpose::Else;
    }

    public function goodFor(): string
    {
        return 'alpha, the frame at the playhead';
    }

    public function extension(): string
    {
        return 'png';
    }

    public function mediaType(): string
    {
        return 'image/png';
    }

    public function joining(): Joining
    {
        return Joining::Picture;
    }

    public function density(Quality $quality): float
    {
        return 0.5;
    }

    public function finishing(FrameRate $rate, Quality $quality): array
    {
        return ['-c:v', 'copy', '-f', 'image2', '-update', '1'];
    }
}
