<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Blur;

use Ricamo\Core\Display\Filter\Blur;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;

final class SoftBlur implements Effect
{
    public function name(): string
    {
        return 'blur';
    }

    public function title(): string
    {
        return 'Blur';
    }

    public function settings(): array
    {
        return [Setting::pixels('radius', 'Radius', 12, 500)];
    }

    public function times(): int
    {
        return 1;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $deviation = $place->length($values->number('radius'));

        return $deviation < 0.05 ? $operations : [new Group($operations, filters: [new Blur($deviation)])];
    }
}
