<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation;

use Ricamo\Core\Geometry\Point;

/** The cubic Bézier that a point travels from one keyframe to the next, by its length and not by its parameter. */
final readonly class MotionPath
{
    /** Into how many chords the curve is cut to be measured; the error of their length is far below a pixel. */
    private const CHORDS = 200;

    /** @var list<float> the length up to each end of a chord */
    private array $lengths;

    public function __construct(private Point $from, private Point $leave, private Point $arrive, private Point $to)
    {
        $lengths = [0.0];
        $before = $from;
        for ($i = 1; $i <= self::CHORDS; $i++) {
            $point = $this->on($i / self::CHORDS);
            $lengths[] = $lengths[$i - 1] + hypot($point->x - $before->x, $point->y - $before->y);
            $before = $point;
        }
        $this->lengths = $lengths;
    }

    /** In pixels. */
    public function length(): float
    {
        return $this->lengths[self::CHORDS];
    }

    /** @param  float  $progress  the share of its length, 0..1; beyond the ends it goes straight on */
    public function at(float $progress): Point
    {
        if ($progress < 0 || $progress > 1) {
            [$end, $near] = $progress < 0 ? [$this->from, $this->on(1e-3)] : [$this->to, $this->on(1 - 1e-3)];
            $step = $end->minus($near);
            $long = hypot($step->x, $step->y);
            $beyond = ($progress < 0 ? -$progress : $progress - 1) * $this->length();

            return $long > 0 ? new Point($end->x + $step->x * $beyond / $long, $end->y + $step->y * $beyond / $long) : $end;
        }

        return $this->on($this->parameter($progress));
    }

    /**
     * The handles of the path when it is cut in two, by de Casteljau's construction.
     *
     * @return array{Bend, Bend, Bend} of its first point, the cut and its last
     */
    public function split(float $progress): array
    {
        $u = $this->parameter($progress);
        [$a, $b, $c] = [$this->from->mix($this->leave, $u), $this->leave->mix($this->arrive, $u), $this->arrive->mix($this->to, $u)];
        [$d, $e] = [$a->mix($b, $u), $b->mix($c, $u)];
        $cut = $d->mix($e, $u);

        return [
            new Bend(new Point(0, 0), $a->minus($this->from)),
            new Bend($d->minus($cut), $e->minus($cut)),
            new Bend($c->minus($this->to), new Point(0, 0)),
        ];
    }

    /** The parameter of the curve at a share of its length. */
    private function parameter(float $progress): float
    {
        $length = $progress * $this->length();
        $low = 0;
        $high = self::CHORDS;
        while ($high - $low > 1) {
            $middle = ($low + $high) >> 1;
            if ($this->lengths[$middle] <= $length) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }
        $chord = $this->lengths[$high] - $this->lengths[$low];

        return ($low + ($chord > 0 ? ($length - $this->lengths[$low]) / $chord : 0)) / self::CHORDS;
    }

    private function on(float $u): Point
    {
        $v = 1 - $u;
        [$a, $b, $c, $d] = [$v * $v * $v, 3 * $v * $v * $u, 3 * $v * $u * $u, $u * $u * $u];

        return new Point(
            $a * $this->from->x + $b * $this->leave->x + $c * $this->arrive->x + $d * $this->to->x,
            $a * $this->from->y + $b * $this->leave->y + $c * $this->arrive->y + $d * $this->to->y,
        );
    }
}
