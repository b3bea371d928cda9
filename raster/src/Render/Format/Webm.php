<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render\Format;

use Ricamo\Core\Time\FrameRate;
use Ricamo\Raster\Render\VideoFormat;

final class Webm extends Format
{
    public function name(): string
    {
        return 'webm';
    }

    public function title(): string
    {
        return 'WebM, VP9';
    }

    public function purpose(): Purpose
    {
        return Purpose::Alpha;
    }

    public function goodFor(): string
    {
        return 'alpha, for web pages';
    }

    public function extension(): string
    {
        return 'webm';
    }

    public function mediaType(): string
    {
        return 'video/webm';
    }

    public function density(Quality $quality): float
    {
        return $quality->of(0.02, 0.05, 0.12);
    }

    public function filter(bool $premultiplied): string
    {
        return self::colours($premultiplied).','.VideoFormat::COLOURS
            .',format=yuva420p,setparams=colorspace=bt709:color_primaries=bt709:color_trc=bt709:range=tv';
    }

    public function pieceContainer(): string
    {
        return 'matroska';
    }

    public function encoder(FrameRate $rate, Quality $quality): array
    {
        return [
            // Without frames that refer ahead, which alpha does not go with.
            '-c:v', 'libvpx-vp9', '-pix_fmt', 'yuva420p', '-auto-alt-ref', '0', '-crf', $quality->of('30', '18', '8'),
            '-b:v', '0', '-cpu-used', '4', '-row-mt', '1',
            ...VideoFormat::COLOUR_MARKS,
        ];
    }

    public function finishing(FrameRate $rate, Quality $quality): array
    {
        return ['-c:v', 'copy', '-bsf:v', VideoFormat::counted($rate), '-metadata:s:v:0', 'alpha_mode=1', '-f', 'webm'];
    }

    public function soundEncoder(): array
    {
        return ['-c:a', 'libopus', '-b:a', '192k'];
    }
}
