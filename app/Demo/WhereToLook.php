<?php

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/** A mask that comes in on one level, rests, widens and stays where to look; around it the clip is dim and blurred. */
final class WhereToLook
{
    public static function composition(string $media): Composition
    {
        $stage = new Stage('Where to look', '25/1', 150, '#000000');
        $stage->add('footage', 'Around it', ['media' => $media, 'position' => [960, 540], 'label' => 'walnut', 'sound' => false, 'effects' => [
            ['id' => 'e1', 'effect' => 'blur', 'radius' => 14],
            ['id' => 'e2', 'effect' => 'exposure', 'stops' => -1.2],
            ['id' => 'e3', 'effect' => 'saturation', 'amount' => 40],
        ]]);
        $stage->add('footage', 'Workshop', ['media' => $media, 'position' => [960, 540], 'label' => 'woad', 'masks' => [[
            'id' => 'm1', 'form' => 'rectangle', 'rounding' => 40, 'feather' => 30,
            'position' => ['keyframes' => [
                ['at' => 0, 'value' => [-1300, -40], 'easing' => 'ease-out(75%)'], ['at' => 30, 'value' => [-260, -40]],
                ['at' => 70, 'value' => [-260, -40], 'easing' => 'ease-in-out(75%)'], ['at' => 100, 'value' => [300, 60]],
            ]],
            'size' => ['keyframes' => [
                ['at' => 30, 'value' => [520, 520]], ['at' => 70, 'value' => [520, 520], 'easing' => 'ease-in-out(75%)'], ['at' => 100, 'value' => [900, 620]],
            ]],
        ]]]);

        return $stage->composition();
    }
}
