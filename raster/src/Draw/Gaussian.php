<?php

declare(strict_types=1);

namespace Ricamo\Raster\Draw;

use FFI\CData;
use Ricamo\Raster\Native\Vips;

/**
 * A Gaussian blur of a picture. A wide one is made of a smaller picture: shrunk by f = 2^⌊log2(σ/2)⌋, by which it is blurred by
 * (f² − 1)/12 in variance already, and half of that again where it is enlarged bilinearly.
 */
final readonly class Gaussian
{
    /** Below this many pixels nothing can be seen of it. */
    private const LEAST = 0.3;

    /** By how much a picture is shrunk at most; the sides of one that is blurred are multiples of it. */
    public const MOST = 32;

    /** How many deviations from the middle its weights go on. */
    private const REACH = 3;

    /** libvips sums up in eight bits and as many as it takes for the largest weight. */
    private const PRECISION = 128;

    /** @return array{Surface, int} the blurred picture, and how many of the given one's pixels across one of its own is */
    public static function of(Surface $picture, float $deviation): array
    {
        if ($deviation < self::LEAST) {
            return [$picture, 1];
        }
        $factor = max(1, min(self::MOST, 2 ** (int) floor(log($deviation / 2, 2))));
        $left = sqrt(max(0.04, $deviation ** 2 - ($factor ** 2 - 1) / 4)) / $factor;
        $vips = Vips::library();
        $images = [$vips->vips_image_new_from_memory(
            $picture->pixels, $picture->bytes(), $picture->width, $picture->height, 4, Vips::UCHAR,
        )];
        if ($factor > 1) {
            $images[] = Vips::made(fn ($vips, CData $out): int => $vips->vips_shrink(
                $images[0], $out, (float) $factor, (float) $factor, null,
            ));
        }
        $weights = self::weights($left);
        $mask = self::mask($weights);
        $images[] = Vips::made(fn ($vips, CData $out): int => $vips->vips_convsep(
            $images[count($images) - 1], $out, $mask, 'precision', Vips::PRECISION_INTEGER, null,
        ));
        $blurred = new Surface(intdiv($picture->width, $factor), intdiv($picture->height, $factor));
        PixelWriter::write($images[count($images) - 1], $blurred);
        foreach ([$mask, ...$images] as $image) {
            $vips->g_object_unref($image);
        }

        return [$blurred, $factor];
    }

    /**
     * Whole weights whose sum is exactly what libvips divides by, so that what is even stays as bright as it was.
     *
     * @return non-empty-list<int>
     */
    private static function weights(float $deviation): array
    {
        $reach = max(1, (int) ceil(self::REACH * $deviation));
        $exact = array_map(fn (int $x): float => exp(-$x ** 2 / (2 * $deviation ** 2)), range(-$reach, $reach));
        $sum = array_sum($exact);
        $peak = 1 / $sum;
        $total = (int) (self::PRECISION * 2 ** -ceil(log($peak, 2) + 1));
        $scaled = array_map(fn (float $weight): float => $total * $weight / $sum, $exact);
        $weights = array_map(fn (float $weight): int => (int) round($weight), $scaled);
        // What rounding left over is the middle's: it keeps the sides alike.
        $weights[$reach] += $total - array_sum($weights);

        return $weights;
    }

    /** @param  non-empty-list<int>  $weights */
    private static function mask(array $weights): CData
    {
        $vips = Vips::library();
        $count = count($weights);
        $array = $vips->new("double[$count]");
        foreach ($weights as $index => $weight) {
            $array[$index] = (float) $weight;
        }
        $mask = $vips->vips_image_new_matrix_from_array($count, 1, $array, $count);
        $vips->vips_image_set_double($mask, 'scale', (float) array_sum($weights));

        return $mask;
    }
}
