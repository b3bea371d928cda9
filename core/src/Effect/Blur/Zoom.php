<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Blur;

use Ricamo\Core\Display\Group;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\FitsLayer;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;

final class Zoom implements Effect, FitsLayer
{
    public function name(): string
    {
        return 'zoom-blur';
    }

    public function title(): string
    {
        return 'Zoom blur';
    }

    public function settings(): array
    {
        return [Setting::percent('amount', 'Amount', 20), Setting::centre()];
    }

    public function fitted(Box $box): array
    {
        return ['centre' => $box->centre()];
    }

    public function times(): int
    {
        return 1;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $amount = $values->number('amount') / 100;
        $centre = $place->point($values->point('centre'));
        // Growing by the same factor each time, as far in as out.
        $grown = fn (float $part): Affine => Affine::about($centre, (1 + $amount) ** $part, (1 + $amount) ** $part, 0);

        return $amount < 0.001 ? $operations : [new Group($operations, filters: Doubling::of($grown))];
    }
}
