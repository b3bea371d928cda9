<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Evaluate;

use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Tests\Fixture;

/** Where the corners of what is drawn are seen. */
trait SeenPlaces
{
    private static function list(Composition $composition, int $frame = 0): DisplayList
    {
        return Fixture::evaluator()->frame($composition, $frame);
    }

    /** @return list<Point> of the only outline that is drawn */
    private static function corners(Composition $composition, int $frame = 0): array
    {
        $operations = array_filter(self::list($composition, $frame)->operations, fn (Operation $one): bool => $one instanceof Fill);
        self::assertCount(1, $operations);
        $fill = reset($operations);
        $path = Path::parse($fill->outline->data)->transformed($fill->matrix);

        return array_map(fn (array $pair): Point => new Point(...$pair), array_chunk($path->coordinates, 2));
    }

    /**
     * @param  list<Point>  $expected
     * @param  list<Point>  $found
     */
    private static function assertSamePlaces(array $expected, array $found, float $within = 0.002): void
    {
        self::assertCount(count($expected), $found);
        foreach ($expected as $index => $point) {
            // Outlines are written to a thousandth of a pixel, and ways to a hundredth.
            self::assertEqualsWithDelta([$point->x, $point->y], [$found[$index]->x, $found[$index]->y], $within, "corner $index");
        }
    }
}
