<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/** One square grows, spins faster and faster, rounds to a circle and becomes a bar, which fills from its left edge. */
final class SquareBecomesEverything
{
    private const EASING = 'ease-in-out(75%)';

    public static function composition(): Composition
    {
        $stage = new Stage('One square becomes everything', '25/1', 150, Palette::NIGHT);
        // Behind the outline, from the left edge of the bar.
        $stage->rectangle('Filling', [400, 540], 1120, 120, Palette::BRASS, [
            'in' => 108, 'rounding' => '50%', 'anchor' => [-560, 0], 'scaleLinked' => false, 'label' => 'saffron',
            'scale' => self::course([[0, [0, 100]], [30, [100, 100]]]),
        ]);
        $stage->rectangle('Square', [960, 540], 0, 0, '#00000000', [
            'label' => 'madder', 'outline' => Palette::TRAM_CREAM, 'outlineWidth' => 14, 'motionBlur' => true,
            'scale' => self::course([[0, [0, 0]], [20, [100, 100]]]),
            'rotation' => ['keyframes' => [['at' => 28, 'value' => 0, 'easing' => 'ease-in(75%)'], ['at' => 68, 'value' => 8640]]],
            'rounding' => self::course([[48, 0], [68, '50%']]),
            'size' => self::course([[76, [360, 360]], [96, [1140, 140]]]),
        ]);

        return $stage->composition();
    }

    /**
     * @param  list<array{int, mixed}>  $values  by time
     * @return array{keyframes: list<array<string, mixed>>}
     */
    private static function course(array $values): array
    {
        return ['keyframes' => array_map(
            fn (array $one): array => ['at' => $one[0], 'value' => $one[1], 'easing' => self::EASING], $values,
        )];
    }
}
