<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/** A card for the open day: a tilted block, a picture, very large words behind it and small ones before it, a button, the logo. */
final class OpenDayCard
{
    /** Shaped once, and used for all of it. */
    private const CURVE = 'cubic-bezier(0.2, 0.9, 0.2, 1.06)';

    public static function composition(string $picture, string $logo): Composition
    {
        $stage = new Stage('Card for the open day', '25/1', 160, Palette::TRAM_CREAM);
        $come = fn (int $in, int $length, string $move, array $more = []): array => [
            'in' => $in,
            'arrive' => ['length' => $length, 'easing' => self::CURVE, 'moves' => [['move' => $move, ...$more]]],
        ];
        $stage->add('text', 'Behind', [
            'text' => "OPEN\nDAY", 'font' => 'bebas-neue-bold', 'typeSize' => 640, 'leading' => 80, 'align' => 'centre',
            'fill' => '#e4cf9f', 'position' => [960, 520], 'label' => 'walnut',
            'cascades' => [[
                'id' => 'c1', 'as' => 'arrive', 'units' => 'letters', 'length' => 34, 'overlap' => 70,
                'easing' => self::CURVE, 'position' => [0, 420],
            ]],
        ]);
        $stage->rectangle(
            'Block', [960, 560], 1180, 520, Palette::DEPOT_GREEN,
            ['rotation' => -6, 'rounding' => 26, 'label' => 'lichen', ...$come(8, 22, 'drift', ['angle' => 180, 'distance' => 900])],
        );
        $stage->add('window', 'Picture', [
            'form' => 'rectangle', 'media' => $picture, 'size' => [620, 440], 'rounding' => 18, 'position' => [620, 560],
            'rotation' => -6, 'zoom' => 112, 'label' => 'saffron', ...$come(18, 20, 'grow'),
        ]);
        $stage->add('text', 'When', [
            'text' => "Sunday, 14 June\nfrom ten to six", 'font' => 'league-spartan-bold', 'typeSize' => 74,
            'fill' => Palette::TRAM_CREAM, 'position' => [985, 470], 'rotation' => -6, 'label' => 'madder', 'in' => 28,
            'cascades' => [[
                'id' => 'c1', 'as' => 'arrive', 'units' => 'words', 'length' => 26, 'overlap' => 60,
                'easing' => self::CURVE, 'position' => [0, 40],
            ]],
        ]);
        $stage->add('text', 'Button', [
            'text' => 'Come in', 'font' => 'karla-extrabold', 'typeSize' => 58, 'align' => 'centre',
            'fill' => Palette::NIGHT, 'plate' => Palette::BRASS, 'platePadding' => [46, 22], 'plateRounding' => 60,
            'position' => [1180, 700], 'rotation' => -6, 'label' => 'weld', ...$come(44, 16, 'grow'),
        ]);
        $stage->add(
            'footage', 'Logo',
            [
                'media' => $logo, 'position' => [1650, 250],
                'scale' => ['keyframes' => [['at' => 0, 'value' => [0, 0], 'easing' => self::CURVE], ['at' => 24, 'value' => [46, 46]]]],
                'in' => 52, 'label' => 'cochineal',
            ],
        );

        return $stage->composition();
    }
}
