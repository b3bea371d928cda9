<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/**
 * The tram's route draws itself from stop to stop over its map, leaves grow along the river, and the way is counted in step
 * with the line.
 */
final class RouteLine
{
    private const ROUTE = 'M-720 260C-620 260 -560 120 -440 120L-180 120C-80 120 -60 -60 40 -60L260 -60C420 -60 420 -260 560 -260L720 -260';

    private const RIVER = 'M-960 -60C-700 -180 -560 -20 -320 -80C-80 -140 40 120 320 140C560 156 700 40 960 120';

    /** Where stops are, in per cent of the route, and what they are called. */
    private const STOPS = [0 => 'Depot', 31 => 'Mill Row', 62 => 'Old Bridge', 100 => 'Fairground'];

    /** The first frame of the drawing, and how many it takes. */
    private const FROM = 15;

    private const TAKES = 110;

    /** How far the tram goes in all. */
    private const KILOMETRES = 7.4;

    public static function composition(): Composition
    {
        $stage = new Stage('Route line', '25/1', 200, '#e6dcc0');
        $line = ['form' => 'path', 'fill' => '#00000000', 'cap' => 'round', 'position' => [960, 560]];
        $drawn = fn (
            int $from, int $takes, string $easing,
        ): array => ['keyframes' => [['at' => $from, 'value' => 0, 'easing' => $easing], ['at' => $from + $takes, 'value' => 100]]];
        $stage->add('shape', 'River', [...$line, 'path' => self::RIVER, 'outline' => '#9fbfcb', 'outlineWidth' => 70, 'label' => 'woad']);
        $stage->add('shape', 'Leaves', [
            ...$line, 'path' => self::RIVER, 'position' => [960, 620], 'outline' => '#6f8f4e', 'outlineWidth' => 9,
            'drawEnd' => $drawn(5, 120, 'linear'), 'label' => 'lichen',
            'brush' => ['form' => 'leaves', 'size' => 360, 'spacing' => 42, 'seed' => 7],
        ]);
        $stage->add(
            'shape', 'Edge of the line',
            [
                ...$line, 'path' => self::ROUTE, 'outline' => Palette::TRAM_CREAM, 'outlineWidth' => 34,
                'drawEnd' => $drawn(self::FROM, self::TAKES, 'ease-in-out(40%)'), 'label' => 'walnut',
            ],
        );
        $stage->add(
            'shape', 'Line',
            [
                ...$line, 'path' => self::ROUTE, 'outline' => Palette::SIGNAL_RED, 'outlineWidth' => 20,
                'drawEnd' => $drawn(self::FROM, self::TAKES, 'ease-in-out(40%)'), 'label' => 'madder',
            ],
        );
        $places = [[240, 820], [728, 680], [1196, 500], [1680, 300]];
        foreach (array_keys(self::STOPS) as $index => $share) {
            $in = self::FROM + (int) round(self::TAKES * $share / 100 * 0.96);
            $pop = ['in' => $in, 'arrive' => ['length' => 14, 'easing' => 'back-out(2)', 'moves' => [['move' => 'grow']]]];
            $stage->ellipse(
                'Stop', $places[$index], 46, 46, Palette::TRAM_CREAM,
                ['outline' => Palette::NIGHT, 'outlineWidth' => 8, 'label' => 'indigo', ...$pop],
            );
            $stage->add('text', self::STOPS[$share], [
                'text' => self::STOPS[$share], 'font' => 'karla-bold', 'typeSize' => 52, 'align' => 'centre',
                'fill' => Palette::TRAM_CREAM, 'position' => [$places[$index][0], $places[$index][1] + 92],
                'plate' => Palette::NIGHT, 'platePadding' => [22, 8], 'plateRounding' => 14, 'label' => 'indigo', 'in' => $in + 4,
                'arrive' => [
                    'length' => 12, 'easing' => 'ease-out(80%)',
                    'moves' => [['move' => 'drift', 'angle' => 90, 'distance' => 26]],
                ],
            ]);
        }
        $stage->add('text', 'Way', [
            'text' => '# km',
            'counts' => ['decimals' => 1, 'of' => ['layer' => 'l4', 'property' => 'drawEnd', 'times' => self::KILOMETRES / 100]],
            'features' => ['tabular-figures'], 'font' => 'inter-bold', 'typeSize' => 110, 'fill' => Palette::NIGHT,
            'position' => [140, 200],
            'label' => 'cochineal',
        ]);

        return $stage->composition();
    }
}
