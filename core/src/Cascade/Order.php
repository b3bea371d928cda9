<?php

declare(strict_types=1);

namespace Ricamo\Core\Cascade;

use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;

/** In which order units have their turn. */
enum Order: string
{
    case Forward = 'forward';
    case Backward = 'backward';
    case Middle = 'middle';
    case Edges = 'edges';

    /** From left to right, wherever they stand in the reading order. */
    case Place = 'place';

    /** One column after another, from the left, each from above. */
    case Columns = 'columns';

    /** From the upper left to the lower right. */
    case Diagonal = 'diagonal';

    /** Clockwise from the upper left, round after round inwards. */
    case Spiral = 'spiral';

    /** The nearest to a point first. */
    case Point = 'point';

    case Random = 'random';

    public function title(): string
    {
        return match ($this) {
            self::Forward => 'first to last',
            self::Backward => 'last to first',
            self::Middle => 'from the middle',
            self::Edges => 'from the edges',
            self::Place => 'from left to right',
            self::Columns => 'column by column',
            self::Diagonal => 'along the diagonal',
            self::Spiral => 'in a spiral',
            self::Point => 'from a point',
            self::Random => 'at random',
        };
    }

    /**
     * When each unit has its turn: 0 for the first of them, 1 for the last.
     *
     * @param  list<Point>  $middles  of the units
     * @param  Point  $origin  what they come from where their order is from a point: in parts of what their middles reach over
     * @return list<float>
     */
    public function turns(array $middles, int $seed, Point $origin = new Point(0.5, 0.5)): array
    {
        $last = count($middles) - 1;
        if ($last < 1) {
            return array_fill(0, $last + 1, 0.0);
        }
        // With an even count two are in the middle, and both are first.
        $least = $last % 2 === 0 ? 0.0 : 0.5;
        $fromMiddle = fn (int $index): float => $last === 1 ? 0.0 : (abs($index - $last / 2) - $least) / ($last / 2 - $least);

        return match ($this) {
            self::Forward => array_map(fn (int $index): float => $index / $last, range(0, $last)),
            self::Backward => array_map(fn (int $index): float => 1 - $index / $last, range(0, $last)),
            self::Middle => array_map($fromMiddle, range(0, $last)),
            self::Edges => array_map(fn (int $index): float => 1 - $fromMiddle($index), range(0, $last)),
            self::Place => self::across($middles),
            self::Columns => self::ranked(array_map(
                fn (int $column, int $row): array => [$column, $row], self::lines($middles, 'x'), self::lines($middles, 'y'),
            )),
            self::Diagonal => self::spread(array_map(
                fn (int $column, int $row): float => $column + $row, self::lines($middles, 'x'), self::lines($middles, 'y'),
            )),
            self::Spiral => self::ranked(self::spiral(self::lines($middles, 'x'), self::lines($middles, 'y'))),
            self::Point => self::spread(self::distances($middles, $origin)),
            self::Random => array_map(fn (int $place): float => $place / $last, Dice::shuffled($last + 1, $seed)),
        };
    }

    /**
     * @param  list<Point>  $middles  at least two
     * @return list<float>
     */
    private static function across(array $middles): array
    {
        return self::spread(array_map(fn (Point $middle): float => $middle->x, $middles));
    }

    /**
     * @param  list<float>  $values  at least two
     * @return list<float> 0 for the least of them, 1 for the greatest
     */
    private static function spread(array $values): array
    {
        [$from, $to] = [min([PHP_FLOAT_MAX, ...$values]), max([-PHP_FLOAT_MAX, ...$values])];

        return array_map(fn (float $at): float => $to - $from < 1e-6 ? 0.0 : ($at - $from) / ($to - $from), $values);
    }

    /**
     * @param  list<list<int>>  $keys  at least two
     * @return list<float> one after another by their keys, those with the same key together
     */
    private static function ranked(array $keys): array
    {
        $sorted = array_values(array_unique($keys, SORT_REGULAR));
        sort($sorted);

        return self::spread(array_map(fn (array $key): float => (float) array_search($key, $sorted, true), $keys));
    }

    /**
     * @param  list<Point>  $middles
     * @param  'x'|'y'  $axis
     * @return list<int> which column or row each is in, counted from the left or from above
     */
    private static function lines(array $middles, string $axis): array
    {
        $places = array_map(fn (Point $middle): float => $axis === 'x' ? $middle->x : $middle->y, $middles);
        $sorted = $places;
        sort($sorted);
        $lines = [];
        foreach ($sorted as $index => $place) {
            $before = $sorted[max(0, $index - 1)];
            $lines[(string) $place] = ($lines[(string) $before] ?? 0) + ($place - $before > 0.5 ? 1 : 0);
        }

        return array_map(fn (float $place): int => $lines[(string) $place], $places);
    }

    /**
     * @param  list<int>  $columns
     * @param  list<int>  $rows
     * @return list<list<int>> the round that each is in, and how far along it
     */
    private static function spiral(array $columns, array $rows): array
    {
        [$right, $bottom] = [max([0, ...$columns]), max([0, ...$rows])];

        return array_map(function (int $column, int $row) use ($right, $bottom): array {
            $round = min($column, $row, $right - $column, $bottom - $row);
            [$wide, $high] = [$right - 2 * $round, $bottom - 2 * $round];

            return [$round, match (true) {
                $row === $round => $column - $round,
                $column === $right - $round => $wide + $row - $round,
                $row === $bottom - $round => $wide + $high + $right - $round - $column,
                default => 2 * $wide + $high + $bottom - $round - $row,
            }];
        }, $columns, $rows);
    }

    /**
     * @param  list<Point>  $middles
     * @return list<float> of each from a point, in pixels
     */
    private static function distances(array $middles, Point $origin): array
    {
        $all = Box::around($middles === [] ? [$origin] : $middles);
        $from = new Point($all->left + $origin->x * $all->width(), $all->top + $origin->y * $all->height());

        return array_map(fn (Point $middle): float => hypot($middle->x - $from->x, $middle->y - $from->y), $middles);
    }
}
