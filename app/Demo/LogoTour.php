<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/** A logo that tours the frame at one pace, blurred as it goes: every leg takes as many frames as its way is long. */
final class LogoTour
{
    public static function composition(string $logo): Composition
    {
        $stage = new Stage('The logo tours the frame', '25/1', 75, Palette::DEPOT_GREEN);
        $stage->add('footage', 'Logo', [
            'media' => $logo, 'scale' => [60, 60], 'label' => 'saffron', 'motionBlur' => true,
            'position' => ['keyframes' => [
                ['at' => 0, 'value' => [-240, -240], 'easing' => 'glide'], ['at' => 13, 'value' => [420, 760], 'easing' => 'glide'],
                ['at' => 26, 'value' => [1500, 760], 'easing' => 'glide'], ['at' => 32, 'value' => [1500, 300], 'easing' => 'glide'],
                ['at' => 45, 'value' => [960, 540], 'easing' => 'ease-in(80%)'], ['at' => 60, 'value' => [960, 1320]],
            ]],
        ]);

        return $stage->composition();
    }
}
