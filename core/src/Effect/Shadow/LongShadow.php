<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Shadow;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Filter\Means;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;

/** A shadow as if it were drawn along: of all places on its way, every one is covered. */
final class LongShadow implements Effect
{
    /** How many movements that double make it up. */
    private const TIMES = 6;

    public function name(): string
    {
        return 'long-shadow';
    }

    public function title(): string
    {
        return 'Long shadow';
    }

    public function settings(): array
    {
        return [
            Setting::colour('colour', 'Colour', '#1d243080'),
            Setting::pixels('length', 'Length', 120, 5000),
            Setting::angle('angle', 'Direction', 45),
        ];
    }

    public function times(): int
    {
        return 2;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $pictures = 2 ** self::TIMES;
        $step = $place->away($values->number('angle'), $values->number('length') / ($pictures - 1));
        $along = Means::along($step, self::TIMES);
        $covered = new Group($operations, filters: [Silhouette::in(new Colour(0, 0, 0)), $along]);
        $shadow = new Group([$covered], filters: [Silhouette::in($values->colour('colour'))]);

        return [$shadow, ...$operations];
    }
}
