<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Draw;

use PHPUnit\Framework\TestCase;
use Ricamo\Raster\Draw\Surface;
use Ricamo\Raster\Tests\Scenes;

/** Shapes that are pulled into others, against where their pixels must be. The frame is 320 × 180. */
final class WarpTest extends TestCase
{
    /** @param  array<string, mixed>  $effect */
    private function drawn(array $effect, array $bar = [], array $more = []): Surface
    {
        return Scenes::of(
            [
                Scenes::bar([
                    'size' => [100, 60], 'position' => [160, 90], 'fill' => '#ffffff',
                    'effects' => [['id' => 'e1', ...$effect]], ...$bar,
                ]),
                ...$more,
            ],
            ['background' => 'transparent'],
        )->still(0);
    }

    public function test_corners_pulled_alike_move_every_pixel_exactly(): void
    {
        $moved = ['topLeft' => [20, 30], 'topRight' => [20, 30], 'bottomRight' => [20, 30], 'bottomLeft' => [20, 30]];
        $picture = $this->drawn(['effect' => 'corner-pin', ...$moved]);
        self::assertSame([[0, 0, 0, 0], [255, 255, 255, 255]], [$picture->pixel(129, 120), $picture->pixel(130, 120)]);
        self::assertSame([[255, 255, 255, 255], [0, 0, 0, 0]], [$picture->pixel(229, 149), $picture->pixel(229, 150)]);
    }

    public function test_perspective_has_straight_edges_without_seams(): void
    {
        // The upper edge from (140, 60) to (180, 60), the lower one from (110, 120) to (210, 120).
        $picture = $this->drawn(['effect' => 'corner-pin', 'topLeft' => [30, 0], 'topRight' => [-30, 0]]);
        foreach (range(62, 117, 5) as $y) {
            $side = 140 - 30 * ($y + 0.5 - 60) / 60;
            self::assertSame(0, $picture->pixel((int) floor($side) - 2, $y)[3], "left of row $y");
            foreach (range((int) ceil($side) + 2, 317 - (int) ceil($side), 3) as $x) {
                self::assertSame([255, 255, 255, 255], $picture->pixel($x, $y), "pixel $x of row $y");
            }
            self::assertSame(0, $picture->pixel(321 - (int) floor($side), $y)[3], "right of row $y");
        }
    }

    public function test_what_shrinks_keeps_the_brightness_of_its_details(): void
    {
        // A quarter as high, every fourth row white: a quarter as opaque, wherever the rows fall.
        $stripes = array_map(
            fn (int $y): array => Scenes::bar([
                'id' => "s$y", 'group' => 'g', 'size' => [320, 1], 'position' => [160, 4 * $y + 0.5], 'fill' => '#ffffff',
            ]),
            range(0, 44),
        );
        $group = [
            'id' => 'g', 'kind' => 'group', 'name' => 'Stripes', 'in' => 0, 'out' => 10,
            'effects' => [[
                'id' => 'e1', 'effect' => 'corner-pin', 'topLeft' => [0, 66], 'topRight' => [0, 66],
                'bottomRight' => [0, -66], 'bottomLeft' => [0, -66],
            ]],
        ];
        $picture = Scenes::of([$group, ...$stripes], ['background' => 'transparent'])->still(0);
        $alphas = array_map(fn (int $y): int => $picture->pixel(160, $y)[3], range(74, 102));
        self::assertEqualsWithDelta(64, array_sum($alphas) / count($alphas), 3);
        self::assertLessThan(30, max($alphas) - min($alphas));
    }

    public function test_beside_a_twirl_nothing_changes(): void
    {
        $plain = $this->drawn(['effect' => 'twirl', 'on' => false]);
        $twirled = $this->drawn(['effect' => 'twirl', 'angle' => 90, 'radius' => 25, 'centre' => [-40, 0]]);
        self::assertNotSame($plain->pixel(108, 92), $twirled->pixel(108, 92));
        foreach ([[160, 61], [150, 90], [209, 119], [209, 60], [111, 61]] as [$x, $y]) {
            self::assertSame($plain->pixel($x, $y), $twirled->pixel($x, $y), "pixel $x, $y");
        }
    }

    public function test_a_smear_runs_out_from_what_its_circle_cuts(): void
    {
        // A circle of 40 px around (60, 90) touches nothing of the bar, which begins at 110: all beyond is as clear as it.
        self::assertSame(0, $this->drawn(['effect' => 'smear', 'radius' => 40, 'centre' => [-100, 0]])->pixel(160, 90)[3]);
        // One of 70 px reaches 20 px into it: what is cut there is drawn out to the side of the frame.
        $picture = $this->drawn(['effect' => 'smear', 'radius' => 70, 'centre' => [-100, 0]]);
        self::assertSame([255, 255], [$picture->pixel(160, 90)[3], $picture->pixel(318, 90)[3]]);
        // The circle leaves the bar 30 px above its middle, 63.2 px to the right of its own: on that ray the edge goes on.
        self::assertSame([255, 0], [$picture->pixel(200, 90 - 62)[3], $picture->pixel(200, 90 - 70)[3]]);
    }

    public function test_folded_over_itself_it_is_as_opaque_as_its_layers(): void
    {
        $mesh = ['point12' => [60, 0], 'point22' => [60, 0], 'point32' => [60, 0], 'point42' => [60, 0]];
        $picture = $this->drawn(['effect' => 'mesh', ...$mesh], ['fill' => '#80808080']);
        // Three of them, half opaque each.
        self::assertSame(224, max(array_map(fn (int $x): int => $picture->pixel($x, 90)[3], range(110, 209))));
    }

    public function test_colours_go_round_a_point_and_meet_without_a_gap(): void
    {
        $gradient = ['of' => 'fill', 'form' => 'sweep', 'stops' => 2, 'angle' => 0, 'colour1' => '#000000', 'colour2' => '#ffffff'];
        $picture = Scenes::of(
            [Scenes::bar(['size' => [120, 120], 'position' => [160, 90], 'gradients' => [$gradient]])],
            ['background' => 'transparent'],
        )->still(0);
        foreach ([45, 90, 135, 180, 225, 270, 315] as $degrees) {
            [$x, $y] = [160 + 45 * cos(deg2rad($degrees)), 90 + 45 * sin(deg2rad($degrees))];
            self::assertEqualsWithDelta(255 * $degrees / 360, $picture->pixel((int) floor($x), (int) floor($y))[0], 3, "{$degrees}°");
        }
        foreach (range(105, 215, 5) as $x) {
            foreach (range(32, 148) as $y) {
                self::assertSame(255, $picture->pixel($x, $y)[3], "pixel $x, $y");
            }
        }
    }
}
