<?php

declare(strict_types=1);

namespace Ricamo\Core\Path;

use Ricamo\Core\Geometry\Point;

/** A cubic Bézier curve from one knot to the next. */
final class Segment
{
    /** Nodes and weights of Gauss and Legendre's quadrature of 12 points on −1 … 1, of which one half is the mirror image. */
    private const NODES = [
        0.1252334085114689, 0.3678314989981802, 0.5873179542866175, 0.7699026741943047, 0.9041172563704749, 0.9815606342467193,
    ];

    private const WEIGHTS = [
        0.2491470458134028, 0.2334925365383548, 0.2031674267230659, 0.1600783285433462, 0.1069393259953184, 0.0471753363865118,
    ];

    private ?float $length = null;

    private function __construct(
        public readonly float $x0, public readonly float $y0, public readonly float $x1, public readonly float $y1,
        public readonly float $x2, public readonly float $y2, public readonly float $x3, public readonly float $y3,
    ) {
    }

    /** A straight one has its handles at thirds, so that equal steps are equal ways. */
    public static function between(Knot $from, Knot $to): self
    {
        [$a, $b] = [$from->at, $to->at];
        $isStraight = $from->out->x === 0.0 && $from->out->y === 0.0 && $to->in->x === 0.0 && $to->in->y === 0.0;
        [$one, $two] = $isStraight ? [$a->mix($b, 1 / 3), $a->mix($b, 2 / 3)] : [$a->plus($from->out), $b->plus($to->in)];

        return new self($a->x, $a->y, $one->x, $one->y, $two->x, $two->y, $b->x, $b->y);
    }

    public function at(float $t): Point
    {
        $u = 1 - $t;
        [$a, $b, $c, $d] = [$u * $u * $u, 3 * $u * $u * $t, 3 * $u * $t * $t, $t * $t * $t];

        return new Point(
            $a * $this->x0 + $b * $this->x1 + $c * $this->x2 + $d * $this->x3,
            $a * $this->y0 + $b * $this->y1 + $c * $this->y2 + $d * $this->y3,
        );
    }

    /** The direction in which it goes, and how fast; at an end without a handle, that of the curve right beside it. */
    public function direction(float $t): Point
    {
        $way = $this->velocity($t);
        if (abs($way->x) + abs($way->y) < 1e-9) {
            $way = $this->velocity($t < 0.5 ? $t + 1e-3 : $t - 1e-3);
        }

        return $way;
    }

    private function velocity(float $t): Point
    {
        $u = 1 - $t;
        [$a, $b, $c] = [3 * $u * $u, 6 * $u * $t, 3 * $t * $t];

        return new Point(
            $a * ($this->x1 - $this->x0) + $b * ($this->x2 - $this->x1) + $c * ($this->x3 - $this->x2),
            $a * ($this->y1 - $this->y0) + $b * ($this->y2 - $this->y1) + $c * ($this->y3 - $this->y2),
        );
    }

    public function length(): float
    {
        return $this->length ??= $this->lengthTo(0.5) + $this->lengthFrom(0.5, 1.0);
    }

    /** From its beginning to t. */
    public function lengthTo(float $t): float
    {
        return $this->lengthFrom(0.0, $t);
    }

    private function lengthFrom(float $from, float $to): float
    {
        [$middle, $half] = [($from + $to) / 2, ($to - $from) / 2];
        $sum = 0.0;
        foreach (self::NODES as $index => $node) {
            $one = $this->velocity($middle - $half * $node);
            $other = $this->velocity($middle + $half * $node);
            $sum += self::WEIGHTS[$index] * (sqrt($one->x * $one->x + $one->y * $one->y) + sqrt(
                $other->x * $other->x + $other->y * $other->y,
            ));
        }

        return $half * $sum;
    }

    /** The t up to which it is as long, to a millionth of its length; 0 or 1 for what lies before or beyond. */
    public function tAt(float $length): float
    {
        $whole = $this->length();
        if ($length <= 0 || $whole <= 0) {
            return 0.0;
        }
        if ($length >= $whole) {
            return 1.0;
        }
        [$low, $high, $t] = [0.0, 1.0, $length / $whole];
        for ($try = 0; $try < 40; $try++) {
            $off = $this->lengthTo($t) - $length;
            if (abs($off) < 1e-6 * $whole) {
                break;
            }
            if ($off > 0) {
                $high = $t;
            } else {
                $low = $t;
            }
            // Newton's step, where it stays between what is known to be too short and too long.
            $way = $this->velocity($t);
            $speed = hypot($way->x, $way->y);
            $next = $speed > 1e-9 ? $t - $off / $speed : -1.0;
            $t = $next > $low && $next < $high ? $next : ($low + $high) / 2;
        }

        return $t;
    }

    /** @return array{self, self} both parts, by de Casteljau's algorithm */
    public function split(float $t): array
    {
        $mix = fn (float $a, float $b): float => $a + ($b - $a) * $t;
        [$ax, $ay] = [$mix($this->x0, $this->x1), $mix($this->y0, $this->y1)];
        [$bx, $by] = [$mix($this->x1, $this->x2), $mix($this->y1, $this->y2)];
        [$cx, $cy] = [$mix($this->x2, $this->x3), $mix($this->y2, $this->y3)];
        [$dx, $dy] = [$mix($ax, $bx), $mix($ay, $by)];
        [$ex, $ey] = [$mix($bx, $cx), $mix($by, $cy)];
        [$fx, $fy] = [$mix($dx, $ex), $mix($dy, $ey)];

        return [
            new self($this->x0, $this->y0, $ax, $ay, $dx, $dy, $fx, $fy),
            new self($fx, $fy, $ex, $ey, $cx, $cy, $this->x3, $this->y3),
        ];
    }

    public function reversed(): self
    {
        return new self($this->x3, $this->y3, $this->x2, $this->y2, $this->x1, $this->y1, $this->x0, $this->y0);
    }

    /** The part between two of its t. */
    public function part(float $from, float $to): self
    {
        $end = $to >= 1 ? $this : $this->split($to)[0];

        return $from <= 0 ? $end : $end->split(min(1.0, $from / max($to, 1e-12)))[1];
    }
}
