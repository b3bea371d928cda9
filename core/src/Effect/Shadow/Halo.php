<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Shadow;

use Ricamo\Core\Display\Filter\Blur;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;

/** A colour that stands out around all edges. */
final class Halo implements Effect
{
    public function name(): string
    {
        return 'halo';
    }

    public function title(): string
    {
        return 'Halo';
    }

    public function settings(): array
    {
        return [
            Setting::colour('colour', 'Colour', '#f3e3c3'),
            Setting::pixels('softness', 'Softness', 18, 500),
            Setting::percent('strength', 'Strength', 200, 0, 1000),
        ];
    }

    public function times(): int
    {
        return 2;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $soft = new Group(
            $operations, filters: [Silhouette::in($values->colour('colour')), new Blur($place->length($values->number('softness')))],
        );

        // Made stronger only after it was softened, so that it stays full near the edges.
        return [
            new Group([$soft], filters: [Silhouette::in($values->colour('colour'), $values->number('strength') / 100)]), ...$operations,
        ];
    }
}
