<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/** The logo is revealed with overshoot over a field that opens, its name rises from behind its own edge; all leaves as it came. */
final class LogoReveal
{
    public static function composition(string $logo): Composition
    {
        $stage = new Stage('Logo reveal', '25/1', 150, Palette::NIGHT);
        $mirror = ['leave' => ['mirror' => true]];
        $stage->ellipse('Field', [960, 460], 620, 620, Palette::ENAMEL_BLUE, [
            'label' => 'woad', 'out' => 140,
            'arrive' => ['length' => 24, 'easing' => 'ease-in-out(60%)', 'moves' => [['move' => 'iris']]], ...$mirror,
        ]);
        $stage->add('footage', 'Logo', [
            'media' => $logo, 'position' => [960, 460], 'scale' => [80, 80], 'in' => 10, 'out' => 136, 'label' => 'saffron',
            'motionBlur' => true,
            'arrive' => ['length' => 22, 'easing' => 'back-out(2.5)', 'moves' => [['move' => 'spin-in', 'turn' => 180]]], ...$mirror,
        ]);
        $stage->add('text', 'Name', [
            'text' => 'Depot Nine', 'font' => 'karla-bold', 'typeSize' => 110, 'align' => 'centre',
            'fill' => Palette::TRAM_CREAM, 'tracking' => 30,
            'position' => [960, 930], 'in' => 24, 'out' => 132, 'label' => 'madder',
            'arrive' => ['length' => 18, 'easing' => 'ease-out(80%)', 'moves' => [['move' => 'lift']]], ...$mirror,
        ]);

        return $stage->composition();
    }
}
