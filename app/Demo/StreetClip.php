<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/** A tram passes a street in the evening: far and near house fronts, lamps and wires in parallax. */
final class StreetClip
{
    private const FRONTS = ['#3b3346', '#4a3a44', '#35404f', '#51443f', '#3d4a4a', '#463a50'];

    public static function composition(): Composition
    {
        $stage = new Stage('Street in the evening', '25/1', 300, '#2b3550');
        self::sky($stage);
        self::houses($stage, 'Far', 11, 300, 560, -260, ['#2d3347', '#323049', '#283a4c'], '#d8b36a');
        self::houses($stage, 'Near', 9, 420, 700, -620, self::FRONTS, '#f1cf86');
        self::street($stage);
        self::tram($stage);
        self::lamps($stage);

        return $stage->composition();
    }

    private static function sky(Stage $stage): void
    {
        foreach (['#33405f', '#4a4a6b', '#6d5470', '#96616a', '#c27d62'] as $index => $colour) {
            $stage->rectangle('Sky '.($index + 1), [960, 240 + 90 * $index], 1920, 100, $colour);
        }
        $stage->ellipse('Moon', [1540, 150], 90, 90, '#e9dcc0');
    }

    /** @param  list<string>  $colours */
    private static function houses(
        Stage $stage, string $name, int $count, float $width, float $height, float $travel, array $colours, string $light,
    ): void {
        for ($house = 0; $house < $count; $house++) {
            $x = $house * $width;
            $tall = $height + 90 * (($house * 7) % 4) - 100;
            $moving = fn (float $dx, float $y): array => $stage->throughout([$x + $dx, $y], [$x + $dx + $travel, $y]);
            $stage->rectangle("$name house $house", $moving(0, 860 - $tall / 2), $width - 4, $tall, $colours[$house % count($colours)]);
            foreach (range(0, 5) as $window) {
                [$column, $row] = [$window % 3, intdiv($window, 3)];
                $lit = ($house * 5 + $window * 3) % 7 < 4;
                $stage->rectangle(
                    "$name window $house-$window", $moving(($column - 1) * $width * 0.28, 860 - $tall + 90 + 150 * $row),
                    $width * 0.13, 88, $lit ? $light : '#1f2433', ['rounding' => 4],
                );
            }
        }
    }

    private static function street(Stage $stage): void
    {
        $stage->rectangle('Pavement', [960, 880], 1920, 60, '#5a5563');
        $stage->rectangle('Road', [960, 1000], 1920, 190, '#2c2b35');
        $stage->rectangle('Rail', [960, 960], 1920, 6, '#8c8a92');
        $stage->rectangle('Rail', [960, 1012], 1920, 8, '#a3a1a8');
        $stage->rectangle('Wire', [960, 330], 1920, 4, '#16181f');
    }

    private static function tram(Stage $stage): void
    {
        $moving = fn (float $dx, float $y): array => $stage->throughout([-900 + $dx, $y], [2300 + $dx, $y], 'sine-in-out');
        $stage->rectangle('Pantograph', $moving(0, 420), 8, 180, '#14161c', ['rotation' => 18]);
        $stage->rectangle('Tram body', $moving(0, 760), 1180, 400, Palette::TRAM_CREAM, ['rounding' => 46]);
        $stage->rectangle('Tram skirt', $moving(0, 870), 1180, 180, Palette::DEPOT_GREEN, ['rounding' => 30]);
        $stage->rectangle('Tram line', $moving(0, 776), 1180, 14, Palette::BRASS);
        foreach (range(0, 6) as $window) {
            $stage->rectangle(
                "Tram window $window", $moving(-480 + 160 * $window, 670), 128, 130, '#ffe9b0',
                ['rounding' => 14, 'outline' => '#54452f', 'outlineWidth' => 6],
            );
            if ($window % 2 === 1) {
                $stage->ellipse("Passenger $window", $moving(-470 + 160 * $window, 690), 46, 56, '#5b4636');
            }
        }
        $stage->ellipse('Headlamp', $moving(560, 880), 54, 54, '#fff6d8');
        foreach ([-380, -250, 250, 380] as $wheel) {
            $stage->ellipse('Wheel', $moving($wheel, 970), 92, 92, '#22222a', ['outline' => '#77757f', 'outlineWidth' => 8]);
        }
    }

    private static function lamps(Stage $stage): void
    {
        foreach (range(0, 4) as $lamp) {
            $x = 260 + 760 * $lamp;
            $moving = fn (float $y): array => $stage->throughout([$x, $y], [$x - 1300, $y]);
            $stage->rectangle("Lamp post $lamp", $moving(720), 16, 720, '#15161d');
            $stage->ellipse("Lamp glow $lamp", $moving(372), 190, 190, '#ffdf9a40');
            $stage->ellipse("Lamp $lamp", $moving(372), 62, 62, '#ffe7b3');
        }
    }
}
