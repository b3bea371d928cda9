<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/** The workshop close up: three gears that turn into each other, and a lathe. */
final class WorkshopClip
{
    public static function composition(): Composition
    {
        $stage = new Stage('Workshop', '30000/1001', 300, '#2a2622');
        foreach (range(0, 11) as $plank) {
            $stage->rectangle("Plank $plank", [80 + 160 * $plank, 540], 154, 1080, $plank % 2 === 0 ? '#37312b' : '#332d28');
        }
        // Pitch radii and turns are chosen so that the teeth mesh: the products of teeth and turns are equal.
        self::gear($stage, 620, 520, 24, 300, 2, 0, Palette::BRASS, '#8a6527');
        self::gear($stage, 1064, 520, 12, 150, -4, 7.5, '#8f979e', '#565d63');
        self::gear($stage, 1064, 146, 18, 225, 2.6667, 0, '#7a5a45', '#4c382b');
        self::lathe($stage);

        return $stage->composition();
    }

    private static function gear(
        Stage $stage, float $x, float $y, int $teeth, float $radius, float $turns, float $offset, string $colour,
        string $dark,
    ): void {
        foreach (range(0, $teeth - 1) as $tooth) {
            $from = $offset + 360 / $teeth * $tooth;
            $stage->rectangle('Tooth', [$x, $y], 34, 60, $colour, [
                'anchor' => [0, $radius], 'rounding' => 8, 'rotation' => $stage->throughout($from, $from + 360 * $turns),
            ]);
        }
        $stage->ellipse('Disc', [$x, $y], 2 * $radius - 20, 2 * $radius - 20, $colour, ['outline' => $dark, 'outlineWidth' => 6]);
        $stage->ellipse('Recess', [$x, $y], 1.4 * $radius, 1.4 * $radius, $dark);
        foreach (range(0, 4) as $spoke) {
            $stage->rectangle('Spoke', [$x, $y], 0.16 * $radius, 0.72 * $radius, $colour, [
                'anchor' => [0, 0.36 * $radius], 'rotation' => $stage->throughout(72 * $spoke, 72 * $spoke + 360 * $turns),
            ]);
        }
        $stage->ellipse('Hub', [$x, $y], 0.44 * $radius, 0.44 * $radius, $colour, ['outline' => $dark, 'outlineWidth' => 5]);
        $stage->ellipse('Axle', [$x, $y], 0.16 * $radius, 0.16 * $radius, '#1b1815');
    }

    private static function lathe(Stage $stage): void
    {
        $stage->rectangle('Lathe bed', [1300, 1000], 1240, 90, '#3f5a54', ['rounding' => 10]);
        $stage->rectangle('Headstock', [840, 890], 220, 260, Palette::DEPOT_GREEN, ['rounding' => 24]);
        $stage->rectangle('Work', [1330, 880], 760, 96, '#b9b2a4', ['rounding' => 6]);
        foreach (range(0, 5) as $ring) {
            $stage->rectangle(
                "Ring $ring", $stage->throughout([1000 + 120 * $ring, 846], [1000 + 120 * $ring, 914], 'linear'), 10, 22,
                '#8d877b',
            );
        }
        $stage->rectangle('Tool', $stage->throughout([1680, 960], [1060, 960]), 44, 110, '#2d3034', ['rounding' => 6]);
        $stage->ellipse('Spark', $stage->throughout([1680, 906], [1060, 906]), 16, 16, '#ffd98a', [
            'opacity' => ['keyframes' => array_map(
                fn (int $beat): array => ['at' => 10 * $beat, 'value' => $beat % 2 === 0 ? 100 : 20, 'easing' => 'sine-in-out'],
                range(0, 30),
            )],
        ]);
    }
}
