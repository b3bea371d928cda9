<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render\Format;

use Ricamo\Core\Time\FrameRate;
use Ricamo\Raster\Render\VideoFormat;

final class Hevc extends Mp4
{
    public function name(): string
    {
        return 'hevc';
    }

    public function title(): string
    {
        return 'MP4, HEVC';
    }

    public function goodFor(): string
    {
        return 'half as large, for newer players';
    }

    public function density(Quality $quality): float
    {
        return $quality->of(0.01, 0.03, 0.08);
    }

    public function encoder(FrameRate $rate, Quality $quality): array
    {
        return [
            '-c:v', 'libx265', '-preset', 'fast', '-crf', $quality->of('26', '20', '14'), '-pix_fmt', 'yuv420p', '-tag:v', 'hvc1',
            '-x265-params', 'log-level=error:rc-lookahead=10', ...VideoFormat::COLOUR_MARKS, ...VideoFormat::times($rate),
        ];
    }

    public function finishing(FrameRate $rate, Quality $quality): array
    {
        return ['-tag:v', 'hvc1', ...parent::finishing($rate, $quality)];
    }
}
