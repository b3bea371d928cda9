<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Blur;

use Ricamo\Core\Display\Group;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;

final class Directional implements Effect
{
    public function name(): string
    {
        return 'directional-blur';
    }

    public function title(): string
    {
        return 'Directional blur';
    }

    public function settings(): array
    {
        return [Setting::pixels('length', 'Length', 80, 2000), Setting::angle('angle', 'Direction', 0)];
    }

    public function times(): int
    {
        return 1;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $way = $place->away($values->number('angle'), $values->number('length'));

        return hypot($way->x, $way->y) < 0.1 ? $operations : [new Group($operations, filters: Doubling::along($way))];
    }
}
