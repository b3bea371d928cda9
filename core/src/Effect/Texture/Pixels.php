<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Texture;

use Ricamo\Core\Display\Filter\Cells;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Geometry\Point;

/** Squares of one colour each. */
final class Pixels implements Effect
{
    /** How many points along a side its colour is the mean of, at most: a power of two. */
    private const MOST_POINTS = 8;

    /** So far they lie beside where pixels meet, in sides. */
    private const ASIDE = 0.003;

    public function name(): string
    {
        return 'pixels';
    }

    public function title(): string
    {
        return 'Pixels';
    }

    public function settings(): array
    {
        return [Setting::pixels('side', 'Side', 24, 2000)];
    }

    public function times(): int
    {
        return 1;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $side = $place->length($values->number('side'));

        return $side < 1.5
            ? $operations
            : [new Group($operations, filters: [new Cells($place->point(new Point(0, 0)), $side, self::points($side))])];
    }

    /** @return non-empty-list<Point> evenly over a square, not more than it has pixels */
    private static function points(float $side): array
    {
        $count = min(self::MOST_POINTS, 1 << (int) floor(log($side, 2)));

        return array_map(fn (int $index): Point => new Point(
            (intdiv($index, $count) + 0.5) / $count + self::ASIDE, ($index % $count + 0.5) / $count + self::ASIDE,
        ), range(0, $count ** 2 - 1));
    }
}
