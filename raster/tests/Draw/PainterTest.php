<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Draw;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Raster\Draw\Painter;
use Ricamo\Raster\Draw\PathCache;
use Ricamo\Raster\Draw\Surface;
use Ricamo\Raster\Media\ClipPictures;
use Ricamo\Raster\Tests\Scenes;

/** Pictures against pixels worked out by hand. */
final class PainterTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $bar
     * @param  array<string, mixed>  $fields
     */
    private function still(array $bar, array $fields = ['background' => '#000000']): Surface
    {
        return Scenes::of([Scenes::bar($bar)], $fields)->still(0);
    }

    /** Words and shapes that come small, from far off and turned: none of it stays in what later frames are drawn from. */
    public function test_a_frame_is_drawn_the_same_whatever_was_drawn_before(): void
    {
        $keyframes = fn (mixed ...$values): array => ['keyframes' => array_map(
            fn (int $at, mixed $value): array => ['at' => 20 * $at, 'value' => $value], array_keys($values), $values,
        )];
        $scene = Scenes::of([
            [
                'id' => 'w', 'kind' => 'text', 'name' => 'Words', 'in' => 0, 'out' => 100, 'text' => 'Marta Oldani',
                'typeSize' => 40, 'position' => $keyframes([-900, -4000], [20.3, 90.7], [21, 91]),
                'scale' => $keyframes([0.4, 0.7], [100, 100], [99, 101]), 'rotation' => $keyframes(31, 0, 3),
            ],
            [
                'id' => 's', 'kind' => 'shape', 'form' => 'star', 'name' => 'Star', 'in' => 0, 'out' => 100,
                'size' => [60, 60], 'position' => [250, 60], 'scale' => $keyframes([0.3, 0.3], [100, 100], [250, 250]),
                'outlineWidth' => 3,
            ],
        ], ['background' => '#000000']);
        $paths = new PathCache;
        foreach ([0, 1, 7, 20, 31, 40] as $frame) {
            $one = new Surface(320, 180);
            (new Painter($one, new ClipPictures($scene->clips), new Affine, $paths))->paint($scene->list($frame));
            self::assertTrue($scene->still($frame)->data() === $one->data(), "frame $frame");
        }
    }

    public function test_whole_pixel_edges_are_sharp(): void
    {
        $picture = $this->still(['size' => [100, 40], 'position' => [150, 60], 'fill' => '#2f5d50']);
        foreach ([[100, 40], [199, 79], [100, 79], [199, 40], [150, 60]] as [$x, $y]) {
            self::assertSame([0x2F, 0x5D, 0x50, 255], $picture->pixel($x, $y));
        }
        foreach ([[99, 40], [200, 79], [100, 39], [199, 80]] as [$x, $y]) {
            self::assertSame([0, 0, 0, 255], $picture->pixel($x, $y));
        }
    }

    public function test_an_edge_on_half_a_pixel_covers_half_of_it(): void
    {
        $picture = $this->still(['size' => [100, 40], 'position' => [150.5, 60], 'fill' => '#ffffff']);
        self::assertEqualsWithDelta(128, $picture->pixel(100, 60)[0], 2);
        self::assertEqualsWithDelta(128, $picture->pixel(200, 60)[0], 2);
        self::assertSame(255, $picture->pixel(101, 60)[0]);
    }

    public function test_opacity_mixes_with_what_is_beneath(): void
    {
        $picture = $this->still(
            ['size' => [100, 40], 'position' => [150, 60], 'fill' => '#c83200', 'opacity' => 50],
            ['background' => '#003264'],
        );
        [$red, $green, $blue] = $picture->pixel(150, 60);
        self::assertEqualsWithDelta(100, $red, 1);
        self::assertEqualsWithDelta(50, $green, 1);
        self::assertEqualsWithDelta(50, $blue, 1);
    }

    public function test_a_transparent_background_stays_transparent_and_colour_is_premultiplied(): void
    {
        $picture = $this->still(['size' => [100, 40], 'position' => [150, 60], 'fill' => '#ff000080'], ['background' => 'transparent']);
        self::assertSame([0, 0, 0, 0], $picture->pixel(10, 10));
        self::assertSame([128, 0, 0, 128], $picture->pixel(150, 60));
    }

    /** The area of a disc, and of what rounding takes from a rectangle: πr² and (4 − π)r². */
    public function test_round_shapes_cover_the_area_they_should(): void
    {
        $area = function (array $bar): float {
            $sum = 0;
            $picture = $this->still(['position' => [160, 90], 'fill' => '#ffffff', ...$bar]);
            for ($i = 0, $data = $picture->data(); $i < strlen($data); $i += 4) {
                $sum += ord($data[$i]);
            }

            return $sum / 255;
        };
        self::assertEqualsWithDelta(M_PI * 70 ** 2, $area(['form' => 'ellipse', 'size' => [140, 140]]), 12);
        self::assertEqualsWithDelta(200 * 100 - (4 - M_PI) * 30 ** 2, $area(['size' => [200, 100], 'rounding' => 30]), 8);
        self::assertEqualsWithDelta(200 * 100, $area(['size' => [200, 100], 'rotation' => 30]), 40);
    }

    public function test_an_outline_is_centred_on_the_edge_with_pointed_corners(): void
    {
        $picture = $this->still([
            'size' => [100, 40], 'position' => [150, 60], 'fill' => '#00ff00', 'outline' => '#ff0000', 'outlineWidth' => 10,
        ]);
        self::assertSame([255, 0, 0, 255], $picture->pixel(95, 35));
        self::assertSame([255, 0, 0, 255], $picture->pixel(104, 60));
        self::assertSame([0, 255, 0, 255], $picture->pixel(105, 60));
        self::assertSame([0, 0, 0, 255], $picture->pixel(94, 60));
    }

    public function test_a_group_fades_as_one(): void
    {
        $picture = $this->still([
            'size' => [100, 40], 'position' => [150, 60], 'fill' => '#ffffff', 'outline' => '#ffffff', 'outlineWidth' => 10,
            'opacity' => 50,
        ]);
        // Where outline and fill overlap it is not lighter than where they do not.
        foreach ([97, 102, 150] as $x) {
            self::assertEqualsWithDelta(128, $picture->pixel($x, 60)[0], 1);
        }
    }

    public function test_a_scaled_scene_is_the_same_picture_smaller(): void
    {
        $bar = Scenes::bar(['size' => [100, 40], 'position' => [150, 60], 'fill' => '#2f5d50']);
        $half = Scenes::of([$bar], ['background' => '#000000'], scale: 0.5)->still(0);
        self::assertSame([160, 90], [$half->width, $half->height]);
        self::assertSame([0x2F, 0x5D, 0x50, 255], $half->pixel(50, 20));
        self::assertSame([0, 0, 0, 255], $half->pixel(49, 20));
    }
}
