<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Draw;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Raster\Draw\Surface;
use Ricamo\Raster\Tests\Scenes;

/** Light and shadows, pixel by pixel, against the cosine law worked out by hand. The frame is 320 × 180. */
final class LightTest extends TestCase
{
    private const LAMP = [
        'id' => 'lamp', 'kind' => 'light', 'source' => 'point', 'name' => 'Lamp', 'in' => 0, 'out' => 10, 'position' => [120, 60], 'z' => -90,
    ];

    /** An effect that does nothing makes a picture of an outline: its colours are multiplied, and not painted anew. */
    private const AS_PICTURE = ['effects' => [['id' => 'e1', 'effect' => 'exposure', 'stops' => 0]]];

    /**
     * @param  array<string, mixed>  ...$layers
     */
    private static function drawn(array ...$layers): Surface
    {
        return Scenes::of(array_values($layers), ['background' => 'transparent'])->still(0);
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private static function wall(array $more = []): array
    {
        return Scenes::bar(['id' => 'wall', 'size' => [400, 300], 'position' => [160, 90], 'fill' => '#c86432', ...$more]);
    }

    private static function cosine(float $x, float $y): float
    {
        return 90 / sqrt(($x + 0.5 - 120) ** 2 + ($y + 0.5 - 60) ** 2 + 90 ** 2);
    }

    #[TestWith([[]])]
    #[TestWith([self::AS_PICTURE])]
    public function test_each_pixel_is_as_bright_as_the_lamp_falls_there(array $more): void
    {
        $picture = self::drawn(self::wall($more), self::LAMP);
        foreach ([[120, 60], [10, 10], [310, 170], [200, 60], [120, 150]] as [$x, $y]) {
            [$red, $green, $blue, $alpha] = $picture->pixel($x, $y);
            self::assertSame(255, $alpha);
            $light = self::cosine($x, $y);
            self::assertEqualsWithDelta([200 * $light, 100 * $light, 50 * $light], [$red, $green, $blue], 1.6, "$x, $y");
        }
    }

    #[TestWith([[]])]
    #[TestWith([self::AS_PICTURE])]
    public function test_what_is_half_seen_through_stays_so(array $more): void
    {
        $picture = self::drawn(self::wall(['fill' => '#c8643280', ...$more]), self::LAMP);
        [$red, , , $alpha] = $picture->pixel(310, 170);
        self::assertSame(128, $alpha);
        self::assertEqualsWithDelta(200 * 128 / 255 * self::cosine(310, 170), $red, 1.6);
        self::assertSame([0, 0, 0, 0], self::drawn(self::wall(['size' => [40, 40], ...$more]), self::LAMP)->pixel(10, 10));
    }

    public function test_more_than_all_light_brightens_up_to_white(): void
    {
        $picture = self::drawn(self::wall(), [...self::LAMP, 'lightStrength' => 300]);
        foreach ([[120, 60], [310, 170]] as [$x, $y]) {
            [$red, $green, $blue] = $picture->pixel($x, $y);
            $light = 3 * self::cosine($x, $y);
            self::assertEqualsWithDelta(
                [min(255, 200 * $light), min(255, 100 * $light), min(255, 50 * $light)], [$red, $green, $blue], 4, "$x, $y",
            );
        }
    }

    #[TestWith([[]])]
    #[TestWith([self::AS_PICTURE])]
    public function test_a_lamp_is_mirrored_in_what_shines_and_alpha_stays(array $more): void
    {
        $picture = self::drawn(self::wall(['fill' => '#c8643280', 'shine' => 100, 'roughness' => 20, ...$more]), self::LAMP);
        // The eye is 320 · 50 / 36 before (160, 90): the mirrored lamp lies between the feet of both, by their heights.
        $eye = 320 * 50 / 36;
        $share = 90 / (90 + $eye);
        [$x, $y] = [(int) round(120 + 40 * $share), (int) round(60 + 30 * $share)];
        foreach ([0, 12, 24, 40] as $right) {
            $pixel = $x + $right;
            // Facets off by half of what light and eye turn by together.
            $off = hypot($pixel + 0.5 - 120 - 40 * $share, $y + 0.5 - 60 - 30 * $share) * (1 / 90 + 1 / $eye) / 2;
            $shine = exp(-($off / 0.2) ** 2);
            [$red, , , $alpha] = $picture->pixel($pixel, $y);
            self::assertSame(128, $alpha);
            self::assertEqualsWithDelta(128 / 255 * (200 * self::cosine($pixel, $y) * (1 - $shine) + 255 * $shine), $red, 2.5, "at $pixel");
        }
    }

    public function test_between_a_face_and_its_sides_and_between_those_nothing_is_seen(): void
    {
        $white = ['fill' => '#ffffff', 'sideColour' => '#ffffff', 'tiltY' => 40, 'tiltX' => 25, 'thickness' => 50, 'position' => [160, 90]];
        foreach ([['size' => [120, 80]], ['size' => [120, 80], 'rounding' => 40]] as $form) {
            $picture = self::drawn(Scenes::bar([...$white, ...$form]));
            for ($y = 0; $y < 180; $y++) {
                $row = array_map(fn (int $x): int => $picture->pixel($x, $y)[3], range(0, 319));
                $full = array_keys(array_filter($row, fn (int $alpha): bool => $alpha > 253));
                // A convex thing: each of its rows is one.
                $least = $full === [] ? 255 : min(array_slice($row, $full[0], $full[count($full) - 1] - $full[0] + 1));
                self::assertGreaterThanOrEqual(250, $least, "row $y");
            }
        }
    }

    #[TestWith([0.0])]
    #[TestWith([20.0])]
    public function test_a_shadow_ends_where_the_line_from_the_lamp_meets_the_wall_and_as_softly_as_the_lamp_is_large(float $radius): void
    {
        // The card is half-way to the lamp, from x = 180 on: its shadow begins at 140, and half a penumbra is as wide as the lamp's radius.
        $card = Scenes::bar(['id' => 'card', 'size' => [400, 400], 'position' => [380, 90], 'z' => -45]);
        $lamp = [...self::LAMP, 'shadow' => 100, 'lightSize' => $radius, 'position' => [220, 90]];
        $picture = self::drawn(self::wall(['fill' => '#ffffff']), $card, $lamp);
        $light = fn (int $x): float => 90 / sqrt(($x + 0.5 - 220) ** 2 + 0.25 + 90 ** 2);
        foreach ([60, 100, 115, 130, 136, 144, 150, 170] as $x) {
            // What is left of the light is a round lamp cut off by a straight edge: a segment of its disc.
            $edge = $radius === 0.0 ? ($x < 140 ? 1.0 : -1.0) : max(-1.0, min(1.0, (140 - $x - 0.5) / $radius));
            $share = 1 - (acos($edge) - $edge * sqrt(1 - $edge ** 2)) / M_PI;
            self::assertEqualsWithDelta(255 * $light($x) * $share, $picture->pixel($x, 90)[0], $radius === 0.0 ? 2.5 : 9, "at $x");
        }
    }
}
