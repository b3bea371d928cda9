<?php

declare(strict_types=1);

namespace Ricamo\Core\Cascade;

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

    case Random = 'random';

    public function title(): string
    {
        return match ($this) {
            self::Forward => 'first to last',
            self::Backward => 'last to first',
            self::Middle => 'from the middle',
            self::Edges => 'from the edges',
            self::Place => 'from left to right',
            self::Random => 'at random',
        };
    }

    /**
     * When each unit has its turn: 0 for the first of them, 1 for the last.
     *
     * @param  list<Point>  $middles  of the units
     * @return list<float>
     */
    public function turns(array $middles, int $seed): array
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
            self::Random => array_map(fn (int $place): float => $place / $last, Dice::shuffled($last + 1, $seed)),
        };
    }

    /**
     * @param  list<Point>  $middles  at least two
     * @return list<float>
     */
    private static function across(array $middles): array
    {
        $x = array_map(fn (Point $middle): float => $middle->x, $middles);
        [$from, $to] = [min([PHP_FLOAT_MAX, ...$x]), max([-PHP_FLOAT_MAX, ...$x])];

        return array_map(fn (float $at): float => $to - $from < 1e-6 ? 0.0 : ($at - $from) / ($to - $from), $x);
    }
}
