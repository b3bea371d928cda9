<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/**
 * Three panels that sweep over the frame one after another, the logo riding on the last, seen only where that is; rendered with
 * alpha they are a transition. Mirrored and flipped, the logo still reads.
 */
final class ColourPanels
{
    public static function composition(string $logo): Composition
    {
        $stage = new Stage('Colour panels', '25/1', 50, 'transparent');
        foreach ([
            [Palette::SIGNAL_RED, 'cochineal'], [Palette::BRASS, 'saffron'], [Palette::DEPOT_GREEN, 'weld'],
        ] as $index => [$colour, $label]) {
            $stage->rectangle('Panel '.($index + 1), ['keyframes' => [
                ['at' => 5 * $index, 'value' => [-1200, 540], 'easing' => 'cubic-out'], ['at' => 5 * $index + 22, 'value' => [960, 540]],
            ]], 2200, 1200, $colour, ['label' => $label, 'motionBlur' => true]);
        }
        $stage->add('footage', 'Logo', ['media' => $logo, 'position' => ['keyframes' => [
            ['at' => 10, 'value' => [-1200, 540], 'easing' => 'cubic-out'], ['at' => 32, 'value' => [960, 540]],
        ]], 'scale' => [60, 60], 'label' => 'indigo', 'alwaysReads' => true, 'masks' => [[
            'id' => 'm1', 'form' => 'layer', 'layer' => 'l3',
        ]]]);

        return $stage->composition();
    }
}
