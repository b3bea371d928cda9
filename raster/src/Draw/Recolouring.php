<?php

declare(strict_types=1);

namespace Ricamo\Raster\Draw;

use FFI;
use FFI\CData;
use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Display\Filter\Tables;
use Ricamo\Raster\Native\Cairo;
use Ricamo\Raster\Native\Vips;

/** Makes other colours of the colours of a picture. */
final class Recolouring
{
    /** Where red, green, blue and alpha stand in a pixel. */
    private const BANDS = [2, 1, 0, 3];

    public static function of(Surface $picture, ColourMatrix $matrix): Surface
    {
        $factors = self::factors($matrix);

        return match (true) {
            self::isSilhouette($matrix) => self::silhouette($picture, $matrix),
            $factors !== null => Multiplying::evenly($picture, $factors),
            default => self::mixed($picture, $matrix),
        };
    }

    /** @return array{float, float, float}|null by what red, green and blue are multiplied, where that is all, and nothing gets brighter */
    private static function factors(ColourMatrix $matrix): ?array
    {
        [$red, $green, $blue] = $factors = [$matrix->values[0], $matrix->values[6], $matrix->values[12]];
        $same = ColourMatrix::ofColours([[$red, 0, 0, 0], [0, $green, 0, 0], [0, 0, $blue, 0]])->values;

        return $matrix->values == $same && min($factors) >= 0 && max($factors) <= 1 ? $factors : null;
    }

    /** Whether all colours become one, as opaque as they were, or less. */
    private static function isSilhouette(ColourMatrix $matrix): bool
    {
        $values = $matrix->values;
        $one = array_filter(
            [0, 1, 2, 5, 6, 7, 10, 11, 12, 15, 16, 17, 3, 8, 13, 19], fn (int $index): bool => abs($values[$index]) > 1e-9,
        ) === [];

        return $one
            && $values[18] >= 0
            && $values[18] <= 1
            && min($values[4], $values[9], $values[14]) >= 0
            && max($values[4], $values[9], $values[14]) <= 1;
    }

    /** That is the one colour, laid in where there is something: what Cairo does many times as fast. */
    private static function silhouette(Surface $picture, ColourMatrix $matrix): Surface
    {
        $cairo = Cairo::library();
        $surface = new Surface($picture->width, $picture->height);
        $canvas = $cairo->cairo_create($surface->handle);
        $cairo->cairo_set_source_surface($canvas, $picture->handle, 0, 0);
        $cairo->cairo_set_operator($canvas, Cairo::OPERATOR_SOURCE);
        $cairo->cairo_paint($canvas);
        $cairo->cairo_set_source_rgba($canvas, $matrix->values[4], $matrix->values[9], $matrix->values[14], $matrix->values[18]);
        $cairo->cairo_set_operator($canvas, Cairo::OPERATOR_IN);
        $cairo->cairo_paint($canvas);
        $cairo->cairo_destroy($canvas);
        $cairo->cairo_surface_flush($surface->handle);

        return $surface;
    }

    private static function mixed(Surface $picture, ColourMatrix $matrix): Surface
    {
        [$factors, $offsets] = self::inOrder($matrix);
        $rows = self::doubles($factors);
        $mixing = Vips::library()->vips_image_new_matrix_from_array(4, 4, $rows, 16);

        return self::straight($picture, $mixing, [
            fn ($vips, $in, $out): int => $vips->vips_recomb($in, $out, $mixing, null),
            // What becomes of a fraction is cut off, so that half of one more rounds.
            fn ($vips, $in, $out): int => $vips->vips_linear(
                $in, $out, self::doubles([1, 1, 1, 1]),
                self::doubles(array_map(fn (float $offset): float => 255 * $offset + 0.5, $offsets)), 4, 'uchar', 1, null,
            ),
        ]);
    }

    /** Every channel by its table. */
    public static function byTables(Surface $picture, Tables $tables): Surface
    {
        $columns = array_map($tables->of(...), array_map(fn (int $band): string => ['red', 'green', 'blue', 'alpha'][$band], self::BANDS));
        $bytes = Vips::library()->new('uint8_t[1024]');
        assert($bytes instanceof CData);
        foreach (range(0, 1023) as $index) {
            $bytes[$index] = $columns[$index % 4][intdiv($index, 4)];
        }
        $table = Vips::library()->vips_image_new_from_memory($bytes, 1024, 256, 1, 4, Vips::UCHAR);

        return self::straight($picture, $table, [
            fn ($vips, $in, $out): int => $vips->vips_linear(
                $in, $out, self::doubles([1, 1, 1, 1]), self::doubles([0.5, 0.5, 0.5, 0.5]), 4, 'uchar', 1, null,
            ),
            fn ($vips, $in, $out): int => $vips->vips_maplut($in, $out, $table, null),
        ]);
    }

    /**
     * Does operations to straight colours, of which come whole numbers.
     *
     * @param  CData  $kept  an image that they use, to be released after them
     * @param  list<callable(FFI, CData, CData): int>  $operations
     */
    private static function straight(Surface $picture, CData $kept, array $operations): Surface
    {
        $images = [
            $kept,
            Vips::library()->vips_image_new_from_memory(
                $picture->pixels, $picture->bytes(), $picture->width, $picture->height, 4, Vips::UCHAR,
            ),
        ];
        foreach ([
            fn ($vips, $in, $out): int => $vips->vips_unpremultiply($in, $out, null),
            ...$operations,
            fn ($vips, $in, $out): int => $vips->vips_premultiply($in, $out, null),
            fn ($vips, $in, $out): int => $vips->vips_linear(
                $in, $out, self::doubles([1, 1, 1, 1]), self::doubles([0.5, 0.5, 0.5, 0.5]), 4, 'uchar', 1, null,
            ),
        ] as $operation) {
            $before = $images[count($images) - 1];
            $images[] = Vips::made(fn ($vips, CData $out): int => $operation($vips, $before, $out));
        }
        $surface = new Surface($picture->width, $picture->height);
        PixelWriter::write($images[count($images) - 1], $surface);
        foreach ($images as $one) {
            Vips::library()->g_object_unref($one);
        }

        return $surface;
    }

    /** @return array{list<float>, list<float>} factors row by row, and offsets, in the order that pixels have */
    private static function inOrder(ColourMatrix $matrix): array
    {
        $places = array_flip(self::BANDS);
        $factors = [];
        $offsets = [];
        for ($row = 0; $row < 4; $row++) {
            for ($column = 0; $column < 4; $column++) {
                $factors[] = $matrix->values[5 * $places[$row] + $places[$column]];
            }
            $offsets[] = $matrix->values[5 * $places[$row] + 4];
        }

        return [$factors, $offsets];
    }

    /** @param  non-empty-list<int|float>  $values */
    private static function doubles(array $values): CData
    {
        $count = count($values);
        $array = Vips::library()->new("double[$count]");
        assert($array instanceof CData);
        foreach ($values as $index => $value) {
            $array[$index] = (float) $value;
        }

        return $array;
    }
}
