<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Effect;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\Grain;
use Ricamo\Core\Tests\Fixture;

/** A bar of 200 × 100 with its middle at (500, 300), with something over it. */
final class TextureTest extends TestCase
{
    /** @param  array<string, mixed>  $effect */
    private function items(array $effect, array $layer = [], int $frame = 0): array
    {
        $composition = Fixture::composition([Fixture::bar([
            'size' => [200, 100], 'position' => [500, 300], 'effects' => [['id' => 'e1', ...$effect]], ...$layer,
        ])]);

        return Fixture::evaluator()->frame($composition, $frame)->toJson()['items'];
    }

    public function test_squares_lie_by_the_layer_and_grow_with_it(): void
    {
        [$cells] = $this->items(['effect' => 'pixels', 'side' => 20], ['scale' => [200, 200], 'rotation' => 30])[0]['filters'];
        self::assertEquals(['cells', [500, 300], 40], [$cells['filter'], $cells['origin'], $cells['side']]);
        self::assertCount(64, $cells['at']);
        self::assertEqualsWithDelta(
            [0.503, 0.503], [array_sum(array_column($cells['at'], 0)) / 64, array_sum(array_column($cells['at'], 1)) / 64],
            1e-4,
        );
        // Of squares of three pixels no more than four points.
        self::assertCount(4, $this->items(['effect' => 'pixels', 'side' => 3])[0]['filters'][0]['at']);
        self::assertSame('fill', $this->items(['effect' => 'pixels', 'side' => 1])[0]['op']);
    }

    public function test_facets_are_the_two_halves_of_every_square(): void
    {
        [$upper, $lower] = $this->items(['effect' => 'facets', 'side' => 50]);
        $middle = fn (array $group, int $axis): float => array_sum(array_column($group['filters'][0]['at'], $axis)) / 32;
        self::assertEqualsWithDelta([1 / 3, 1 / 3], [$middle($upper, 0), $middle($upper, 1)], 0.03);
        self::assertEqualsWithDelta([2 / 3, 2 / 3], [$middle($lower['items'][0], 0), $middle($lower['items'][0], 1)], 0.03);
        foreach ($upper['filters'][0]['at'] as [$x, $y]) {
            self::assertLessThanOrEqual(1, $x + $y);
        }
        $cut = $lower['masks'][0]['items'][0];
        self::assertEqualsWithDelta([50, 0, 0, 50, 500, 300], $cut['matrix'], 1e-6);
        // However small they are asked to be, they are not more than there are means to draw.
        [$upper] = $this->items(['effect' => 'facets', 'side' => 2], ['size' => [2000, 1000]]);
        self::assertEqualsWithDelta(sqrt(2000 * 1000 / 4000), $upper['filters'][0]['side'], 0.01);
    }

    public function test_facets_are_cut_anew_every_so_many_frames(): void
    {
        $origin = fn (int $frame, int $every): array => $this->items(
            ['effect' => 'facets', 'side' => 50, 'every' => $every], frame: $frame,
        )[0]['filters'][0]['origin'];
        self::assertSame([500, 300], $origin(7, 0));
        self::assertSame($origin(0, 5), $origin(4, 5));
        $origins = array_map(fn (int $frame): array => $origin($frame, 5), range(0, 45, 5));
        self::assertCount(10, array_unique($origins, SORT_REGULAR));
        foreach ($origins as [$x, $y]) {
            self::assertTrue($x >= 500 && $x < 550 && $y >= 300 && $y < 350, "$x, $y");
        }
    }

    public function test_lines_are_broken_out_of_one_and_go_down_with_their_offset(): void
    {
        [$bar, $lines] = $this->items([
            'effect' => 'scanlines', 'spacing' => 10, 'thickness' => 30, 'offset' => 23, 'colour' => '#00000080',
        ]);
        [$line] = $lines['items'];
        self::assertSame($bar, $lines['masks'][0]['items'][0]);
        self::assertEquals([[3, 7], -3], [$line['dashes'], $line['offset']]);
        self::assertGreaterThanOrEqual(200, $line['width']);
        self::assertCount(1, $this->items(['effect' => 'scanlines', 'thickness' => 0]));
    }

    public function test_grain_is_thrown_anew_as_often_as_it_says_and_the_same_every_time(): void
    {
        $thrown = fn (int $frame, array $more = []): array => $this->items(
            ['effect' => 'grain', 'every' => 3, 'size' => 2, ...$more], [], $frame,
        )[1]['items'][0]['gradient'];
        self::assertSame($thrown(3), $thrown(5));
        self::assertNotSame($thrown(3)['matrix'], $thrown(6)['matrix']);
        self::assertNotSame($thrown(3)['matrix'], $thrown(3, ['seed' => 2])['matrix']);
        self::assertSame($thrown(3, ['every' => 0]), $thrown(90, ['every' => 0]));
        // On whole grains, so that a still grain and a moving one are equally sharp.
        self::assertEquals([0, 0], [fmod($thrown(6)['matrix'][4], 2), fmod($thrown(6)['matrix'][5], 2)]);
        self::assertEquals([2, 0.25, 1], [$thrown(0)['matrix'][0], $thrown(0)['amount'], $thrown(0)['seed']]);
    }

    public function test_grains_are_by_chance_and_known(): void
    {
        // The hash's values as its author published the function, worked out in C.
        self::assertSame([0, 0x688990C0, 0xA8F1DB88], [Grain::hash(0), Grain::hash(1), Grain::hash(123_456_789)]);
        $all = [];
        for ($y = 0; $y < Grain::SIDE; $y++) {
            for ($x = 0; $x < Grain::SIDE; $x++) {
                $all[] = Grain::at($x, $y, 5);
            }
        }
        // The difference of two even chances: a mean of nothing, a variance of 1/6.
        self::assertEqualsWithDelta(0, array_sum($all) / count($all), 0.01);
        self::assertEqualsWithDelta(1 / 6, array_sum(array_map(fn (float $one): float => $one ** 2, $all)) / count($all), 0.005);
    }

    public function test_an_edge_goes_all_the_way_behind_the_layer_and_is_darker(): void
    {
        [$edge, $bar] = $this->items(['effect' => 'extrude', 'depth' => 63, 'angle' => 0, 'shade' => 40]);
        self::assertSame('fill', $bar['op']);
        [$darker, $along] = $edge['filters'];
        self::assertEqualsWithDelta([0.6, 0.6, 0.6], [$darker['values'][0], $darker['values'][6], $darker['values'][12]], 1e-6);
        self::assertEqualsWithDelta(63, array_sum(array_map(fn (array $matrix): float => $matrix[4], $along['matrices'])), 1e-6);
        self::assertCount(1, $this->items(['effect' => 'extrude', 'depth' => 0]));
    }
}
