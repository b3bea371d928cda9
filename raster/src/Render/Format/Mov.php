<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render\Format;

use Ricamo\Core\Time\FrameRate;
use Ricamo\Raster\Render\VideoFormat;

final class Mov extends Format
{
    public function name(): string
    {
        return 'mov';
    }

    public function title(): string
    {
        return 'MOV, 4444';
    }

    public function purpose(): Purpose
    {
        return Purpose::Alpha;
    }

    public function goodFor(): string
    {
        return 'alpha, for editing';
    }

    public function extension(): string
    {
        return 'mov';
    }

    public function mediaType(): string
    {
        return 'video/quicktime';
    }

    public function density(Quality $quality): float
    {
        return $quality->of(0.35, 0.5, 0.7);
    }

    public function takesPremultiplied(): bool
    {
        return true;
    }

    public function filter(bool $premultiplied): string
    {
        // Without setparams it is read back as BT.601.
        return self::colours($premultiplied)
            .',scale=out_color_matrix=bt709:out_range=tv:flags=accurate_rnd+full_chroma_int,format=yuva444p10le,'
            .'setparams=colorspace=bt709:color_primaries=bt709:color_trc=bt709:range=tv';
    }

    public function encoder(FrameRate $rate, Quality $quality): array
    {
        return [
            '-c:v', 'prores_ks', '-profile:v', '4444', '-alpha_bits', '16', '-vendor', 'apl0', '-bits_per_mb',
            $quality->of('1500', '3000', '6000'),
            ...VideoFormat::COLOUR_MARKS, ...VideoFormat::times($rate),
        ];
    }

    public function finishing(FrameRate $rate, Quality $quality): array
    {
        return ['-c:v', 'copy', '-bsf:v', VideoFormat::wholeFrames($rate), '-f', 'mov'];
    }

    public function soundEncoder(): array
    {
        return ['-c:a', 'pcm_s16le'];
    }
}
