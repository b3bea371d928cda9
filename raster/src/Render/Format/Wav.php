<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render\Format;

use Ricamo\Core\Time\FrameRate;

final class Wav extends Format
{
    public function name(): string
    {
        return 'wav';
    }

    public function title(): string
    {
        return 'WAV, sound alone';
    }

    public function purpose(): Purpose
    {
        return Purpose::Else;
    }

    public function goodFor(): string
    {
        return 'what is heard, as it was mixed';
    }

    public function extension(): string
    {
        return 'wav';
    }

    public function mediaType(): string
    {
        return 'audio/wav';
    }

    public function joining(): Joining
    {
        return Joining::Sound;
    }

    public function density(Quality $quality): float
    {
        return 0;
    }

    public function encoder(FrameRate $rate, Quality $quality): array
    {
        return [];
    }

    public function finishing(FrameRate $rate, Quality $quality): array
    {
        return ['-f', 'wav'];
    }

    public function soundEncoder(): array
    {
        return ['-c:a', 'pcm_s16le'];
    }
}
