<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/** A name bar that only arrives, and an interview in which it is placed: it leaves as it came, and one correction reaches every placing. */
final class NameBar
{
    public static function composition(string $person, string $trade): Composition
    {
        $stage = new Stage('Name bar', '25/1', 90, 'transparent');
        $arrives = fn (int $length, string ...$moves): array => [
            'length' => $length, 'easing' => 'cubic-out',
            'moves' => array_map(fn (string $move): array => ['move' => $move], array_values($moves)),
        ];
        $stage->rectangle(
            'Bar', [560, 880], 800, 190, Palette::NIGHT,
            ['label' => 'weld', 'rounding' => 12, 'arrive' => $arrives(16, 'slide')],
        );
        $stage->rectangle(
            'Accent', [167, 880], 14, 190, Palette::BRASS,
            ['in' => 6, 'label' => 'saffron', 'arrive' => $arrives(14, 'heighten')],
        );
        $stage->add('text', 'Name', [
            'text' => $person, 'font' => 'karla-bold', 'typeSize' => 76, 'fill' => Palette::TRAM_CREAM, 'position' => [204, 868],
            'in' => 10, 'label' => 'madder', 'alwaysReads' => true, 'arrive' => $arrives(16, 'drift', 'fade'),
        ]);
        $stage->add('text', 'Trade', [
            'text' => $trade, 'font' => 'karla-regular', 'typeSize' => 44, 'fill' => '#d9c9a6', 'tracking' => 20, 'position' => [206, 936],
            'in' => 14, 'label' => 'woad', 'alwaysReads' => true, 'arrive' => $arrives(16, 'drift', 'fade'),
        ]);

        return $stage->composition();
    }

    /** @param  string  $bar  the id of the composition that is placed */
    public static function interview(string $media, string $bar): Composition
    {
        $stage = new Stage('Interview with a name bar', '25/1', 250, '#000000');
        $stage->add('footage', 'Workshop', ['media' => $media, 'position' => [960, 540], 'label' => 'walnut']);
        $placed = ['composition' => $bar, 'position' => [960, 540], 'mirrors' => true, 'crop' => false];
        $stage->add('bundle', 'Name bar', [...$placed, 'in' => 15, 'out' => 130, 'length' => 115, 'label' => 'madder']);
        $stage->add(
            'bundle', 'Name bar, from the right',
            [...$placed, 'in' => 145, 'out' => 245, 'length' => 100, 'scale' => [-100, 100], 'label' => 'indigo'],
        );

        return $stage->composition();
    }
}
