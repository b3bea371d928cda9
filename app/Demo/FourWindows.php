<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/**
 * A split screen of four: its windows come in from four sides, one after another, each framed in itself; then a plate and its
 * words, which are a group, grow out of the middle. One clip ends before its window does, and goes there and back.
 */
final class FourWindows
{
    /** Cells of 924 × 504 with gaps and margins of 24. */
    private const CELLS = [[486, 276], [1434, 276], [486, 804], [1434, 804]];

    /** From the left, from above, from below, from the right. */
    private const SIDES = [180, 270, 90, 0];

    public static function composition(string $street, string $workshop, string $photograph): Composition
    {
        $stage = new Stage('Four windows', '25/1', 200, Palette::NIGHT);
        $stage->rectangle('Evening', [960, 540], 1920, 1080, Palette::NIGHT, ['gradients' => [[
            'of' => 'fill', 'form' => 'corners', 'topLeft' => Palette::NIGHT, 'topRight' => Palette::ENAMEL_BLUE,
            'bottomLeft' => Palette::DEPOT_GREEN, 'bottomRight' => Palette::NIGHT,
        ]]]);
        $shown = [
            ['Street', ['media' => $street, 'from' => 60, 'pan' => [40, 0], 'zoom' => 125]],
            ['Workshop', ['media' => $workshop, 'sound' => false, 'zoom' => $stage->throughout(110, 140)]],
            ['Photograph', ['media' => $photograph, 'zoom' => $stage->throughout(100, 130), 'turn' => -3]],
            [
                'The last seconds',
                ['media' => $street, 'from' => 200, 'beyond' => 'there-and-back', 'sound' => false, 'pan' => [-60, 0], 'zoom' => 150],
            ],
        ];
        foreach ($shown as $index => [$name, $fields]) {
            $stage->add('window', $name, [
                'form' => 'rectangle', 'position' => self::CELLS[$index], 'size' => [924, 504], 'rounding' => 22, 'in' => 8 * $index,
                'label' => ['madder', 'woad', 'weld', 'saffron'][$index],
                'arrive' => ['length' => 24, 'easing' => 'ease-out(75%)', 'moves' => [['move' => 'slide', 'angle' => self::SIDES[$index]]]],
                'leave' => ['mirror' => true],
                ...$fields,
            ]);
        }
        $stage->rectangle(
            'Plate', [960, 540], 760, 190, Palette::TRAM_CREAM,
            ['rounding' => 95, 'in' => 60, 'group' => 'title', 'effects' => [['id' => 'e1', 'effect' => 'drop-shadow']]],
        );
        $stage->add('text', 'Title', [
            'text' => 'Depot Nine', 'typeSize' => 104, 'align' => 'centre', 'position' => [960, 576],
            'fill' => Palette::DEPOT_GREEN, 'in' => 60, 'group' => 'title',
        ]);
        $stage->add('group', 'Title plate', [
            'id' => 'title', 'in' => 60, 'position' => [960, 540], 'anchor' => [960, 540], 'label' => 'lichen',
            'arrive' => ['length' => 16, 'easing' => 'back-out', 'moves' => [['move' => 'grow']]],
            'leave' => ['mirror' => true],
        ]);

        return $stage->composition();
    }
}
