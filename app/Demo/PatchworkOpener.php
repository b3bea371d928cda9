<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/**
 * The street falls into place: a clip and the words in it, cut into patches, come tilted from above and from far in front, row by row,
 * thrown by some degrees, and rest as one picture, around which a camera comes to the front.
 */
final class PatchworkOpener
{
    /** The frame on which the last patch has come to rest. */
    public const RESTS = 96;

    public static function composition(string $street): Composition
    {
        $stage = new Stage('The street falls into place', '25/1', 175, Palette::NIGHT);
        $stage->add('group', 'Street in patches', [
            'label' => 'indigo',
            'patchwork' => [
                'rows' => 4, 'columns' => 8,
                // They close up when all of them have come.
                'gap' => ['keyframes' => [
                    ['at' => self::RESTS, 'value' => 10, 'easing' => 'ease-in-out'], ['at' => self::RESTS + 14, 'value' => 0],
                ]],
                'rounding' => ['keyframes' => [
                    ['at' => self::RESTS, 'value' => 18, 'easing' => 'ease-in-out'], ['at' => self::RESTS + 14, 'value' => 0],
                ]],
                'shadow' => ['keyframes' => [
                    ['at' => self::RESTS, 'value' => '#000000a0', 'easing' => 'ease-in-out'], ['at' => self::RESTS + 14, 'value' => '#00000000'],
                ]],
                'distance' => 14, 'angle' => 70, 'softness' => 14,
            ],
            'cascades' => [[
                'id' => 'c1', 'as' => 'arrive', 'units' => 'patches', 'length' => self::RESTS, 'overlap' => 90, 'easing' => 'cubic-out',
                'position' => [0, -1200], 'z' => -800, 'tiltX' => 40, 'scatterTilt' => 12, 'scatterTurn' => 10, 'settles' => 40,
                'opacity' => 100, 'seed' => 4,
            ]],
        ]);
        $stage->add('footage', 'Street', ['media' => $street, 'position' => [960, 540], 'label' => 'walnut', 'group' => 'l1']);
        $stage->add('text', 'Words', [
            'text' => 'Night on line 4', 'font' => 'league-spartan-bold', 'typeSize' => 150, 'align' => 'centre', 'fill' => Palette::TRAM_CREAM,
            'outline' => Palette::NIGHT, 'outlineWidth' => 10, 'position' => [960, 330], 'group' => 'l1', 'label' => 'saffron',
        ]);
        // It comes from where the picture is seen at rest: what is tilted is darker, and what has come to rest is as bright as it is.
        $stage->add('light', 'Light', [
            'source' => 'directional', 'position' => [960, 540], 'z' => -2666.666667, 'aim' => [960, 540], 'label' => 'weld',
        ]);
        // It comes last, over finished animation, and stands where nothing changes once the patches have come.
        $stage->add('camera', 'Camera', [
            'position' => [960, 540], 'z' => -2666.666667, 'aim' => [960, 540], 'label' => 'woad',
            'arrive' => [
                'length' => self::RESTS + 14, 'easing' => 'ease-in-out',
                'moves' => [['move' => 'orbit', 'around' => -24, 'up' => 14], ['move' => 'push-in', 'times' => 1.25]],
            ],
        ]);

        return $stage->composition();
    }
}
