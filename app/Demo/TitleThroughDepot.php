<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/**
 * A title flies through the depot: from far away, tilted, into the picture, where a sign stands behind it in the same space; it rests, and
 * flies off past the viewer.
 */
final class TitleThroughDepot
{
    /** When the title has come to rest, and when it sets off again. */
    private const RESTS = [70, 130];

    public static function composition(string $workshop): Composition
    {
        [$from, $to] = self::RESTS;
        $stage = new Stage('The title flies through the depot', '25/1', 200, Palette::NIGHT);
        $stage->add('footage', 'Workshop', ['media' => $workshop, 'position' => [960, 540], 'label' => 'walnut']);
        $stage->add('group', 'Title', [
            'position' => [960, 560], 'label' => 'madder',
            'z' => ['keyframes' => [
                ['at' => 0, 'value' => 5200, 'easing' => 'cubic-out'], ['at' => $from, 'value' => 0],
                ['at' => $to, 'value' => 0, 'easing' => 'cubic-in'], ['at' => 190, 'value' => -3400],
            ]],
            'tiltY' => ['keyframes' => [
                ['at' => 0, 'value' => -75, 'easing' => 'cubic-out'], ['at' => $from, 'value' => 0],
                ['at' => $to, 'value' => 0, 'easing' => 'cubic-in'], ['at' => 190, 'value' => 40],
            ]],
            'opacity' => ['keyframes' => [['at' => 0, 'value' => 0], ['at' => 22, 'value' => 100]]],
        ]);
        $stage->rectangle('Sign', [0, 0], 1180, 330, Palette::DEPOT_GREEN, [
            'group' => 'l2', 'rounding' => 36, 'outline' => Palette::BRASS, 'outlineWidth' => 10, 'z' => 60, 'label' => 'saffron',
        ]);
        $stage->add('text', 'Words', [
            'text' => 'Depot Nine', 'font' => 'league-spartan-bold', 'typeSize' => 190, 'align' => 'centre', 'fill' => Palette::TRAM_CREAM,
            'position' => [0, 66], 'z' => -50, 'group' => 'l2',
        ]);

        return $stage->composition();
    }
}
