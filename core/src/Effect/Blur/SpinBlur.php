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

final class SpinBlur implements Effect, FitsLayer
{
    public function name(): string
    {
        return 'spin-blur';
    }

    public function title(): string
    {
        return 'Spin blur';
    }

    public function settings(): array
    {
        return [Setting::angle('angle', 'Angle', 20), Setting::centre()];
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
        $angle = $values->number('angle');
        $centre = $place->point($values->point('centre'));
        $turned = fn (float $part): Affine => Affine::about($centre, 1, 1, $part * $angle);

        return abs($angle) < 0.01 ? $operations : [new Group($operations, filters: Doubling::of($turned))];
    }
}
