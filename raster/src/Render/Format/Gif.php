<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render\Format;

use Ricamo\Core\Time\FrameRate;

final class Gif extends Intermediate
{
    public function name(): string
    {
        return 'gif';
    }

    public function title(): string
    {
        return 'GIF';
    }

    public function purpose(): Purpose
    {
        return Purpose::Loop;
    }

    public function goodFor(): string
    {
        return '256 colours, plays in any message';
    }

    public function extension(): string
    {
        return 'gif';
    }

    public function mediaType(): string
    {
        return 'image/gif';
    }

    public function joining(): Joining
    {
        return Joining::Anew;
    }

    public function density(Quality $quality): float
    {
        return 0.15;
    }

    public function finishing(FrameRate $rate, Quality $quality): array
    {
        return [
            '-filter_complex', '[0:v]format=rgba,split[a][b];[a]palettegen=reserve_transparent=1:stats_mode=diff[p];'
                .'[b][p]paletteuse=dither=bayer:bayer_scale=4:diff_mode=rectangle:alpha_threshold=128[out]',
            '-map', '[out]', '-f', 'gif',
        ];
    }
}
