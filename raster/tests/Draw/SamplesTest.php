<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Draw;

use PHPUnit\Framework\TestCase;
use Ricamo\Raster\Draw\Surface;
use Ricamo\Raster\Tests\Scenes;

/** The mean of several pictures: motion blur, as it is drawn. */
final class SamplesTest extends TestCase
{
    private function drawn(array $shutter, array $layer = []): Surface
    {
        return Scenes::of([[
            'id' => 'l', 'kind' => 'shape', 'form' => 'rectangle', 'name' => 'Bar', 'in' => 0, 'out' => 20,
            'size' => [40, 30], 'fill' => '#ffffff', 'motionBlur' => true,
            'position' => ['keyframes' => [['at' => 0, 'value' => [40, 50]], ['at' => 10, 'value' => [240, 50]]]], ...$layer,
        ]], ['width' => 320, 'height' => 100, 'length' => 20, 'shutter' => $shutter])->still(5);
    }

    private function sum(Surface $surface): float
    {
        $sum = 0;
        for ($y = 0; $y < 100; $y++) {
            for ($x = 0; $x < 320; $x++) {
                $sum += $surface->pixel($x, $y)[0];
            }
        }

        return $sum / 255;
    }

    public function test_the_mean_of_all_pixels_is_kept_whatever_the_angle(): void
    {
        self::assertEqualsWithDelta(1200, $this->sum($this->drawn(['angle' => 0])), 0.5);
        foreach ([45, 180, 360, 720] as $angle) {
            self::assertEqualsWithDelta(1200, $this->sum($this->drawn(['angle' => $angle])), 12, "$angle degrees");
        }
    }

    public function test_each_pixel_is_as_bright_as_it_was_covered_long(): void
    {
        // At frame 5 it goes from 140 on by 20 pixels: its left edge from 120 to 140, its right edge from 160 to 180.
        $drawn = $this->drawn(['angle' => 360, 'samples' => 64]);
        foreach ([
            110 => 0, 122 => 0.125, 130 => 0.525, 138 => 0.925, 150 => 1, 162 => 0.875, 170 => 0.475, 178 => 0.075,
            190 => 0,
        ] as $x => $share) {
            self::assertEqualsWithDelta(255 * $share, $drawn->pixel($x, 50)[0], 12, "at $x");
        }
    }

    public function test_a_half_seen_layer_stays_half_seen_where_it_covers_all_the_while(): void
    {
        self::assertEqualsWithDelta(128, $this->drawn(['angle' => 180], ['opacity' => 50])->pixel(150, 50)[0], 2);
    }

    public function test_what_is_clipped_is_seen_inside_only(): void
    {
        $arrive = ['length' => 10, 'easing' => 'linear', 'moves' => [['move' => 'wipe', 'angle' => 180]]];
        $drawn = $this->drawn(['angle' => 0], ['position' => [160, 50], 'arrive' => $arrive]);
        // Half uncovered, from the left.
        self::assertSame(
            [255, 255, 0, 0],
            [$drawn->pixel(142, 50)[0], $drawn->pixel(158, 50)[0], $drawn->pixel(162, 50)[0], $drawn->pixel(178, 50)[0]],
        );
    }
}
