<?php

declare(strict_types=1);

namespace Ricamo\Core\Path\Combine;

use Ricamo\Core\Path\Contours;
use Ricamo\Core\Refusal;

/**
 * What several shapes make together. All of their lines are cut where they meet; of the pieces those stay that have the result on
 * one side and not on the other; and they are joined to lines with the result at their right. The pieces are parts of the curves
 * that were given, so that nothing is bent otherwise than before.
 */
final class Arrangement
{
    /** The most parts of curves; to compare more of them with one another takes too long. */
    private const MOST_RUNS = 3000;

    /** So much it is to compare parts that overlap: one for two straight ones, and so many for others; more takes too long. */
    private const MOST_WORK = 250_000;

    private const BENT = 10;

    /** The most cuts: with more, the result would have more points than a path may have. */
    private const MOST_CUTS = 10_000;

    /** Two pieces between the same corners that are no farther from each other are one, in pixels. */
    private const SAME = 2 * Crossings::TOUCH;

    /** @var list<Run> */
    private readonly array $runs;

    private readonly MeetingPlaces $corners;

    /**
     * @param  list<Contours>  $shapes
     *
     * @throws Refusal for more points than can be handled
     */
    private function __construct(private readonly array $shapes)
    {
        $this->runs = Run::of($shapes);
        if (count($this->runs) > self::MOST_RUNS) {
            self::refuse();
        }
        $this->corners = new MeetingPlaces;
    }

    /**
     * @param  list<Contours>  $shapes  in the same space
     * @param  callable(list<int>): bool  $holds  whether a place belongs to the result, by how often each shape goes round it
     *
     * @throws Refusal for more points than can be handled
     */
    public static function of(array $shapes, callable $holds): Contours
    {
        $arrangement = new self($shapes);

        return Chains::of($arrangement->edge($holds), $arrangement->corners->all);
    }

    /** @return list<non-empty-list<Piece>> those that lie in one place together */
    private function pieces(): array
    {
        $pieces = [];
        /** @var array<string, list<int>> $known by their corners */
        $known = [];
        foreach ($this->cuts() as $index => $cuts) {
            $run = $this->runs[$index];
            sort($cuts);
            $cuts = [0.0, ...$cuts, 1.0];
            for ($cut = 1; $cut < count($cuts); $cut++) {
                $piece = $cuts[$cut] - $cuts[$cut - 1] < 1e-9 ? null : $this->piece($run, $cuts[$cut - 1], $cuts[$cut]);
                if ($piece === null || $piece->begin === $piece->end) {
                    continue;
                }
                $key = min($piece->begin, $piece->end).' '.max($piece->begin, $piece->end);
                $same = array_values(array_filter(
                    $known[$key] ?? [], fn (int $other): bool => self::isSame($piece, $pieces[$other][0]),
                ))[0] ?? null;
                if ($same !== null) {
                    $pieces[$same][] = $piece;
                } else {
                    $known[$key][] = count($pieces);
                    $pieces[] = [$piece];
                }
            }
        }

        return array_values($pieces);
    }

    private function piece(Run $run, float $from, float $to): Piece
    {
        $on = fn (float $t): float => $run->from + $t * ($run->to - $run->from);

        return new Piece($run, $on($from), $on($to), $this->corners->at($run->curve->at($from)), $this->corners->at($run->curve->at($to)));
    }

    private static function isSame(Piece $one, Piece $other): bool
    {
        $off = $one->curve()->at(0.5)->minus($other->curve()->at(0.5));

        return hypot($off->x, $off->y) < self::SAME;
    }

    private static function refuse(): never
    {
        throw new Refusal('These shapes have too many points to be combined');
    }

    /** @return list<list<float>> where each run is cut */
    private function cuts(): array
    {
        $cuts = array_fill(0, count($this->runs), []);
        [$work, $count] = [0, 0];
        $order = array_keys($this->runs);
        usort($order, fn (int $a, int $b): int => $this->runs[$a]->left <=> $this->runs[$b]->left);
        foreach ($order as $place => $index) {
            $run = $this->runs[$index];
            for ($next = $place + 1; $next < count($order) && $this->runs[$order[$next]]->left <= $run->right + Crossings::TOUCH; $next++) {
                $other = $this->runs[$order[$next]];
                if (! $run->meets($other, Crossings::TOUCH)) {
                    continue;
                }
                $work += $run->straight && $other->straight ? 1 : self::BENT;
                if ($work > self::MOST_WORK) {
                    self::refuse();
                }
                foreach (Crossings::of($run, $other) as [$t, $u]) {
                    if (++$count > self::MOST_CUTS) {
                        self::refuse();
                    }
                    $cuts[$index][] = max(0.0, min(1.0, $t));
                    $cuts[$order[$next]][] = max(0.0, min(1.0, $u));
                }
            }
        }

        return array_values($cuts);
    }

    /**
     * @param  callable(list<int>): bool  $holds
     * @return list<Piece> those at the edge of the result, with it at their right
     */
    private function edge(callable $holds): array
    {
        $windings = new Windings($this->runs, count($this->shapes));
        $edge = [];
        foreach ($this->pieces() as $along) {
            [$left, $right] = $windings->beside($along[0], array_map(fn (Piece $piece): Run => $piece->run, $along));
            $isRight = $holds($right);
            if ($isRight !== $holds($left)) {
                $edge[] = $isRight ? $along[0] : $along[0]->reversed();
            }
        }

        return $edge;
    }
}
