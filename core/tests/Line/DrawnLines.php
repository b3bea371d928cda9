<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Line;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Tests\Fixture;

/** What tests of outlines look at: a square, and what is drawn of it. */
trait DrawnLines
{
    /** A square of 100 px around the origin, clockwise from its top left corner, with an outline of 10 px. */
    private static function square(array $more = []): Composition
    {
        return Fixture::composition([Fixture::bar([
            'size' => [100, 100], 'fill' => '#00000000', 'outlineWidth' => 10, 'position' => [0, 0], ...$more,
        ])]);
    }

    /** @return list<array<string, mixed>> with the data of each path in its place */
    private static function items(Composition $composition, int $frame = 0): array
    {
        $list = Fixture::evaluator()->frame($composition, $frame)->toJson();

        return array_map(fn (array $item): array => [...$item, 'path' => $list['paths'][$item['path']] ?? null], $list['items']);
    }

    /** @return list<array<string, mixed>> */
    private static function rawItems(Composition $composition): array
    {
        return Fixture::evaluator()->frame($composition, 0)->toJson()['items'];
    }

    /** @return list<array{float, float}> the places of a path's points */
    private static function points(string $path): array
    {
        return array_map(
            fn ($knot): array => [round($knot->at->x, 3) + 0.0, round($knot->at->y, 3) + 0.0],
            array_merge(...array_map(fn ($contour): array => $contour->knots, Contours::parse($path)->all)),
        );
    }
}
