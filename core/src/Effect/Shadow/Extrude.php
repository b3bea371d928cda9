<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Shadow;

use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Display\Filter\Means;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;

/** The layer as thick as its depth, seen from aside: its own colours go on, darker, behind it. */
final class Extrude implements Effect
{
    /** How many movements that double make it up. */
    private const TIMES = 6;

    public function name(): string
    {
        return 'extrude';
    }

    public function title(): string
    {
        return 'Extruded edge';
    }

    public function settings(): array
    {
        return [
            Setting::pixels('depth', 'Depth', 30, 2000), Setting::angle('angle', 'Direction', 60), Setting::percent('shade', 'Shade', 45),
        ];
    }

    public function times(): int
    {
        return 2;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        if ($values->number('depth') < 0.5) {
            return $operations;
        }
        $pictures = 2 ** self::TIMES;
        $step = $place->away($values->number('angle'), $values->number('depth') / ($pictures - 1));
        $along = Means::along($step, self::TIMES);
        $left = 1 - $values->number('shade') / 100;
        $darker = ColourMatrix::ofColours([[$left, 0.0, 0.0, 0.0], [0.0, $left, 0.0, 0.0], [0.0, 0.0, $left, 0.0]]);

        return [new Group($operations, filters: [$darker, $along]), ...$operations];
    }
}
