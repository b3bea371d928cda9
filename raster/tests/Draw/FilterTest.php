<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Draw;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Raster\Draw\Surface;
use Ricamo\Raster\Tests\Scenes;

/** Filters, masks and ways to blend against values worked out by hand. The frame is 320 × 180. */
final class FilterTest extends TestCase
{
    /** @param  list<array<string, mixed>>  $layers */
    private function drawn(array $layers, string $background = 'transparent'): Surface
    {
        return Scenes::of($layers, ['background' => $background])->still(0);
    }

    /** The lower half of the frame in one colour, with effects. */
    private function half(array $effects, string $fill = '#ffffff', array $more = []): array
    {
        return Scenes::bar(['size' => [2000, 900], 'position' => [160, 540], 'fill' => $fill, 'effects' => $effects, ...$more]);
    }

    /** Φ of the standard normal distribution, by the rational approximation of Abramowitz and Stegun 26.2.17. */
    private static function normal(float $x): float
    {
        $t = 1 / (1 + 0.2316419 * abs($x));
        $sum = $t * (0.31938153 + $t * (-0.356563782 + $t * (1.781477937 + $t * (-1.821255978 + $t * 1.330274429))));
        $tail = exp(-$x ** 2 / 2) / sqrt(2 * M_PI) * $sum;

        return $x >= 0 ? 1 - $tail : $tail;
    }

    #[TestWith([1.5])]
    #[TestWith([3.0])]
    #[TestWith([9.0])]
    #[TestWith([24.0])]
    public function test_a_blurred_edge_is_that_of_a_normal_distribution(float $radius): void
    {
        $picture = $this->drawn([$this->half([['id' => 'e1', 'effect' => 'blur', 'radius' => $radius]])]);
        foreach (range(20, 160, 5) as $y) {
            $expected = 255 * self::normal(($y + 0.5 - 90) / $radius);
            self::assertEqualsWithDelta($expected, $picture->pixel(160, $y)[3], 4, "row $y");
        }
        // Even to the frame's sides, because what lies beyond them counts; and where it is even, as bright as it was.
        self::assertSame($picture->pixel(160, 100), $picture->pixel(0, 100));
        self::assertSame(
            [255, 255, 255, 255],
            $this->drawn([Scenes::bar([
                'size' => [4000, 4000], 'effects' => [['id' => 'e1', 'effect' => 'blur', 'radius' => $radius]],
                'fill' => '#ffffff',
            ])])->pixel(160, 90),
        );
    }

    public function test_a_directional_blur_is_a_slope(): void
    {
        $picture = $this->drawn([$this->half([['id' => 'e1', 'effect' => 'directional-blur', 'length' => 64, 'angle' => 90]])]);
        foreach ([60 => 2.5, 75 => 17.5, 90 => 32.5, 105 => 47.5, 120 => 62.5] as $y => $pixels) {
            self::assertEqualsWithDelta(255 * $pixels / 64, $picture->pixel(100, $y)[3], 4, "row $y");
        }
        // Across it nothing is blurred.
        $across = $this->drawn([$this->half([['id' => 'e1', 'effect' => 'directional-blur', 'length' => 64, 'angle' => 0]])]);
        self::assertSame([0, 255], [$across->pixel(100, 88)[3], $across->pixel(100, 91)[3]]);
    }

    public function test_colours_become_others_where_they_are_half_seen_through_as_well(): void
    {
        $effect = [['id' => 'e1', 'effect' => 'invert']];
        self::assertSame([255 - 0x24, 255 - 0x55, 255 - 0x7A, 255], $this->drawn([$this->half($effect, '#24557a')])->pixel(160, 150));
        [$red, $green, $blue, $alpha] = $this->drawn([$this->half($effect, '#24557a80')])->pixel(160, 150);
        self::assertSame(128, $alpha);
        foreach ([[$red, 0x24], [$green, 0x55], [$blue, 0x7A]] as [$is, $was]) {
            self::assertEqualsWithDelta((255 - $was) * 128 / 255, $is, 1);
        }
        self::assertSame([0, 0, 0, 0], $this->drawn([$this->half($effect)])->pixel(160, 20), 'what is clear stays clear');
        // A stop more than white is white.
        self::assertSame(
            [255, 138, 71, 255],
            $this->drawn([$this->half([['id' => 'e1', 'effect' => 'exposure', 'stops' => 1]], '#c86432')])->pixel(160, 150),
        );
    }

    public function test_a_shadow_lies_beneath_and_beside(): void
    {
        $bar = Scenes::bar([
            'size' => [80, 40], 'position' => [100, 80], 'fill' => '#ffffff',
            'effects' => [[
                'id' => 'e1', 'effect' => 'drop-shadow', 'distance' => 60, 'angle' => 90, 'softness' => 0,
                'colour' => '#c0392b80',
            ]],
        ]);
        $picture = $this->drawn([$bar]);
        self::assertSame([255, 255, 255, 255], $picture->pixel(100, 80));
        [$red, $green, , $alpha] = $picture->pixel(100, 140);
        self::assertSame(128, $alpha);
        self::assertEqualsWithDelta([0xC0 * 128 / 255, 0x39 * 128 / 255], [$red, $green], 1);
        self::assertSame(0, $picture->pixel(100, 165)[3]);
    }

    public function test_masks_add_take_away_keep_and_exclude(): void
    {
        $left = ['id' => 'm1', 'form' => 'rectangle', 'position' => [-40, 0], 'size' => [120, 100]];
        $right = ['id' => 'm2', 'form' => 'rectangle', 'position' => [40, 0], 'size' => [120, 100]];
        // Of what only the left one shows, both, only the right one, and neither.
        $seen = function (array $masks): array {
            $picture = $this->drawn([Scenes::bar(['size' => [300, 160], 'position' => [160, 90], 'masks' => $masks])]);

            return array_map(fn (int $x): bool => $picture->pixel($x, 90)[3] > 128, [80, 160, 240, 20]);
        };
        self::assertSame([true, true, true, false], $seen([$left, $right]));
        self::assertSame([true, false, false, false], $seen([$left, ['mode' => 'subtract', ...$right]]));
        self::assertSame([false, true, false, false], $seen([$left, ['mode' => 'intersect', ...$right]]));
        self::assertSame([true, false, true, false], $seen([$left, ['mode' => 'exclude', ...$right]]));
        self::assertSame([false, false, true, true], $seen([['inverted' => true, ...$left]]));
        self::assertSame([false, false, true, true], $seen([['mode' => 'subtract', ...$left]]));
        self::assertSame([true, true, true, true], $seen([$left, ['inverted' => true, ...$left, 'id' => 'm3']]));
    }

    public function test_another_layer_is_a_mask_by_its_alpha_or_its_brightness(): void
    {
        $grey = Scenes::bar(['id' => 'grey', 'size' => [100, 180], 'position' => [50, 90], 'fill' => '#80808080', 'visible' => false]);
        $seen = fn (array $mask): array => array_map(
            fn (int $x): int => $this->drawn([
                $grey, $this->half([], more: ['masks' => [['id' => 'm1', 'form' => 'layer', 'layer' => 'grey', ...$mask]]]),
            ])->pixel($x, 150)[3],
            [50, 200],
        );
        self::assertSame([128, 0], $seen([]));
        self::assertSame([127, 255], $seen(['inverted' => true]));
        // Half as bright as white, and half there.
        [$bright, $beside] = $seen(['by' => 'brightness']);
        self::assertEqualsWithDelta(64, $bright, 1.5);
        self::assertSame(0, $beside);
    }

    #[TestWith(['multiply', [0x60, 0x20, 0x10]])]
    #[TestWith(['screen', [0xE0, 0xA0, 0x90]])]
    #[TestWith(['difference', [0x40, 0x40, 0x60]])]
    #[TestWith(['darken', [0x80, 0x40, 0x20]])]
    #[TestWith(['lighten', [0xC0, 0x80, 0x80]])]
    #[TestWith(['plus-lighter', [0xFF, 0xC0, 0xA0]])]
    public function test_ways_to_blend(string $blend, array $expected): void
    {
        $picture = $this->drawn([$this->half([], '#c04020', ['blend' => $blend])], '#808080');
        self::assertEqualsWithDelta($expected, array_slice($picture->pixel(160, 150), 0, 3), 1);
        self::assertSame([0x80, 0x80, 0x80], array_slice($picture->pixel(160, 20), 0, 3));
        if ($blend === 'plus-lighter') {
            // What was cut off at white is not half cut off.
            return;
        }
        $half = $this->drawn([$this->half([], '#c04020', ['blend' => $blend, 'opacity' => 50])], '#808080');
        self::assertEqualsWithDelta(
            array_map(fn (int $value): float => ($value + 0x80) / 2, $expected), array_slice($half->pixel(160, 150), 0, 3),
            3,
        );
    }

    public function test_as_many_wide_blurs_as_there_may_be_take_no_more_room_than_a_few(): void
    {
        $before = memory_get_usage();
        $effects = array_map(fn (int $i): array => ['id' => "e$i", 'effect' => 'blur', 'radius' => 400], range(1, 32));
        $picture = $this->drawn([$this->half($effects, more: ['scale' => [3000, 3000]])]);
        // So wide that nothing of an edge is left: somewhere between none and all, the same everywhere.
        self::assertEqualsWithDelta($picture->pixel(0, 0)[3], $picture->pixel(319, 179)[3], 40);
        $status = (string) file_get_contents('/proc/self/status');
        self::assertSame(1, preg_match('/VmHWM:\s+(\d+) kB/', $status, $found));
        self::assertLessThan(2_500_000, (int) $found[1], 'kB at most in use');
        self::assertLessThan(50_000_000, memory_get_usage() - $before);
    }

    public function test_a_square_is_the_mean_of_what_is_in_it(): void
    {
        // Squares of 16 from the layer's middle at row 540: one row of them from 76 to 92, of which the last two rows are white.
        $picture = $this->drawn([$this->half([['id' => 'e1', 'effect' => 'pixels', 'side' => 16]])]);
        self::assertSame([0, 255], [$picture->pixel(100, 75)[3], $picture->pixel(100, 92)[3]]);
        foreach ([76, 84, 91] as $y) {
            self::assertEqualsWithDelta(255 / 8, $picture->pixel(100, $y)[3], 1, "row $y");
        }
    }

    public function test_facets_are_the_means_of_the_halves_of_squares(): void
    {
        // Squares of 60 from (160, 540), one from (100, 60) to (160, 120). Its lower half is white: of the upper left triangle a
        // quarter, of the other three.
        $picture = $this->drawn([$this->half([['id' => 'e1', 'effect' => 'facets', 'side' => 60]])]);
        self::assertEqualsWithDelta(255 / 4, $picture->pixel(104, 64)[3], 17);
        self::assertEqualsWithDelta(255 * 3 / 4, $picture->pixel(155, 115)[3], 17);
        self::assertSame([$picture->pixel(104, 64), $picture->pixel(155, 115)], [$picture->pixel(126, 86), $picture->pixel(133, 96)]);
    }

    public function test_grain_leaves_the_mean_and_stays_on_its_layer(): void
    {
        $picture = Scenes::of(
            [Scenes::bar([
                'size' => [128, 128], 'position' => [160, 90], 'fill' => '#808080',
                'effects' => [['id' => 'e1', 'effect' => 'grain', 'amount' => 60, 'size' => 1]],
            ])],
            ['background' => 'transparent'],
        )->still(0);
        $values = [];
        foreach (range(30, 149) as $y) {
            foreach (range(100, 219) as $x) {
                $values[] = $picture->pixel($x, $y)[0];
            }
        }
        $mean = array_sum($values) / count($values);
        self::assertEqualsWithDelta(128, $mean, 3);
        // 128 · 0.6 · √(1/6) of the half way to black or white.
        self::assertEqualsWithDelta(
            127.5 * 0.6 / sqrt(6),
            sqrt(array_sum(array_map(fn (int $one): float => ($one - $mean) ** 2, $values)) / count($values)), 2.5,
        );
        self::assertSame([0, 0, 0, 0], $picture->pixel(90, 90));
    }
}
