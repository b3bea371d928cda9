<?php

declare(strict_types=1);

namespace Ricamo\Core\Path;

use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Refusal;

/** A path by its lines and their knots. Written as SVG path data. */
final class Contours
{
    /** The most knots that one has, which is drawn by hand or morphed. */
    public const MOST = 4000;

    /** The most characters that one is written in. */
    public const LONGEST = 400_000;

    private ?Path $path = null;

    private ?string $key = null;

    /** @param  list<Contour>  $all */
    public function __construct(public readonly array $all)
    {
    }

    /** @throws Refusal for more knots than can be handled, and for numbers that are none */
    public static function parse(string $data): self
    {
        return strlen($data) > self::LONGEST ? throw new Refusal('has too many points') : self::of(SvgPath::parse($data, self::MOST));
    }

    public static function of(Path $path): self
    {
        $all = [];
        /**
         * @var list<array{float, float, float, float, float, float}> $knots each: its place, the handle that leads to it, that
         *     which leads from it, both as places
         */
        $knots = [];
        $next = 0;
        $c = $path->coordinates;
        $take = function (bool $closed) use (&$knots, &$all): void {
            if ($knots !== []) {
                $all[] = self::contour($knots, $closed);
                $knots = [];
            }
        };
        foreach (str_split($path->commands) as $command) {
            if ($command === 'Z') {
                $take(true);
            } elseif ($command === 'M') {
                $take(false);
                $knots = [[$c[$next], $c[$next + 1], $c[$next], $c[$next + 1], $c[$next], $c[$next + 1]]];
                $next += 2;
            } elseif ($command === 'L') {
                $knots[] = [$c[$next], $c[$next + 1], $c[$next], $c[$next + 1], $c[$next], $c[$next + 1]];
                $next += 2;
            } elseif ($command === 'C') {
                $last = count($knots) - 1;
                [$knots[$last][4], $knots[$last][5]] = [$c[$next], $c[$next + 1]];
                $knots[] = [$c[$next + 4], $c[$next + 5], $c[$next + 2], $c[$next + 3], $c[$next + 4], $c[$next + 5]];
                $next += 6;
            }
        }
        $take(false);

        return new self($all);
    }

    public function write(): string
    {
        return $this->path()->isEmpty() ? '' : $this->path()->data();
    }

    public function path(): Path
    {
        return $this->path ??= self::pathThrough($this->all);
    }

    /** A key that equal paths share, to a thousandth of a pixel. */
    public function key(): string
    {
        return $this->key ??= Path::key($this->write());
    }

    /** How many knots there are in all. */
    public function count(): int
    {
        return array_sum(array_map(fn (Contour $one): int => count($one->knots), $this->all));
    }

    public function length(): float
    {
        return array_sum(array_map(fn (Contour $one): float => $one->length(), $this->all));
    }

    /** Whether every knot of it has its counterpart in another one. */
    public function isLike(self $other): bool
    {
        $shape = fn (Contour $one): string => count($one->knots).($one->closed ? 'z' : '');

        return array_map($shape, $this->all) === array_map($shape, $other->all);
    }

    /** A share $t of the way from this one to another, as morphing pairs their knots; at 0 and at 1 one of the two itself. */
    public function mix(self $other, float $t): self
    {
        if ($t === 0.0 || $t === 1.0 || $this === $other) {
            return $t === 1.0 ? $other : $this;
        }
        [$from, $to] = Morph::paired($this, $other);

        return new self(array_map(fn (Contour $one, Contour $two): Contour => new Contour(
            array_map(fn (Knot $a, Knot $b): Knot => $a->mix($b, $t), $one->knots, $two->knots), $one->closed,
        ), $from->all, $to->all));
    }

    /** Every knot changed by what leads from one path to another, which are both like this one. */
    public function shifted(self $from, self $to): self
    {
        $knot = fn (Knot $own, Knot $a, Knot $b): Knot => new Knot(
            $own->at->plus($b->at)->minus($a->at), $own->in->plus($b->in)->minus($a->in), $own->out->plus($b->out)->minus($a->out),
        );

        return new self(array_map(
            fn (Contour $own, Contour $a, Contour $b): Contour => new Contour(
                array_map($knot, $own->knots, $a->knots, $b->knots), $own->closed,
            ),
            $this->all,
            $from->all,
            $to->all,
        ));
    }

    /** @param  callable(Point): Point  $change  of every place; handles go along */
    public function mapped(callable $change): self
    {
        return new self(array_map(fn (Contour $one): Contour => new Contour(array_map(function (Knot $knot) use ($change): Knot {
            $at = $change($knot->at);

            return new Knot($at, $change($knot->at->plus($knot->in))->minus($at), $change($knot->at->plus($knot->out))->minus($at));
        }, $one->knots), $one->closed), $this->all));
    }

    /** @param  list<Contour>  $all */
    private static function pathThrough(array $all): Path
    {
        $commands = '';
        $coordinates = [];
        foreach ($all as $contour) {
            $knots = $contour->knots;
            $count = count($knots);
            $commands .= 'M';
            array_push($coordinates, $knots[0]->at->x, $knots[0]->at->y);
            for ($index = 1; $index < $count + ($contour->closed ? 1 : 0); $index++) {
                [$from, $to] = [$knots[$index - 1], $knots[$index % $count]];
                $isStraight = $from->out->x === 0.0 && $from->out->y === 0.0 && $to->in->x === 0.0 && $to->in->y === 0.0;
                // The closing itself draws a straight way back.
                if ($isStraight && $index === $count) {
                    continue;
                }
                $commands .= $isStraight ? 'L' : 'C';
                if (! $isStraight) {
                    array_push(
                        $coordinates,
                        $from->at->x + $from->out->x,
                        $from->at->y + $from->out->y,
                        $to->at->x + $to->in->x,
                        $to->at->y + $to->in->y,
                    );
                }
                array_push($coordinates, $to->at->x, $to->at->y);
            }
            $commands .= $contour->closed ? 'Z' : '';
        }

        return new Path($commands, $coordinates);
    }

    /** @param  non-empty-list<array{float, float, float, float, float, float}>  $knots */
    private static function contour(array $knots, bool $closed): Contour
    {
        // Where a curve leads back to where it began, that is one knot; so are more, to which nothing but the closing leads.
        while ($closed && count($knots) > 1 && self::meet($knots[0], $last = $knots[count($knots) - 1])) {
            [$knots[0][2], $knots[0][3]] = [$last[2], $last[3]];
            array_pop($knots);
            $before = $knots[count($knots) - 1];
            if ([$before[4], $before[5], $last[2], $last[3]] !== [$before[0], $before[1], $last[0], $last[1]]) {
                break;
            }
        }

        /** @var non-empty-list<array{float, float, float, float, float, float}> $knots */
        return new Contour(
            array_map(
                fn (array $k): Knot => new Knot(
                    new Point($k[0], $k[1]), new Point($k[2] - $k[0], $k[3] - $k[1]), new Point($k[4] - $k[0], $k[5] - $k[1]),
                ),
                $knots,
            ),
            $closed,
        );
    }

    /**
     * @param  array{float, float, float, float, float, float}  $one
     * @param  array{float, float, float, float, float, float}  $other
     */
    private static function meet(array $one, array $other): bool
    {
        return abs($one[0] - $other[0]) < 1e-6 && abs($one[1] - $other[1]) < 1e-6;
    }
}
