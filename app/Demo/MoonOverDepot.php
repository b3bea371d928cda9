<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/** The moon rises over the street, from beyond the lower edge into a corner in seven seconds, on a path that bends. */
final class MoonOverDepot
{
    public static function composition(string $street): Composition
    {
        $stage = new Stage('The moon over the depot', '25/1', 200, '#000000');
        $stage->add('footage', 'Street', ['media' => $street, 'position' => [960, 540], 'label' => 'walnut']);
        $stage->ellipse('Moon', ['keyframes' => [
            ['at' => 0, 'value' => [240, 1220], 'easing' => 'ease-out(40%)', 'bend' => ['leave' => [60, -700]]],
            ['at' => 175, 'value' => [1680, 210], 'bend' => ['arrive' => [-520, -40]]],
        ]], 190, 190, Palette::TRAM_CREAM, ['label' => 'saffron', 'motionBlur' => true]);

        return $stage->composition();
    }
}
