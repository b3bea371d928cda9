<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation\Easing;

use Ricamo\Core\Refusal;

/** `cubic-bezier(x1, y1, x2, y2)` of CSS Easing Functions Level 1 § 2.3. */
final class CubicBezier implements Easing
{
    private const PRECISION = 1e-7;

    /** At how many places of the curve x is known beforehand. */
    private const KNOWN = 8;

    /** @var list<float> x at u = 0, 1/8 … 1 */
    private readonly array $known;

    /** The polynomials x(u) = ((ax·u + bx)·u + cx)·u and y(u) likewise. */
    private readonly float $ax;

    private readonly float $bx;

    private readonly float $cx;

    private readonly float $ay;

    private readonly float $by;

    private readonly float $cy;

    /** The time that was asked for last, and what it came to: what moves, turns and fades together asks for the same. */
    private float $asked = 0.0;

    private float $reached = 0.0;

    /** @throws Refusal unless both x are within 0..1 */
    public function __construct(
        private readonly float $x1,
        private readonly float $y1,
        private readonly float $x2,
        private readonly float $y2,
    ) {
        if ($x1 < 0 || $x1 > 1 || $x2 < 0 || $x2 > 1) {
            throw new Refusal("$this: both x of a cubic-bezier lie within 0..1");
        }
        if (abs($y1) > self::FARTHEST || abs($y2) > self::FARTHEST) {
            throw new Refusal("$this: both y of a cubic-bezier lie within ±".self::FARTHEST);
        }
        [$this->ax, $this->bx, $this->cx] = [1 + 3 * $x1 - 3 * $x2, 3 * $x2 - 6 * $x1, 3 * $x1];
        $known = [];
        for ($i = 0; $i <= self::KNOWN; $i++) {
            $u = $i / self::KNOWN;
            $known[] = (($this->ax * $u + $this->bx) * $u + $this->cx) * $u;
        }
        $this->known = [...array_slice($known, 0, -1), 1.0];
        [$this->ay, $this->by, $this->cy] = [1 + 3 * $y1 - 3 * $y2, 3 * $y2 - 6 * $y1, 3 * $y1];
    }

    public function at(float $t): float
    {
        if ($t === $this->asked) {
            return $this->reached;
        }
        if ($t <= 0 || $t >= 1) {
            return $t <= 0 ? 0 : 1;
        }
        $u = $this->parameterAt($t);
        $this->asked = $t;

        return $this->reached = (($this->ay * $u + $this->by) * $u + $this->cy) * $u;
    }

    /**
     * The curve in two, by de Casteljau's construction.
     *
     * @param  float  $t  time, within 0..1
     * @param  float  $progress  the share of the whole that counts as reached there
     * @return array{self, self} what leads there, and what goes on from there, each from 0 to 1
     *
     * @throws Refusal where a part's handles would lie outside its time
     */
    public function split(float $t, float $progress): array
    {
        $u = $this->parameterAt($t);
        $mix = fn (float $from, float $to): float => $from + ($to - $from) * $u;
        $between = fn (float $first, float $second): array => [
            $a = $mix(0, $first), $b = $mix($first, $second), $c = $mix($second, 1), $mix($a, $b), $mix($b, $c),
        ];
        [$firstX, , $lastX, $beforeX, $afterX] = $between($this->x1, $this->x2);
        [$firstY, , $lastY, $beforeY, $afterY] = $between($this->y1, $this->y2);
        [$restX, $restY] = [1 - $t, 1 - $progress];

        return [
            new self($firstX / $t, $firstY / $progress, $beforeX / $t, $beforeY / $progress),
            new self(($afterX - $t) / $restX, ($afterY - $progress) / $restY, ($lastX - $t) / $restX, ($lastY - $progress) / $restY),
        ];
    }

    /** @return array{float, float, float, float} */
    public function handles(): array
    {
        return [$this->x1, $this->y1, $this->x2, $this->y2];
    }

    public function reversed(): self
    {
        return new self(1 - $this->x2, 1 - $this->y2, 1 - $this->x1, 1 - $this->y1);
    }

    public function __toString(): string
    {
        return "cubic-bezier({$this->x1}, {$this->y1}, {$this->x2}, {$this->y2})";
    }

    /**
     * Where on the curve x is $x: Newton's method from a guess between points that are known, and bisection where the
     * curve is too flat for it.
     */
    private function parameterAt(float $x): float
    {
        $a = $this->ax;
        $b = $this->bx;
        $c = $this->cx;
        for ($i = 1; $this->known[$i] < $x; $i++);
        $from = $this->known[$i - 1];
        $to = $this->known[$i];
        $u = ($i - 1 + ($to > $from ? ($x - $from) / ($to - $from) : 0)) / self::KNOWN;
        for ($i = 0; $i < 8; $i++) {
            $error = (($a * $u + $b) * $u + $c) * $u - $x;
            if (abs($error) < self::PRECISION) {
                return $u;
            }
            $slope = (3 * $a * $u + 2 * $b) * $u + $c;
            if (abs($slope) < 1e-6) {
                break;
            }
            $u -= $error / $slope;
        }
        $low = 0.0;
        $high = 1.0;
        $u = $x;
        while ($high - $low > self::PRECISION) {
            if ((($a * $u + $b) * $u + $c) * $u < $x) {
                $low = $u;
            } else {
                $high = $u;
            }
            $u = ($low + $high) / 2;
        }

        return $u;
    }
}
