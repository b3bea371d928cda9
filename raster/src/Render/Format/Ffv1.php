<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render\Format;

use Ricamo\Core\Time\FrameRate;
use Ricamo\Raster\Render\VideoFormat;

final class Ffv1 extends Format
{
    public function name(): string
    {
        return 'ffv1';
    }

    public function title(): string
    {
        return 'Matroska, FFV1';
    }

    public function purpose(): Purpose
    {
        return Purpose::Alpha;
    }

    public function goodFor(): string
    {
        return 'alpha, for keeping: nothing is lost';
    }

    public function extension(): string
    {
        return 'mkv';
    }

    public function mediaType(): string
    {
        return 'video/x-matroska';
    }

    public function density(Quality $quality): float
    {
        return 0.5;
    }

    public function takesPremultiplied(): bool
    {
        return true;
    }

    public function pieceContainer(): string
    {
        return 'matroska';
    }

    public function encoder(FrameRate $rate, Quality $quality): array
    {
        return ['-c:v', 'ffv1', '-level', '3', '-g', '1', '-slices', '4', '-pix_fmt', 'bgra'];
    }

    public function finishing(FrameRate $rate, Quality $quality): array
    {
        return ['-c:v', 'copy', '-bsf:v', VideoFormat::counted($rate), '-f', 'matroska'];
    }

    public function soundEncoder(): array
    {
        return ['-c:a', 'flac'];
    }
}
