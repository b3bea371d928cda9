<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;

/**
 * How much of a frame is covered by what is opaque: along level lines through it, exactly. What only may be opaque (pictures with
 * alpha, what is filtered, masked or blended) does not count.
 */
final class Coverage
{
    /** So many pixels lie between two lines. */
    private const EVERY = 4;

    /** So many lines are looked at first. */
    private const FEW = 9;

    /** Into how many straight pieces a curve is cut. */
    private const PIECES = 12;

    /** Gaps that are narrower, in pixels, are those of rounding. */
    private const GAP = 0.01;

    /** @var array<string, list<non-empty-list<Point>>> what outlines come to under their matrices */
    private array $contours = [];

    private function __construct()
    {
    }

    /** @return float 1 where all of it is covered, else about how much, from 0 */
    public static function of(DisplayList $list): float
    {
        $coverage = new self;
        // Few lines suffice to tell that something is left open, and about how much.
        $share = $coverage->mean($list, self::FEW);

        return $share < 1 ? $share : $coverage->mean($list, (int) ceil($list->height / self::EVERY));
    }

    /**
     * Whether nothing in it only may be opaque, so that what is told of it is all there is to tell.
     *
     * @param  list<Operation>  $operations
     */
    public static function isExact(array $operations): bool
    {
        foreach ($operations as $operation) {
            $isExact = match (true) {
                $operation instanceof Group => $operation->filters === []
                    && $operation->masks === []
                    && $operation->blend === Blend::Normal
                    && self::isExact($operation->operations),
                $operation instanceof Samples => array_filter($operation->lists, fn (array $list): bool => ! self::isExact($list)) === [],
                $operation instanceof Image => ! $operation->alpha,
                $operation instanceof Pieces => false,
                default => true,
            };
            if (! $isExact) {
                return false;
            }
        }

        return true;
    }

    /** Of so many lines evenly spaced; less than 1 where the first or the last row is not covered whole. */
    private function mean(DisplayList $list, int $count): float
    {
        $share = array_sum(array_map(
            fn (int $line): float => $this->along($list, ($line + 0.5) * $list->height / $count), range(0, $count - 1),
        )) / $count;

        return min($share, $this->along($list, 0.5), $this->along($list, $list->height - 0.5)) < 1 ? min($share, 1 - 1e-6) : 1.0;
    }

    /** How much of a line is covered, 1 for all of it. */
    private function along(DisplayList $list, float $y): float
    {
        $covered = 0.0;
        foreach (self::union($this->covered($list->operations, $y)) as [$from, $to]) {
            $covered += max(0, min($list->width, $to) - max(0, $from));
        }

        return $covered > $list->width - self::GAP ? 1.0 : $covered / $list->width;
    }

    /**
     * @param  list<Operation>  $operations
     * @return list<array{float, float}> where a line is covered, from and to, in any order
     */
    private function covered(array $operations, float $y): array
    {
        $all = [];
        foreach ($operations as $operation) {
            array_push($all, ...match (true) {
                $operation instanceof Fill => self::isOpaque($operation) ? $this->within(
                    $operation->outline, $operation->matrix, $y, $operation->rule,
                ) : [],
                $operation instanceof Image => $operation->alpha || $operation->opacity < 1 ? [] : $this->within(
                    Outline::of(Path::polygon([
                        new Point(0, 0),
                        new Point($operation->size->width, 0),
                        new Point($operation->size->width, $operation->size->height),
                        new Point(0, $operation->size->height),
                    ])),
                    $operation->matrix, $y, FillRule::NonZero,
                ),
                $operation instanceof Group => $this->group($operation, $y),
                $operation instanceof Samples => array_reduce(
                    array_slice($operation->lists, 1),
                    fn (array $both, array $list): array => self::common($both, self::union($this->covered($list, $y))),
                    self::union($this->covered($operation->lists[0], $y)),
                ),
                default => [],
            });
        }

        return $all;
    }

    /** @return list<array{float, float}> */
    private function group(Group $group, float $y): array
    {
        if ($group->opacity < 1 || $group->filters !== [] || $group->masks !== [] || $group->blend !== Blend::Normal) {
            return [];
        }
        $covered = self::union($this->covered($group->operations, $y));

        return $group->clip === null
            ? $covered
            : self::common($covered, self::union($this->within($group->clip, new Affine, $y, FillRule::NonZero)));
    }

    private static function isOpaque(Fill $fill): bool
    {
        $colours = match (true) {
            $fill->paint instanceof Colour => [$fill->paint],
            $fill->paint instanceof Gradient => array_column($fill->paint->stops, 1),
            $fill->paint instanceof Corners => $fill->paint->colours,
            default => [],
        };

        return $colours !== [] && array_filter($colours, fn (Colour $colour): bool => $colour->alpha < 255) === [];
    }

    /**
     * Where a level line runs inside of an outline.
     *
     * @return list<array{float, float}>
     */
    private function within(Outline $outline, Affine $matrix, float $y, FillRule $rule): array
    {
        $bounds = $outline->bounds === null ? null : $matrix->bounds($outline->bounds);
        if ($bounds === null || $y < $bounds->top || $y > $bounds->bottom) {
            return [];
        }
        $crossings = [];
        $key = $outline->key.$matrix->encode();
        foreach ($this->contours[$key] ??= self::contours(Path::parse($outline->data), $matrix) as $points) {
            $last = end($points);
            foreach ($points as $point) {
                if (($last->y <= $y) !== ($point->y <= $y)) {
                    $crossings[] = [
                        $last->x + ($point->x - $last->x) * ($y - $last->y) / ($point->y - $last->y), $point->y > $last->y ? 1 : -1,
                    ];
                }
                $last = $point;
            }
        }
        sort($crossings);
        $inside = [];
        $winding = 0;
        foreach ($crossings as $index => [$x, $way]) {
            $winding += $way;
            if (isset($crossings[$index + 1]) && ($rule === FillRule::EvenOdd ? $index % 2 === 0 : $winding !== 0)) {
                $inside[] = [$x, $crossings[$index + 1][0]];
            }
        }

        return $inside;
    }

    /** @return list<non-empty-list<Point>> the corners of each part, curves cut into pieces */
    private static function contours(Path $path, Affine $matrix): array
    {
        $contours = [];
        $points = [];
        $next = 0;
        $take = function () use ($path, $matrix, &$next): Point {
            return $matrix->apply(new Point($path->coordinates[$next++], $path->coordinates[$next++]));
        };
        foreach (str_split($path->commands) as $command) {
            if ($command === 'M') {
                $contours = $points === [] ? $contours : [...$contours, $points];
                $points = [$take()];
            } elseif ($command === 'L') {
                $points[] = $take();
            } elseif ($command === 'C') {
                $from = end($points) ?: new Point(0, 0);
                [$one, $two, $to] = [$take(), $take(), $take()];
                for ($piece = 1; $piece <= self::PIECES; $piece++) {
                    $points[] = self::onCurve($from, $one, $two, $to, $piece / self::PIECES);
                }
            }
        }

        return $points === [] ? $contours : [...$contours, $points];
    }

    private static function onCurve(Point $from, Point $one, Point $two, Point $to, float $t): Point
    {
        [$a, $b, $c] = [$from->mix($one, $t), $one->mix($two, $t), $two->mix($to, $t)];

        return $a->mix($b, $t)->mix($b->mix($c, $t), $t);
    }

    /**
     * @param  list<array{float, float}>  $pieces
     * @return list<array{float, float}> in order, none touching another
     */
    private static function union(array $pieces): array
    {
        sort($pieces);
        $union = [];
        $open = null;
        foreach ($pieces as [$from, $to]) {
            if ($open !== null && $from <= $open[1] + self::GAP) {
                $open = [$open[0], max($open[1], $to)];

                continue;
            }
            $union = $open === null ? $union : [...$union, $open];
            $open = [$from, $to];
        }

        return $open === null ? $union : [...$union, $open];
    }

    /**
     * @param  list<array{float, float}>  $one  in order
     * @param  list<array{float, float}>  $other  likewise
     * @return list<array{float, float}> what both have
     */
    private static function common(array $one, array $other): array
    {
        $common = [];
        foreach ($one as [$from, $to]) {
            foreach ($other as [$begin, $end]) {
                if (min($to, $end) > max($from, $begin)) {
                    $common[] = [max($from, $begin), min($to, $end)];
                }
            }
        }

        return $common;
    }
}
