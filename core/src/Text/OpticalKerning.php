<?php

declare(strict_types=1);

namespace Ricamo\Core\Text;

use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Contours;

/**
 * Puts letters as far apart as they look, by their outlines: the mean of the gaps between two of them, at many heights and each
 * counted only so far as the eye takes it in, becomes what it is between two upright stems of the same font. How far that is the
 * font says itself: so far that two round letters of it look as far apart as two stems, where its designer has put them so.
 */
final class OpticalKerning
{
    /** Between which heights gaps are measured, and how many bands there are, in thousandths of an em, y down. */
    private const TOP = -720;

    private const BAND = 40;

    private const BANDS = 20;

    /** A gap that is wider than something between these looks no wider. */
    private const WIDEST = [140.0, 600.0];

    /** Letters come no nearer to one another than this, anywhere. */
    private const NEAREST = 24.0;

    /** By how much two are moved at most, nearer to and away from each other. */
    private const NEARER = 130.0;

    private const APART = 40.0;

    /** Letters of these scripts stand by themselves. */
    private const LETTERS = '/^[\p{Latin}\p{Greek}\p{Cyrillic}\p{Nd}\p{P}]/u';

    /** Pairs of upright stems and of round letters, of capitals and of small ones. */
    private const STEMS = ['HH', 'nn'];

    private const ROUNDS = ['OO', 'oo'];

    /**
     * @param  string  $text  that was shaped
     * @param  callable(string, string): ShapedLine  $shape  words in a font, without its own kerning
     * @param  callable(Glyph): array{string, float, float}  $style  in which font one is set, how large, and how high: only
     *     those that are alike are put by one another
     */
    public static function of(ShapedLine $line, string $text, callable $shape, callable $style): ShapedLine
    {
        $wanted = [];
        $glyphs = [];
        foreach ($line->glyphs as $index => $one) {
            $other = $line->glyphs[$index + 1] ?? $one;
            $own = $style($one);
            if (
                $one->cluster !== $other->cluster
                && $own === $style($other)
                && self::isLetter($text, $one)
                && self::isLetter($text, $other)
            ) {
                [$gap, $widest] = $wanted[$own[0]] ??= self::wanted($shape, $own[0]);
                $one = new Glyph($one->outline, $one->advance + self::between($one, $other, $gap, $widest), $one->cluster, $one->colour);
            }
            $glyphs[] = $one;
        }

        return new ShapedLine($glyphs, $line->ascent, $line->descent);
    }

    private static function isLetter(string $text, Glyph $glyph): bool
    {
        return ! $glyph->outline->isEmpty() && preg_match(self::LETTERS, substr($text, $glyph->cluster, 4)) === 1;
    }

    /**
     * The mean gap between upright stems of a font, and how wide a gap counts at most.
     *
     * @param  callable(string, string): ShapedLine  $shape
     * @return array{float, float}
     */
    private static function wanted(callable $shape, string $font): array
    {
        $gaps = fn (string $pair): array => self::apart($shape($pair, $font));
        [$stems, $rounds] = [array_map($gaps, self::STEMS), array_map($gaps, self::ROUNDS)];
        $widest = self::where(
            self::WIDEST[0], self::WIDEST[1], fn (float $widest): bool => self::meanOf($rounds, $widest) < self::meanOf($stems, $widest),
        );

        return [self::meanOf($stems, $widest), $widest];
    }

    /** @param  non-empty-list<list<float>>  $pairs  the gaps of each */
    private static function meanOf(array $pairs, float $widest): float
    {
        return array_sum(array_map(fn (array $gaps): float => self::mean($gaps, 0.0, $widest), $pairs)) / count($pairs);
    }

    /** @return list<float> the gaps between the two letters of a pair */
    private static function apart(ShapedLine $pair): array
    {
        return count($pair->glyphs) === 2 ? array_merge(...self::gaps($pair->glyphs[0], $pair->glyphs[1])) : [];
    }

    /** By how much the second of two is moved, less than nought for nearer. */
    private static function between(Glyph $one, Glyph $other, float $wanted, float $widest): float
    {
        [$both, $single] = self::gaps($one, $other);
        $gaps = [...$both, ...$single];
        $least = $both === [] ? -self::NEARER : max(-self::NEARER, self::NEAREST - min($both));

        return $least >= self::APART
            ? 0.0
            : round(self::where($least, self::APART, fn (float $by): bool => self::mean($gaps, $by, $widest) < $wanted), 1);
    }

    /**
     * Where something ends to hold, by halving.
     *
     * @param  callable(float): bool  $holds
     */
    private static function where(float $low, float $high, callable $holds): float
    {
        for ($step = 0; $step < 24; $step++) {
            $middle = ($low + $high) / 2;
            [$low, $high] = $holds($middle) ? [$middle, $high] : [$low, $middle];
        }

        return $low;
    }

    /**
     * @param  list<float>  $gaps
     * @param  float  $by  that each is wider
     */
    private static function mean(array $gaps, float $by, float $widest): float
    {
        return array_sum(array_map(fn (float $gap): float => min($widest, $gap + $by), $gaps)) / max(1, count($gaps));
    }

    /**
     * How far the one is from the other in each band in which both have something, and in each in which only one has: from there to
     * where the other one comes nearest anywhere.
     *
     * @return array{list<float>, list<float>}
     */
    private static function gaps(Glyph $one, Glyph $other): array
    {
        [$right, $left] = [self::edges($one)[1], self::edges($other)[0]];
        [$farthest, $nearest] = [max([-INF, ...$right]), min([INF, ...$left])];
        [$both, $single] = [[], []];
        foreach ($right as $band => $from) {
            $to = $left[$band];
            if ($from > -INF && $to < INF) {
                $both[] = $one->advance - $from + $to;
            } elseif ($from > -INF || $to < INF) {
                $single[] = $one->advance - max($from, $to < INF ? $farthest : -INF) + min($to, $from > -INF ? $nearest : INF);
            }
        }

        return [$both, $single];
    }

    /** @return array{list<float>, list<float>} in each band how far left an outline reaches, and how far right */
    private static function edges(Glyph $glyph): array
    {
        [$left, $right] = [array_fill(0, self::BANDS, INF), array_fill(0, self::BANDS, -INF)];
        foreach (Contours::of($glyph->outline)->all as $contour) {
            foreach ((new Contour($contour->knots, true))->segments() as $segment) {
                $last = $segment->at(0.0);
                for ($step = 1; $step <= 12; $step++) {
                    $next = $segment->at($step / 12);
                    [$from, $to] = [self::band(min($last->y, $next->y)), self::band(max($last->y, $next->y))];
                    for ($band = max(0, $from); $band <= min(self::BANDS - 1, $to); $band++) {
                        $left[$band] = min($left[$band], $last->x, $next->x);
                        $right[$band] = max($right[$band], $last->x, $next->x);
                    }
                    $last = $next;
                }
            }
        }

        return [array_values($left), array_values($right)];
    }

    private static function band(float $y): int
    {
        return (int) floor(($y - self::TOP) / self::BAND);
    }
}
