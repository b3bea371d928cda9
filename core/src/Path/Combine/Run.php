<?php

declare(strict_types=1);

namespace Ricamo\Core\Path\Combine;

use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Path\Segment;

/** A part of a segment that goes one way across and one way down, so that it lies within the box of its ends and never meets itself. */
final readonly class Run
{
    public float $left;

    public float $right;

    public float $top;

    public float $bottom;

    /**
     * @param  int  $shape  of which of the shapes that are combined it is a part
     * @param  int  $source  by which all runs of one segment are known
     * @param  float  $from  where it begins on that segment
     */
    private function __construct(
        public Segment $curve,
        public Segment $whole,
        public int $shape,
        public int $source,
        public float $from,
        public float $to,
        public bool $straight,
    ) {
        [$this->left, $this->right] = [min($curve->x0, $curve->x3), max($curve->x0, $curve->x3)];
        [$this->top, $this->bottom] = [min($curve->y0, $curve->y3), max($curve->y0, $curve->y3)];
    }

    /**
     * All of the lines of several shapes; what is open is closed by a straight line, as it is filled.
     *
     * @param  list<Contours>  $shapes
     * @return list<self>
     */
    public static function of(array $shapes): array
    {
        $runs = [];
        $source = 0;
        foreach ($shapes as $shape => $contours) {
            foreach ($contours->all as $contour) {
                $closed = new Contour($contour->knots, true);
                $count = count($closed->knots);
                foreach ($closed->segments() as $index => $segment) {
                    $straight = self::isNothing($closed->knots[$index]->out) && self::isNothing($closed->knots[($index + 1) % $count]->in);
                    array_push($runs, ...self::parted($segment, $shape, $source++, $straight));
                }
            }
        }

        return $runs;
    }

    public function meets(self $other, float $margin): bool
    {
        return $this->left <= $other->right + $margin && $other->left <= $this->right + $margin
            && $this->top <= $other->bottom + $margin && $other->top <= $this->bottom + $margin;
    }

    /**
     * Whether a ray to the right of a point meets it. Its upper end belongs to it and its lower one to the next, so that none is
     * met twice.
     */
    public function isRightOf(Point $point): bool
    {
        return $point->y >= $this->top && $point->y < $this->bottom && $point->x < $this->right
            && ($point->x < $this->left || $this->where($point->y, true) > $point->x);
    }

    /** Whether a ray down from a point meets it. */
    public function isBelow(Point $point): bool
    {
        return $point->x >= $this->left && $point->x < $this->right && $point->y < $this->bottom
            && ($point->y < $this->top || $this->where($point->x, false) > $point->y);
    }

    /** How far across it is at a height between its ends, or how far down at a place across. */
    private function where(float $along, bool $atHeight): float
    {
        $curve = $this->curve;
        [$from, $to, $begin, $end] = $atHeight
            ? [$curve->y0, $curve->y3, $curve->x0, $curve->x3]
            : [$curve->x0, $curve->x3, $curve->y0, $curve->y3];
        if ($this->straight) {
            return $begin + ($end - $begin) * ($along - $from) / ($to - $from);
        }
        [$low, $high] = [0.0, 1.0];
        for ($step = 0; $step < 48; $step++) {
            $middle = ($low + $high) / 2;
            $at = $curve->at($middle);
            if ((($atHeight ? $at->y : $at->x) < $along) === ($to > $from)) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $atHeight ? $curve->at($low)->x : $curve->at($low)->y;
    }

    /** @return list<self> */
    private static function parted(Segment $segment, int $shape, int $source, bool $straight): array
    {
        $length = hypot($segment->x3 - $segment->x0, $segment->y3 - $segment->y0);
        if ($straight) {
            return $length < 1e-9 ? [] : [new self($segment, $segment, $shape, $source, 0.0, 1.0, true)];
        }
        $runs = [];
        $turns = [0.0, ...self::turns($segment), 1.0];
        for ($index = 1; $index < count($turns); $index++) {
            $curve = $segment->part($turns[$index - 1], $turns[$index]);
            if ($curve->length() > 1e-9) {
                $runs[] = new self($curve, $segment, $shape, $source, $turns[$index - 1], $turns[$index], false);
            }
        }

        return $runs;
    }

    /** @return list<float> where it turns back across or up, rising: the roots of its derivatives */
    private static function turns(Segment $s): array
    {
        $turns = [];
        foreach ([[$s->x0, $s->x1, $s->x2, $s->x3], [$s->y0, $s->y1, $s->y2, $s->y3]] as [$p0, $p1, $p2, $p3]) {
            [$a, $b, $c] = [$p3 - 3 * $p2 + 3 * $p1 - $p0, 2 * ($p2 - 2 * $p1 + $p0), $p1 - $p0];
            $under = $b * $b - 4 * $a * $c;
            if (abs($a) < 1e-9 * (abs($b) + abs($c) + 1e-9)) {
                $turns[] = abs($b) < 1e-12 ? -1.0 : -$c / $b;
            } elseif ($under >= 0) {
                // The root that does not subtract what is nearly equal, and the other one from it.
                $q = -($b + ($b < 0 ? -1 : 1) * sqrt($under)) / 2;
                array_push($turns, $q / $a, abs($q) < 1e-15 ? -1.0 : $c / $q);
            }
        }
        $turns = array_filter($turns, fn (float $t): bool => $t > 1e-6 && $t < 1 - 1e-6);
        sort($turns);

        return array_values(array_filter(
            $turns, fn (float $t, int $index): bool => $index === 0 || $t - $turns[$index - 1] > 1e-6, ARRAY_FILTER_USE_BOTH,
        ));
    }

    private static function isNothing(Point $handle): bool
    {
        return $handle->x === 0.0 && $handle->y === 0.0;
    }
}
