<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render\Format;

use Ricamo\Core\Time\FrameRate;

final class Apng extends Intermediate
{
    public function name(): string
    {
        return 'apng';
    }

    public function title(): string
    {
        return 'Animated PNG';
    }

    public function purpose(): Purpose
    {
        return Purpose::Loop;
    }

    public function goodFor(): string
    {
        return 'alpha, small graphics: nothing is lost';
    }

    public function extension(): string
    {
        return 'apng';
    }

    public function mediaType(): string
    {
        return 'image/apng';
    }

    public function joining(): Joining
    {
        return Joining::Anew;
    }

    public function density(Quality $quality): float
    {
        return 0.3;
    }

    public function finishing(FrameRate $rate, Quality $quality): array
    {
        return ['-c:v', 'apng', '-pix_fmt', 'rgba', '-pred', 'mixed', '-plays', '0', '-f', 'apng'];
    }
}
