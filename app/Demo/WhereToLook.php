<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/**
 * A mask that comes in on one level, rests, widens and stays where to look; around it the clip is dim and blurred. Then a gear rolls
 * across on one level, through which the clip is seen.
 */
final class WhereToLook
{
    /** When the gear begins to roll, and its teeth. */
    private const ROLLS = 150;

    private const TEETH = 14;

    private const RADIUS = 270;

    public static function composition(string $media): Composition
    {
        $stage = new Stage('Where to look', '25/1', 250, '#000000');
        $stage->add('footage', 'Around it', [
            'media' => $media, 'position' => [960, 540], 'label' => 'walnut', 'sound' => false, 'effects' => [
                ['id' => 'e1', 'effect' => 'blur', 'radius' => 14],
                ['id' => 'e2', 'effect' => 'exposure', 'stops' => -1.2],
                ['id' => 'e3', 'effect' => 'saturation', 'amount' => 40],
            ],
        ]);
        $stage->add('footage', 'Workshop', [
            'media' => $media, 'position' => [960, 540], 'out' => self::ROLLS, 'label' => 'woad', 'masks' => [[
                'id' => 'm1', 'form' => 'rectangle', 'rounding' => 40, 'feather' => 30,
                'position' => ['keyframes' => [
                    ['at' => 0, 'value' => [-1300, -40], 'easing' => 'ease-out(75%)'], ['at' => 30, 'value' => [-260, -40]],
                    ['at' => 70, 'value' => [-260, -40], 'easing' => 'ease-in-out(75%)'], ['at' => 100, 'value' => [300, 60]],
                ]],
                'size' => ['keyframes' => [
                    ['at' => 30, 'value' => [520, 520]], ['at' => 70, 'value' => [520, 520], 'easing' => 'ease-in-out(75%)'],
                    ['at' => 100, 'value' => [900, 620]],
                ]],
            ]],
        ]);

        $stage->add('footage', 'Through a gear', [
            'media' => $media, 'in' => self::ROLLS, 'from' => 120, 'sound' => false, 'position' => [960, 540], 'label' => 'saffron',
            'masks' => [[
                'id' => 'm1', 'form' => 'free', 'points' => 4 * self::TEETH, 'smooth' => 12, ...self::gear(),
                'position' => ['keyframes' => [['at' => 0, 'value' => [-1400, -40]], ['at' => 100, 'value' => [1400, -40]]]],
                'rotation' => ['keyframes' => [['at' => 0, 'value' => 0], ['at' => 100, 'value' => 360]]],
            ]],
        ]);

        return $stage->composition();
    }

    /** @return array<string, array{float, float}> four points for each tooth: its foot, its tip, and down again */
    private static function gear(): array
    {
        $points = [];
        foreach (range(0, 4 * self::TEETH - 1) as $index) {
            $radius = self::RADIUS + (in_array($index % 4, [1, 2], true) ? 58 : 0);
            $angle = 2 * M_PI * ($index + [0.0, 0.35, -0.35, 0.0][$index % 4]) / (4 * self::TEETH);
            $points['point'.($index + 1)] = [round($radius * cos($angle), 2), round($radius * sin($angle), 2)];
        }

        return $points;
    }
}
