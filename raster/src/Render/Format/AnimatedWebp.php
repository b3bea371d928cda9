<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render\Format;

use Ricamo\Core\Time\FrameRate;

final class AnimatedWebp extends Intermediate
{
    public function name(): string
    {
        return 'webp';
    }

    public function title(): string
    {
        return 'Animated WebP';
    }

    public function purpose(): Purpose
    {
        return Purpose::Loop;
    }

    public function goodFor(): string
    {
        return 'alpha, small graphics on web pages';
    }

    public function extension(): string
    {
        return 'webp';
    }

    public function mediaType(): string
    {
        return 'image/webp';
    }

    public function joining(): Joining
    {
        return Joining::Anew;
    }

    public function density(Quality $quality): float
    {
        return $quality->of(0.02, 0.05, 0.25);
    }

    public function finishing(FrameRate $rate, Quality $quality): array
    {
        return [
            '-c:v', 'libwebp_anim', '-pix_fmt', 'bgra',
            ...$quality->of(['-quality', '60'], ['-quality', '90'], ['-lossless', '1']), '-loop', '0', '-f', 'webp',
        ];
    }
}
