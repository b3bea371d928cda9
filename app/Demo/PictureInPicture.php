<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/** A photograph over an interview: it slides into a corner with a margin, stays, and leaves the way it came. */
final class PictureInPicture
{
    private const MARGIN = 60;

    /** A third of the photograph's 1920×1080. */
    private const SCALE = 100 / 3;

    public static function composition(string $clip, string $photograph): Composition
    {
        $stage = new Stage('Picture-in-picture interview', '30000/1001', 240, '#000000');
        $stage->add('footage', 'Interview', ['media' => $clip, 'position' => [960, 540], 'label' => 'walnut']);
        [$x, $y] = [1920 - self::MARGIN - 320, self::MARGIN + 180];
        $place = ['keyframes' => [
            ['at' => 0, 'value' => [1920 + 340, $y], 'easing' => 'cubic-out'], ['at' => 22, 'value' => [$x, $y]],
            ['at' => -18, 'value' => [$x, $y], 'easing' => 'cubic-in', 'pin' => 'end'],
            ['at' => -1, 'value' => [1920 + 340, $y], 'pin' => 'end'],
        ]];
        $stage->rectangle('Edge', $place, 652, 372, Palette::TRAM_CREAM, ['in' => 30, 'out' => 220, 'label' => 'saffron', 'rounding' => 4]);
        $stage->add('footage', 'Photograph', [
            'media' => $photograph, 'position' => $place, 'scale' => [self::SCALE, self::SCALE], 'in' => 30, 'out' => 220,
            'label' => 'woad',
        ]);

        return $stage->composition();
    }
}
