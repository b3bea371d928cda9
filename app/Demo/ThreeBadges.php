<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/** Three badges in a row, equal in size: one turns three times, one once against, one three times for half as long. */
final class ThreeBadges
{
    public static function composition(string $clip, string $logo): Composition
    {
        $stage = new Stage('Three badges', '25/1', 200, '#000000');
        $stage->add('footage', 'Street', ['media' => $clip, 'position' => [960, 540], 'label' => 'walnut']);
        $turns = [
            'Three turns' => [480, [0, 0], [180, 1080], 'madder'],
            'One against' => [960, [0, 0], [180, -360], 'woad'],
            'Half as long' => [1440, [0, 0], [90, 1080], 'weld'],
        ];
        foreach ($turns as $name => [$x, [$from, $first], [$to, $last], $label]) {
            $stage->add('footage', $name, [
                'media' => $logo, 'position' => [$x, 540], 'scale' => [60, 60], 'label' => $label,
                'rotation' => ['keyframes' => [
                    ['at' => $from, 'value' => $first, 'easing' => 'ease-in-out'], ['at' => $to, 'value' => $last],
                ]],
            ]);
        }

        return $stage->composition();
    }
}
