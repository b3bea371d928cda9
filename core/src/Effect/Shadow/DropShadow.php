<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Shadow;

use Ricamo\Core\Display\Filter\Blur;
use Ricamo\Core\Display\Filter\Moved;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;

final class DropShadow implements Effect
{
    public function name(): string
    {
        return 'drop-shadow';
    }

    public function title(): string
    {
        return 'Drop shadow';
    }

    public function settings(): array
    {
        return [
            Setting::colour('colour', 'Colour', '#00000099'), Setting::pixels('distance', 'Distance', 12, 5000),
            Setting::angle('angle', 'Direction', 45), Setting::pixels('softness', 'Softness', 10, 500),
        ];
    }

    public function times(): int
    {
        return 2;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $shadow = new Group($operations, filters: [
            Silhouette::in($values->colour('colour')), new Blur($place->length($values->number('softness'))),
            Moved::by($place->away($values->number('angle'), $values->number('distance'))),
        ]);

        return [$shadow, ...$operations];
    }
}
