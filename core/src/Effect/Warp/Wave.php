<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Warp;

use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Display\Filter\Warp;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;

/** Waves that run through the layer in a direction, as through a flag. */
final class Wave implements Effect
{
    /** How many cells make a wave, where there are not too many of them. */
    private const A_WAVE = 12;

    private const MOST = 240;

    public function name(): string
    {
        return 'wave';
    }

    public function title(): string
    {
        return 'Wave';
    }

    public function settings(): array
    {
        return [
            Setting::pixels('height', 'Height', 20, 1000),
            Setting::pixels('wavelength', 'Wavelength', 200, 20_000),
            Setting::angle('phase', 'Phase', 0),
            Setting::angle('angle', 'Direction', 0),
        ];
    }

    public function times(): int
    {
        return 1;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $height = $values->number('height');
        $extent = DisplayList::extentOf($operations);
        if ($extent === null || $height < 0.01) {
            return $operations;
        }
        $length = max(2.0, $values->number('wavelength'));
        $phase = deg2rad($values->number('phase'));
        // Along x the waves run, along y they lift; one row of cells is exact.
        $turn = Affine::rotation($values->number('angle'));
        $matrix = $place->matrix->after($turn);
        $box = $matrix->inverse()->bounds($extent->grown(2))->grown($height);
        $cells = (int) max(1, min(self::MOST, ceil(self::A_WAVE * $box->width() / $length)));
        $columns = range(0, $cells);
        $at = fn (int $column): float => $box->left + $box->width() * $column / $cells;
        $lift = fn (float $x): float => $height * sin(2 * M_PI * $x / $length - $phase);
        $to = fn (float $y): array => array_map(fn (int $column): Point => $matrix->apply(new Point($at($column), $y)), $columns);
        $from = fn (float $y): array => array_map(
            fn (int $column): Point => $matrix->apply(new Point($at($column), $y + $lift($at($column)))), $columns,
        );

        return [new Group(
            $operations,
            filters: [new Warp($cells, [...$from($box->top), ...$from($box->bottom)], [...$to($box->top), ...$to($box->bottom)])],
        )];
    }
}
