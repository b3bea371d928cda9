<?php

declare(strict_types=1);

namespace Ricamo\Core\Path\Combine;

use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Path\Knot;

/** Joins pieces to closed lines: from each to the one that turns most to the right, so that what only touches stays apart. */
final class Chains
{
    /** A corner between straight pieces that is no farther off the way is none, in pixels. */
    private const STRAIGHT = 0.005;

    /** Smaller lines enclose nothing that could be seen, in square pixels. */
    private const LEAST = 0.01;

    /** So far the next piece may begin from where one ends: at slivers it cannot always be told what lies on which side. In pixels. */
    private const GAP = 0.25;

    /** @var array<int, array<int, Piece>> by the corners where they begin */
    private array $from = [];

    /** @param  list<Point>  $corners */
    private function __construct(private readonly array $corners)
    {
    }

    /**
     * @param  list<Piece>  $pieces
     * @param  list<Point>  $corners
     */
    public static function of(array $pieces, array $corners): Contours
    {
        $chains = new self($corners);
        foreach ($pieces as $index => $piece) {
            $chains->from[$piece->begin][$index] = $piece;
        }
        $lines = [];
        foreach ($pieces as $index => $piece) {
            $chain = isset($chains->from[$piece->begin][$index]) ? $chains->take($index, $piece) : [];
            $line = $chain === [] ? null : $chains->line(self::merged($chain));
            $lines = $line === null || abs(self::area($line)) < self::LEAST ? $lines : [...$lines, $line];
        }

        return new Contours($lines);
    }

    /** @return list<Piece> none where they do not come back to where they began */
    private function take(int $index, Piece $piece): array
    {
        $chain = [];
        $begin = $piece->begin;
        while (true) {
            unset($this->from[$piece->begin][$index]);
            $chain[] = $piece;
            if ($piece->end === $begin) {
                return $chain;
            }
            $corner = ($this->from[$piece->end] ?? []) === [] ? $this->nearest($piece->end, $begin) : $piece->end;
            if ($corner === null || $corner === $begin) {
                return $corner === null ? [] : $chain;
            }
            $index = $this->rightmost($piece, $corner);
            $piece = $this->from[$corner][$index];
        }
    }

    /** The corner beside one from which a piece goes on, or at which the line began. */
    private function nearest(int $corner, int $begin): ?int
    {
        $at = $this->corners[$corner];
        [$nearest, $least] = [null, self::GAP];
        foreach ([$begin, ...array_keys(array_filter($this->from))] as $other) {
            $distance = hypot($this->corners[$other]->x - $at->x, $this->corners[$other]->y - $at->y);
            [$nearest, $least] = $distance < $least ? [$other, $distance] : [$nearest, $least];
        }

        return $nearest;
    }

    /** The number of the piece that turns most to the right, of those that begin at a corner. */
    private function rightmost(Piece $piece, int $corner): int
    {
        $back = $piece->curve()->direction(1.0);
        $came = atan2(-$back->y, -$back->x);
        [$best, $least] = [-1, INF];
        foreach ($this->from[$corner] as $index => $next) {
            $way = $next->curve()->direction(0.0);
            // How far it is turned from where it came from, the other way round than the hands of a clock.
            $turn = fmod($came - atan2($way->y, $way->x) + 4 * M_PI, 2 * M_PI);
            $turn = $turn < 1e-9 ? 2 * M_PI : $turn;
            [$best, $least] = $turn < $least ? [$index, $turn] : [$best, $least];
        }

        return $best;
    }

    /**
     * What was cut and lies on the edge on both sides of the cut is one again.
     *
     * @param  non-empty-list<Piece>  $chain
     * @return non-empty-list<Piece>
     */
    private static function merged(array $chain): array
    {
        $merged = [$chain[0]];
        foreach (array_slice($chain, 1) as $piece) {
            $last = count($merged) - 1;
            if ($merged[$last]->goesOnAs($piece)) {
                $merged[$last] = $merged[$last]->joined($piece);
            } else {
                $merged[] = $piece;
            }
        }
        $last = $merged[count($merged) - 1];

        return count($merged) > 1 && $last->goesOnAs($merged[0]) ? [$last->joined($merged[0]), ...array_slice($merged, 1, -1)] : $merged;
    }

    /** @param  non-empty-list<Piece>  $chain */
    private function line(array $chain): ?Contour
    {
        $knots = [];
        $count = count($chain);
        foreach ($chain as $index => $piece) {
            $before = $chain[($index + $count - 1) % $count];
            $at = $this->corners[$piece->begin];
            $next = $this->corners[$piece->end];
            if (
                $piece->run->straight
                && $before->run->straight
                && $count > 2
                && self::isOnTheWay($this->corners[$before->begin], $at, $next)
            ) {
                continue;
            }
            $knots[] = new Knot($at, self::handle($before, false), self::handle($piece, true));
        }

        return $knots === [] ? null : new Contour($knots, true);
    }

    private static function isOnTheWay(Point $from, Point $at, Point $to): bool
    {
        [$x, $y] = [$to->x - $from->x, $to->y - $from->y];
        $length = hypot($x, $y);

        return $length > 0 && abs(($at->x - $from->x) * $y - ($at->y - $from->y) * $x) / $length < self::STRAIGHT
            && $at->minus($from)->dot($to->minus($at)) > 0;
    }

    /** As far from its end as it was before the ends that are as good as one were made one. */
    private static function handle(Piece $piece, bool $atBegin): Point
    {
        if ($piece->run->straight) {
            return new Point(0, 0);
        }
        $curve = $piece->curve();

        return $atBegin
            ? new Point($curve->x1 - $curve->x0, $curve->y1 - $curve->y0)
            : new Point($curve->x2 - $curve->x3, $curve->y2 - $curve->y3);
    }

    /** The area within its curves, by Green's theorem over a few places of each. */
    private static function area(Contour $line): float
    {
        $sum = 0.0;
        foreach ($line->segments() as $segment) {
            $last = $segment->at(0.0);
            for ($step = 1; $step <= 6; $step++) {
                $next = $segment->at($step / 6);
                $sum += $last->x * $next->y - $next->x * $last->y;
                $last = $next;
            }
        }

        return $sum / 2;
    }
}
