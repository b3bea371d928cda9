<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/** Seven of eleven trams are restored: a bar fills from its left edge, and a number counts in step. */
final class RestorationProgress
{
    private const RESTORED = 7;

    private const ALL = 11;

    /** Frames from one tram to the next. */
    private const EACH = 8;

    private const WIDTH = 1320;

    public static function composition(): Composition
    {
        $stage = new Stage('Restoration progress', '25/1', 150, Palette::DEPOT_GREEN);
        $arrive = [
            'arrive' => ['length' => 15, 'moves' => [['move' => 'drift', 'angle' => 90, 'distance' => 60]]],
            'leave' => ['mirror' => true],
        ];
        $stage->rectangle('Groove', [960, 620], self::WIDTH, 56, '#00000055', ['rounding' => 28, 'label' => 'walnut', ...$arrive]);
        $filled = [['at' => 20, 'value' => [0, 100]]];
        for ($tram = 1; $tram <= self::RESTORED; $tram++) {
            $filled[] = [
                'at' => 20 + self::EACH * ($tram - 1) + 2, 'value' => [100 * ($tram - 1) / self::ALL, 100],
                'easing' => 'ease-out(70%)',
            ];
            $filled[] = ['at' => 20 + self::EACH * $tram, 'value' => [100 * $tram / self::ALL, 100]];
        }
        $stage->rectangle('Filling', [960 - self::WIDTH / 2, 620], self::WIDTH, 56, Palette::BRASS, [
            'rounding' => 28, 'anchor' => [-self::WIDTH / 2, 0], 'scaleLinked' => false,
            'scale' => ['keyframes' => $filled], 'label' => 'saffron', ...$arrive,
        ]);
        $counted = array_map(
            fn (int $tram): array => ['at' => $tram === 0 ? 0 : 20 + self::EACH * $tram, 'value' => $tram, 'easing' => 'hold'],
            range(0, self::RESTORED),
        );
        $stage->add('text', 'Count', [
            'text' => '# of '.self::ALL.' trams', 'counts' => ['decimals' => 0], 'number' => ['keyframes' => $counted],
            'features' => ['tabular-figures'],
            'font' => 'inter-bold', 'typeSize' => 92, 'align' => 'centre', 'fill' => Palette::TRAM_CREAM,
            'position' => [960, 520], 'label' => 'madder', ...$arrive,
        ]);

        return $stage->composition();
    }
}
