<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Shadow;

use Ricamo\Core\Display\Blend;
use Ricamo\Core\Display\Filter\Blur;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;

/** What is bright shines beyond its edges, and over itself. */
final class Glow implements Effect
{
    public function name(): string
    {
        return 'glow';
    }

    public function title(): string
    {
        return 'Glow';
    }

    public function settings(): array
    {
        return [Setting::pixels('softness', 'Softness', 24, 500), Setting::percent('strength', 'Strength', 70)];
    }

    public function times(): int
    {
        return 2;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $light = new Group(
            $operations,
            $values->number('strength') / 100,
            filters: [new Blur($place->length($values->number('softness')))],
            blend: Blend::Screen,
        );

        // On a sheet of its own, so that it shines on nothing but itself.
        return [new Group([...$operations, $light])];
    }
}
