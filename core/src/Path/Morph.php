<?php

declare(strict_types=1);

namespace Ricamo\Core\Path;

use Ricamo\Core\Geometry\Point;

/**
 * Pairs the knots of paths. Lines with as many knots are paired knot by knot, from the first on, unless that would twist them. Of
 * others each comes to have a knot wherever the other has one, at the same share of its length, counted from where the two have
 * to be twisted least against one another.
 */
final class Morph
{
    /** At so many places, evenly along both, it is looked at how far they are twisted. */
    private const PLACES = 64;

    /** So many times the least twist are borne where knots meet knots. */
    private const MUCH = 1.6;

    /** Places nearer than this, in shares of the length, are one. */
    private const NEAR = 1e-5;

    /** How many pairs are kept: every frame of a morph asks for the same. */
    private const KEPT = 200;

    /** @var array<string, array{Contours, Contours}> */
    private static array $known = [];

    /** @return array{Contours, Contours} both as they were, with as many lines and knots */
    public static function paired(Contours $one, Contours $other): array
    {
        $key = "{$one->key()} {$other->key()}";
        if (! isset(self::$known[$key])) {
            self::$known = count(self::$known) < self::KEPT ? self::$known : [];
            self::$known[$key] = self::pair($one, $other);
        }

        return self::$known[$key];
    }

    /** @return array{Contours, Contours} */
    private static function pair(Contours $one, Contours $other): array
    {
        if ($one->isLike($other)) {
            $pairs = array_map(self::contours(...), $one->all, $other->all);

            return [new Contours(array_column($pairs, 0)), new Contours(array_column($pairs, 1))];
        }
        // The largest becomes the largest; what has no counterpart grows out of its own middle, or shrinks into it.
        [$from, $to] = [self::bySize($one->all), self::bySize($other->all)];
        [$paired, $pairs] = [[], []];
        for ($index = 0; $index < max(count($from), count($to)); $index++) {
            $a = $from[$index] ?? self::shrunk($to[$index]);
            $b = $to[$index] ?? self::shrunk($from[$index]);
            [$paired[], $pairs[]] = self::contours($a, $b);
        }

        return [new Contours($paired), new Contours($pairs)];
    }

    /**
     * @param  list<Contour>  $contours
     * @return list<Contour>
     */
    private static function bySize(array $contours): array
    {
        usort($contours, fn (Contour $a, Contour $b): int => abs($b->winding()) + $b->length() <=> abs($a->winding()) + $a->length());

        return $contours;
    }

    private static function shrunk(Contour $contour): Contour
    {
        $middle = $contour->middle();

        return new Contour(array_map(fn (): Knot => new Knot($middle), $contour->knots), $contour->closed);
    }

    /** @return array{Contour, Contour} */
    private static function contours(Contour $a, Contour $b): array
    {
        if (count($a->knots) === count($b->knots) && $a->closed === $b->closed && ($a->length() < 1e-9 || $b->length() < 1e-9)) {
            return [$a, $b];
        }
        // What is closed only on one side is opened where it begins.
        $closed = $a->closed && $b->closed;
        [$a, $b] = [$closed ? $a : self::opened($a), $closed ? $b : self::opened($b)];
        if ($closed && $a->winding() * $b->winding() < 0) {
            $b = $b->reversed();
        }
        [$ofA, $ofB] = [self::places($a), self::places($b)];
        $isAlike = count($a->knots) === count($b->knots);
        if (! $closed) {
            $b = self::twist($ofA, array_reverse($ofB), 0) < self::twist($ofA, $ofB, 0) ? $b->reversed() : $b;
        }
        $shift = 0.0;
        $least = self::twist($ofA, $ofB, 0);
        if ($closed) {
            $plain = $least;
            for ($step = 0; $step < self::PLACES; $step++) {
                $twist = self::twist($ofA, $ofB, $step);
                [$least, $shift] = $twist < $least - 1e-9 ? [$twist, $step / self::PLACES] : [$least, $shift];
            }
            if ($isAlike && $plain <= self::MUCH * $least + 0.05 * self::PLACES) {
                return [$a, $b];
            }
        } elseif ($isAlike) {
            return [$a, $b];
        }
        [$atA, $atB] = [self::shares($a), self::shares($b)];
        // Knots that nearly meet do.
        $shift = self::settled($shift, $atA, $atB, $closed);
        $turned = array_map(fn (float $share): float => self::wrapped($share - $shift), $atB);
        $cuts = self::merged([...$atA, ...($closed ? $turned : $atB)]);

        return [
            self::cut($a, $cuts, 0.0, $closed),
            self::cut($b, $cuts, $closed ? $shift : 0.0, $closed),
        ];
    }

    private static function opened(Contour $contour): Contour
    {
        return $contour->closed ? new Contour([...$contour->knots, $contour->knots[0]], false) : $contour;
    }

    /**
     * Places evenly along a line, about their middle, as large as one another's.
     *
     * @return list<Point>
     */
    private static function places(Contour $contour): array
    {
        $along = new Along($contour);
        $points = array_map(
            fn (int $step): Point => $along->at($step / (self::PLACES - ($contour->closed ? 0 : 1)) * $along->length),
            range(0, self::PLACES - 1),
        );
        $x = array_sum(array_map(fn (Point $one): float => $one->x, $points)) / self::PLACES;
        $y = array_sum(array_map(fn (Point $one): float => $one->y, $points)) / self::PLACES;
        $size = sqrt(
            array_sum(array_map(fn (Point $one): float => ($one->x - $x) ** 2 + ($one->y - $y) ** 2, $points)) / self::PLACES,
        ) ?: 1.0;

        return array_map(fn (Point $one): Point => new Point(($one->x - $x) / $size, ($one->y - $y) / $size), $points);
    }

    /**
     * @param  list<Point>  $a
     * @param  list<Point>  $b  begun so many places later
     */
    private static function twist(array $a, array $b, int $later): float
    {
        $sum = 0.0;
        foreach ($a as $index => $point) {
            $other = $b[($index + $later) % self::PLACES];
            $sum += ($point->x - $other->x) ** 2 + ($point->y - $other->y) ** 2;
        }

        return $sum;
    }

    /** @return non-empty-list<float> where along a line, in shares of its length, its knots are */
    private static function shares(Contour $contour): array
    {
        $whole = $contour->length();
        $shares = [0.0];
        $sum = 0.0;
        foreach ($contour->segments() as $segment) {
            $sum += $segment->length();
            $shares[] = $whole > 0 ? $sum / $whole : 0.0;
        }
        if ($contour->closed) {
            array_pop($shares);
        }

        /** @var non-empty-list<float> $shares */
        return $shares;
    }

    /**
     * The shift by which a knot of the one meets one of the other, where that is near the one that is twisted least.
     *
     * @param  list<float>  $atA
     * @param  list<float>  $atB
     */
    private static function settled(float $shift, array $atA, array $atB, bool $closed): float
    {
        $best = $shift;
        $least = 0.75 / self::PLACES;
        foreach ($closed ? $atA : [] as $a) {
            foreach ($atB as $b) {
                $needed = self::wrapped($b - $a);
                $off = min(abs($needed - $shift), 1 - abs($needed - $shift));
                [$best, $least] = $off < $least ? [$needed, $off] : [$best, $least];
            }
        }

        return $best;
    }

    private static function wrapped(float $share): float
    {
        $wrapped = fmod(fmod($share, 1.0) + 1.0, 1.0);

        return $wrapped > 1 - self::NEAR ? 0.0 : $wrapped;
    }

    /**
     * @param  list<float>  $shares
     * @return list<float> in order, none near another
     */
    private static function merged(array $shares): array
    {
        sort($shares);
        $merged = [];
        foreach ($shares as $share) {
            if ($merged === [] || $share > $merged[count($merged) - 1] + self::NEAR) {
                $merged[] = $share;
            }
        }

        return $merged;
    }

    /**
     * A line with knots at shares of its length, counted from one of them.
     *
     * @param  list<float>  $cuts
     */
    private static function cut(Contour $contour, array $cuts, float $from, bool $closed): Contour
    {
        $along = new Along($contour);
        $segments = [];
        foreach ($cuts as $index => $cut) {
            $next = $cuts[$index + 1] ?? null;
            if ($next === null && ! $closed) {
                break;
            }
            array_push($segments, $along->single(($cut + $from) * $along->length, (($next ?? 1.0) + $from) * $along->length));
        }

        return $segments === [] ? $contour : Contour::through($segments, $closed);
    }
}
