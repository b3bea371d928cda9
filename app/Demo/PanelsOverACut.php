<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/**
 * The colour panels, rendered with alpha and brought back in, over a cut: they cover the frame when they have come; then they go as
 * they came, backwards and flipped.
 */
final class PanelsOverACut
{
    private const CUT = 90;

    /** How long the panels take to come. */
    private const COMES = 50;

    /** @param  string  $panels  what they were rendered to */
    public static function composition(string $street, string $workshop, string $panels): Composition
    {
        $stage = new Stage('Panels over a cut', '25/1', 2 * self::CUT, Palette::NIGHT);
        $stage->add('footage', 'Street', ['media' => $street, 'out' => self::CUT, 'position' => [960, 540], 'label' => 'madder']);
        $stage->add('footage', 'Workshop', ['media' => $workshop, 'in' => self::CUT, 'position' => [960, 540], 'label' => 'woad']);
        $panel = ['media' => $panels, 'position' => [960, 540], 'label' => 'saffron'];
        $stage->add('footage', 'Panels come', ['in' => self::CUT - self::COMES, 'out' => self::CUT, ...$panel]);
        $stage->add(
            'footage', 'Panels go',
            [
                'in' => self::CUT, 'out' => self::CUT + self::COMES, 'speed' => -100, 'from' => self::COMES - 1,
                'scale' => [-100, 100], ...$panel,
            ],
        );

        return $stage->composition();
    }
}
