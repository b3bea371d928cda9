<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/** A person's name and trade over a clip: they slide and fade in, stay, and leave the way they came. */
final class LowerThird
{
    public static function composition(string $media, string $person, string $trade): Composition
    {
        $stage = new Stage("Lower third: $person", '25/1', 200, '#000000');
        $stage->add('footage', 'Street', ['media' => $media, 'position' => [960, 540], 'from' => 40, 'label' => 'walnut']);
        $stage->rectangle('Bar', self::slide([-520, 880], [520, 880], 0), 800, 190, Palette::NIGHT, [
            'in' => 20, 'out' => 180, 'label' => 'weld', 'rounding' => 12, 'opacity' => self::fade(0), 'scaleLinked' => false,
        ]);
        $stage->rectangle('Accent', self::slide([-906, 880], [134, 880], 2), 14, 190, Palette::BRASS, [
            'in' => 20, 'out' => 180, 'label' => 'saffron', 'opacity' => self::fade(2),
        ]);
        $stage->add('text', 'Name', [
            'text' => $person, 'font' => 'karla-bold', 'typeSize' => 76, 'fill' => Palette::TRAM_CREAM,
            'in' => 24, 'out' => 178, 'label' => 'madder',
            'position' => self::slide([120, 868], [184, 868], 2), 'opacity' => self::fade(2),
        ]);
        $stage->add('text', 'Trade', [
            'text' => $trade, 'font' => 'karla-regular', 'typeSize' => 44, 'fill' => '#d9c9a6', 'tracking' => 20,
            'in' => 28, 'out' => 176, 'label' => 'woad',
            'position' => self::slide([130, 936], [186, 936], 2), 'opacity' => self::fade(2),
        ]);

        return $stage->composition();
    }

    /**
     * @param  array{float, float}  $away
     * @param  array{float, float}  $here
     * @return array{keyframes: list<array<string, mixed>>}
     */
    private static function slide(array $away, array $here, int $wait): array
    {
        return ['keyframes' => [
            ['at' => $wait, 'value' => $away, 'easing' => 'cubic-out'],
            ['at' => $wait + 20, 'value' => $here, 'easing' => 'linear'],
            ['at' => -16, 'value' => $here, 'easing' => 'cubic-in', 'pin' => 'end'],
            ['at' => -1, 'value' => $away, 'pin' => 'end'],
        ]];
    }

    /** @return array{keyframes: list<array<string, mixed>>} */
    private static function fade(int $wait): array
    {
        return ['keyframes' => [
            ['at' => $wait, 'value' => 0, 'easing' => 'quad-out'],
            ['at' => $wait + 12, 'value' => 100],
            ['at' => -12, 'value' => 100, 'easing' => 'quad-in', 'pin' => 'end'],
            ['at' => -1, 'value' => 0, 'pin' => 'end'],
        ]];
    }
}
