<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Draw;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Raster\Draw\Surface;
use Ricamo\Raster\Tests\Scenes;

/** Pictures in patches, as they are drawn. */
final class PatchworkTest extends TestCase
{
    /**
     * A white and a green half, cut into rows and columns on a black ground.
     *
     * @param  array<string, mixed>  $patchwork
     * @param  array<string, mixed>  $cascade
     * @param  array<string, mixed>  $group
     */
    private static function still(int $frame, array $patchwork = [], array $cascade = [], array $group = []): Surface
    {
        return Scenes::of([
            [
                'id' => 'g', 'kind' => 'group', 'name' => 'G', 'in' => 0, 'out' => 100,
                'patchwork' => ['rows' => 3, 'columns' => 4, ...$patchwork],
                'cascades' => $cascade === [] ? [] : [[
                    'id' => 'c1', 'as' => 'arrive', 'units' => 'patches', 'length' => 60, 'overlap' => 0, 'easing' => 'linear', ...$cascade,
                ]],
                ...$group,
            ],
            [
                'id' => 'l', 'kind' => 'shape', 'form' => 'rectangle', 'name' => 'L', 'in' => 0, 'out' => 100, 'group' => 'g',
                'size' => [160, 180], 'position' => [80, 90], 'fill' => '#ffffff',
            ],
            [
                'id' => 'r', 'kind' => 'shape', 'form' => 'rectangle', 'name' => 'R', 'in' => 0, 'out' => 100, 'group' => 'g',
                'size' => [160, 180], 'position' => [240, 90], 'fill' => '#00ff00',
            ],
        ], ['background' => '#000000'])->still($frame);
    }

    public function test_patches_that_rest_are_there_and_those_that_have_not_come_are_not(): void
    {
        // Five frames each, clear before: on frame 27 five have come and the sixth is on its way.
        $drawn = self::still(27, cascade: ['opacity' => 0]);
        foreach (range(0, 11) as $index) {
            [$x, $y] = [40 + 80 * ($index % 4), 30 + 60 * intdiv($index, 4)];
            $full = $index % 4 < 2 ? [255, 255, 255] : [0, 255, 0];
            $share = $index < 5 ? 1 : ($index === 5 ? 0.4 : 0);
            self::assertEqualsWithDelta(
                array_map(fn (int $value): float => $value * $share, $full), array_slice($drawn->pixel($x, $y), 0, 3), 1, "patch $index",
            );
        }
    }

    #[TestWith([['tiltX' => 50]])]
    #[TestWith([['tiltY' => -60, 'z' => 30]])]
    #[TestWith([['rotation' => 12, 'scale' => [70, 70], 'position' => [60, 40]]])]
    public function test_tilted_or_turned_as_one_no_seam_is_seen(array $pose): void
    {
        // One patch is still to come, far outside, so that the others are cut out.
        $away = ['position' => [0, -5000], 'order' => 'backward', 'length' => 77];
        $drawn = self::still(76, ['rows' => 7, 'columns' => 11], $away, $pose);
        $whole = self::still(90, ['rows' => 7, 'columns' => 11], $away, $pose);
        $off = [];
        for ($y = 0; $y < 180; $y++) {
            for ($x = 0; $x < 320; $x++) {
                if (abs($drawn->pixel($x, $y)[1] - $whole->pixel($x, $y)[1]) > 2) {
                    $off[] = [$x, $y];
                }
            }
        }
        // The first patch is missing, in the corner; nothing else is otherwise.
        $corner = 1.1 * max(320 / 11, 180 / 7);
        $least = array_reduce($off, fn (array $least, array $at): array => [min($least[0], $at[0]), min($least[1], $at[1])], [320, 180]);
        self::assertNotEmpty($off);
        foreach ($off as [$x, $y]) {
            self::assertLessThan(2 * $corner, hypot($x - $least[0], $y - $least[1]), "$x, $y");
        }
    }

    public function test_a_gap_is_as_wide_everywhere_and_shows_what_is_beneath(): void
    {
        $drawn = self::still(60, ['rows' => 1, 'columns' => 2, 'gap' => 20]);
        self::assertSame(
            [255, 0, 0, 0],
            [$drawn->pixel(149, 90)[0], $drawn->pixel(150, 90)[0], $drawn->pixel(169, 90)[0], $drawn->pixel(170, 90)[0]],
        );
        self::assertSame([0, 255], [$drawn->pixel(169, 90)[1], $drawn->pixel(170, 90)[1]]);
    }

    public function test_an_edge_lies_inside_and_a_shadow_outside(): void
    {
        $drawn = self::still(60, [
            'rows' => 1, 'columns' => 2, 'gap' => 40, 'edge' => 3, 'edgeColour' => '#ff0000', 'shadow' => '#0000ff', 'distance' => 10, 'angle' => 0,
            'softness' => 0,
        ]);
        // To 140, then the gap to 180: white, red from 137, the shadow to 150, the ground.
        $colours = array_map(fn (int $x): array => array_slice($drawn->pixel($x, 90), 0, 3), [135, 138, 139, 141, 148, 152, 178]);
        self::assertSame(
            [[255, 255, 255], [255, 0, 0], [255, 0, 0], [0, 0, 255], [0, 0, 255], [0, 0, 0], [0, 0, 0]], $colours,
        );
    }
}
