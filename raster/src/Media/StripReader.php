<?php

declare(strict_types=1);

namespace Ricamo\Raster\Media;

use FFI\CData;
use Ricamo\Raster\Native\Vips;
use RuntimeException;

/**
 * A picture that libvips reads from top to bottom without ever holding it whole: scaled while its colours are multiplied by
 * their alpha, in as many bits as it has, and rounded to eight only at the end.
 */
final class StripReader
{
    /** The form of plain pixels: blue, green, red, alpha, premultiplied. */
    public const PIXELS = 'pixels';

    /** What is asked for instead of a form. */
    public const FACTS = 'facts';

    private const STANDARD_OUTPUT = 1;

    /** Grey, and red, green and blue, of 8 and of 16 bits, as libvips numbers them. */
    private const PLAIN = [1, 22, 25, 26];

    /** @var list<CData> every image that has been made */
    private array $images;

    /** @throws RuntimeException where it is no picture */
    public function __construct(string $file)
    {
        $vips = Vips::library();
        // By a source and not by a name, in which brackets would be taken for options.
        $source = $vips->vips_source_new_from_file($file);
        $image = $source === null ? null : $vips->vips_image_new_from_source($source, '', 'access', Vips::SEQUENTIAL, null);
        // What libvips says of it is about its own parts, or nothing.
        $this->images = [$image ?? throw new RuntimeException('the file is damaged or not complete')];
    }

    /**
     * @return array{plain: bool, alpha: bool} whether it is one picture of grey or of three colours in whole numbers, the right
     *     way up; and whether it has alpha
     */
    public function facts(): array
    {
        $vips = Vips::library();
        $image = $this->image();

        return [
            'plain' => in_array($vips->vips_image_get_interpretation($image), self::PLAIN, true)
                && in_array($vips->vips_image_get_format($image), [Vips::UCHAR, Vips::USHORT], true)
                && $vips->vips_image_get_bands($image) <= 4
                    && $vips->vips_image_get_n_pages($image) === 1
                    && $vips->vips_image_get_orientation($image) === 1,
            'alpha' => $this->hasAlpha(),
        ];
    }

    private function hasAlpha(): bool
    {
        return Vips::library()->vips_image_get_bands($this->image()) % 2 === 0;
    }

    /**
     * Writes it to standard output.
     *
     * @param  int  $width  in pixels, at most its own
     * @param  int  $height  in pixels, at most its own
     * @param  string  $form  PIXELS, or the ending of a format with options, whose alpha is straight
     *
     * @throws RuntimeException where it cannot be read or written
     */
    public function write(int $width, int $height, string $form): void
    {
        $vips = Vips::library();
        $bands = $vips->vips_image_get_bands($this->image());
        $most = $vips->vips_image_get_format($this->image()) === Vips::USHORT ? 65535 : 255;
        $hasAlpha = $this->hasAlpha();
        if ($hasAlpha) {
            $this->then(fn ($vips, CData $out): int => $vips->vips_premultiply($this->image(), $out, null));
        }
        $this->scale($width, $height);
        $isPixels = $form === self::PIXELS;
        $this->recombine(self::order($bands, $hasAlpha, $isPixels, 255 / $most));
        if ($hasAlpha && ! $isPixels) {
            $this->then(fn ($vips, CData $out): int => $vips->vips_unpremultiply($this->image(), $out, 'max_alpha', 255.0, null));
        }
        $this->then(fn ($vips, CData $out): int => $vips->vips_rint($this->image(), $out, null));
        $this->then(fn ($vips, CData $out): int => $vips->vips_cast($this->image(), $out, Vips::UCHAR, null));
        $this->then(fn ($vips, CData $out): int => $vips->vips_copy($this->image(), $out, 'interpretation', Vips::SRGB, null));
        if ($isPixels && ! $hasAlpha) {
            $this->then(fn ($vips, CData $out): int => $vips->vips_bandjoin_const1($this->image(), $out, 255.0, null));
        }
        Vips::check($isPixels
            ? $vips->vips_rawsave_fd($this->image(), self::STANDARD_OUTPUT, null)
            : $vips->vips_image_write_to_target($this->image(), $form, $vips->vips_target_new_to_descriptor(self::STANDARD_OUTPUT), null));
    }

    private function scale(int $width, int $height): void
    {
        $vips = Vips::library();
        [$across, $down] = [$width / $vips->vips_image_get_width($this->image()), $height / $vips->vips_image_get_height($this->image())];
        if ($across != 1 || $down != 1) {
            $this->then(fn ($vips, CData $out): int => $vips->vips_resize(
                $this->image(), $out, (float) $across, 'vscale', (float) $down, 'kernel', Vips::CUBIC, null,
            ));
        }
    }

    /**
     * The bands that are wanted, each as a sum of those that are there.
     *
     * @return list<list<float>>
     */
    private static function order(int $bands, bool $alpha, bool $isBackwards, float $factor): array
    {
        // Grey stands for each of the three.
        $colours = $bands < 3 ? [0, 0, 0] : ($isBackwards ? [2, 1, 0] : [0, 1, 2]);
        $sources = $alpha ? [...$colours, $bands - 1] : $colours;

        return array_map(
            fn (int $source): array => array_map(fn (int $band): float => $band === $source ? $factor : 0.0, range(0, $bands - 1)),
            $sources,
        );
    }

    /** @param  list<list<float>>  $rows */
    private function recombine(array $rows): void
    {
        $vips = Vips::library();
        $values = array_merge(...$rows);
        $array = $vips->new('double['.count($values).']');
        foreach ($values as $index => $value) {
            $array[$index] = $value;
        }
        $matrix = $vips->vips_image_new_matrix_from_array(count($rows[0]), count($rows), $array, count($values));
        $this->then(fn ($vips, CData $out): int => $vips->vips_recomb($this->image(), $out, $matrix, null));
    }

    private function image(): CData
    {
        return $this->images[count($this->images) - 1];
    }

    /** @param  callable(\FFI, CData): int  $operation */
    private function then(callable $operation): void
    {
        $this->images[] = Vips::made($operation);
    }

    public function __destruct()
    {
        foreach (array_reverse($this->images) as $image) {
            Vips::library()->g_object_unref($image);
        }
    }
}
