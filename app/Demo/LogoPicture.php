<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/** The logo: a figure nine inside a rounded hexagon, on nothing. */
final class LogoPicture
{
    public const SIDE = 600;

    /** How far the hexagon's corners are from its middle. */
    private const CORNERS = 226;

    public static function composition(): Composition
    {
        $stage = new Stage('Logo', '25/1', 1, 'transparent', self::SIDE, self::SIDE);
        self::hexagon($stage, 62, Palette::DEPOT_GREEN);
        self::hexagon($stage, 26, Palette::TRAM_CREAM);
        self::hexagon($stage, 10, Palette::DEPOT_GREEN);
        $stage->add('text', 'Nine', [
            'text' => '9', 'font' => 'karla-extrabold', 'typeSize' => 360, 'fill' => Palette::TRAM_CREAM, 'align' => 'centre',
            'position' => [self::SIDE / 2, self::SIDE / 2 + 118],
        ]);

        return $stage->composition();
    }

    /** As far from a regular hexagon in all directions: three bands, each from one of its sides to the opposite one, and its corners. */
    private static function hexagon(Stage $stage, float $around, string $fill): void
    {
        $middle = self::SIDE / 2;
        foreach ([0, 60, 120] as $turn) {
            $stage->rectangle(
                "Band $turn", [$middle, $middle], self::CORNERS, sqrt(3) * self::CORNERS + 2 * $around, $fill,
                ['rotation' => $turn],
            );
        }
        foreach (range(0, 300, 60) as $corner) {
            $place = [$middle + self::CORNERS * cos(deg2rad($corner)), $middle + self::CORNERS * sin(deg2rad($corner))];
            $stage->ellipse("Corner $corner", $place, 2 * $around, 2 * $around, $fill);
        }
    }
}
