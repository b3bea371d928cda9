<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/** A title whose letters spring apart into their places, and leave in another order; a line beneath it comes two words at a time. */
final class CascadingTitle
{
    public static function composition(): Composition
    {
        $stage = new Stage('Cascading title', '25/1', 200, Palette::NIGHT);
        $stage->add('text', 'Title', [
            'text' => "The last\ntram home", 'font' => 'league-spartan-bold', 'typeSize' => 230, 'align' => 'centre',
            'leading' => 96, 'fill' => Palette::TRAM_CREAM,
            'position' => [960, 470], 'label' => 'madder', 'motionBlur' => true,
            'cascades' => [
                [
                    'id' => 'c1', 'as' => 'arrive', 'units' => 'letters', 'length' => 46, 'overlap' => 92,
                    'order' => 'middle', 'easing' => 'elastic-out(1.2, 0.6)', 'gather' => 100, 'scale' => [45, 45],
                    'turn' => -24,
                ],
                [
                    'id' => 'c2', 'as' => 'accent', 'units' => 'letters', 'at' => 92, 'length' => 36, 'overlap' => 82,
                    'order' => 'place', 'easing' => 'ease-in-out', 'opacity' => 100, 'position' => [0, -34],
                    'tint' => Palette::BRASS,
                ],
                [
                    'id' => 'c3', 'as' => 'leave', 'units' => 'letters', 'length' => 34, 'overlap' => 86,
                    'order' => 'random', 'seed' => 4, 'easing' => 'cubic-in', 'scale' => [20, 20], 'turn' => 28,
                    'blur' => 30,
                ],
            ],
        ]);
        $stage->add('text', 'Beneath', [
            'text' => 'a film by those who mend them', 'font' => 'eb-garamond-italic', 'typeSize' => 84,
            'align' => 'centre', 'fill' => Palette::BRASS,
            'position' => [960, 850], 'in' => 34, 'label' => 'saffron',
            'cascades' => [
                [
                    'id' => 'c1', 'as' => 'arrive', 'units' => 'words', 'every' => 2, 'length' => 44, 'overlap' => 40,
                    'easing' => 'cubic-out', 'position' => [0, 42],
                ],
                ['id' => 'c2', 'mirrors' => 'c1', 'sameOrder' => true],
            ],
        ]);

        return $stage->composition();
    }
}
