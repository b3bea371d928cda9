<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Shadow;

use Ricamo\Core\Display\Filter\Blur;
use Ricamo\Core\Display\Filter\Moved;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\MaskMode;
use Ricamo\Core\Display\MaskPart;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;

/** A shadow that its edges throw onto itself. */
final class InnerShadow implements Effect
{
    public function name(): string
    {
        return 'inner-shadow';
    }

    public function title(): string
    {
        return 'Inner shadow';
    }

    public function settings(): array
    {
        return [
            Setting::colour('colour', 'Colour', '#000000a0'),
            Setting::pixels('distance', 'Distance', 8, 5000),
            Setting::angle('angle', 'Direction', 45),
            Setting::pixels('softness', 'Softness', 8, 500),
        ];
    }

    public function times(): int
    {
        return 3;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $away = $place->away($values->number('angle'), $values->number('distance'));
        $light = new Group($operations, filters: [new Blur($place->length($values->number('softness'))), Moved::by($away)]);
        $shadow = new Group($operations, filters: [Silhouette::in($values->colour('colour'))]);

        return [...$operations, new Group([$shadow], masks: [new MaskPart([$light], MaskMode::Subtract)])];
    }
}
