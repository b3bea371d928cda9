<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/** An overlay at 60 frames a second, on nothing: in from below, a turn as it arrives, out at the top; a second lies over it. */
final class OverlayAtSixty
{
    public static function composition(string $logo): Composition
    {
        $stage = new Stage('Overlay at 60', '60/1', 180, 'transparent');
        $stage->add('footage', 'Logo', self::rising($logo, 960, 80, 0) + ['label' => 'madder']);
        $stage->add('footage', 'Small logo', self::rising($logo, 1180, 35, 8) + ['label' => 'weld']);

        return $stage->composition();
    }

    /** @return array<string, mixed> */
    private static function rising(string $logo, float $x, float $scale, int $wait): array
    {
        return [
            'media' => $logo,
            'scale' => [$scale, $scale],
            'position' => ['keyframes' => [
                ['at' => $wait, 'value' => [$x, 1400], 'easing' => 'cubic-out'], ['at' => $wait + 40, 'value' => [$x, 540]],
                ['at' => $wait + 120, 'value' => [$x, 540], 'easing' => 'cubic-in'], ['at' => $wait + 160, 'value' => [$x, -320]],
            ]],
            'rotation' => ['keyframes' => [
                ['at' => $wait + 30, 'value' => 0, 'easing' => 'ease-in-out'], ['at' => $wait + 70, 'value' => 360],
            ]],
            'opacity' => ['keyframes' => [['at' => $wait, 'value' => 0, 'easing' => 'linear'], ['at' => $wait + 20, 'value' => 100]]],
        ];
    }
}
