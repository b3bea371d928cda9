<?php

declare(strict_types=1);

namespace Ricamo\Core\Path;

use Ricamo\Core\Geometry\Point;

/** Distances along one line. */
final class Along
{
    /** So many places are kept. */
    private const KEPT = 6000;

    public readonly float $length;

    /** @var array<array-key, array{Point, float}> */
    private array $places = [];

    /** @var list<float> where each of its segments begins */
    private array $begins = [];

    /** @var list<Segment> */
    private readonly array $segments;

    public function __construct(public readonly Contour $contour)
    {
        $this->segments = $contour->segments();
        $sum = 0.0;
        foreach ($this->segments as $segment) {
            $this->begins[] = $sum;
            $sum += $segment->length();
        }
        $this->length = $sum;
    }

    public function at(float $distance): Point
    {
        [$segment, $within] = $this->place($distance);

        return $segment === null ? $this->contour->knots[0]->at : $segment->at($segment->tAt($within));
    }

    /**
     * A place on it, and the direction in which it goes there. Most are asked for again on the next frame.
     *
     * @return array{Point, float} in degrees clockwise from the right
     */
    public function placed(float $distance): array
    {
        $key = (string) round($distance, 4);
        if (! isset($this->places[$key])) {
            $this->places = count($this->places) < self::KEPT ? $this->places : [];
            [$segment, $within] = $this->place($distance);
            $t = $segment?->tAt($within) ?? 0.0;
            $way = $segment?->direction($t) ?? new Point(1, 0);
            $this->places[$key] = [$segment?->at($t) ?? $this->contour->knots[0]->at, rad2deg(atan2($way->y, $way->x))];
        }

        return $this->places[$key];
    }

    /** The direction in which it goes there, in degrees clockwise from the right. */
    public function heading(float $distance): float
    {
        [$segment, $within] = $this->place($distance);
        $way = $segment === null ? new Point(1, 0) : $segment->direction($segment->tAt($within));

        return rad2deg(atan2($way->y, $way->x));
    }

    /**
     * The part between two distances as a line of its own; null where it has no length. Of a closed one they may lie beyond its
     * end: it goes on from its beginning there.
     */
    public function part(float $from, float $to): ?Contour
    {
        $segments = [];
        foreach ($this->pieces($from, $to) as [$index, $begin, $end]) {
            $segments[] = $this->segments[$index]->part($begin, $end);
        }

        return $segments === [] ? null : Contour::through($segments, false);
    }

    /** The part between two distances that lie on one segment, as one. */
    public function single(float $from, float $to): Segment
    {
        $middle = ($from + $to) / 2;
        [$segment, , $index, $turn] = $this->place($middle);
        if ($segment === null) {
            return Segment::between($this->contour->knots[0], $this->contour->knots[0]);
        }
        $begin = $this->begins[$index] + $turn;

        return $segment->part($segment->tAt($from - $begin), $segment->tAt($to - $begin));
    }

    /** @return list<array{int, float, float}> of each segment that is met, its number, and from which t to which */
    private function pieces(float $from, float $to): array
    {
        $pieces = [];
        if ($to - $from < 1e-9) {
            return [];
        }
        $turn = $this->contour->closed && $this->length > 0 ? floor($from / $this->length) * $this->length : 0.0;
        for (; $turn < $to && $this->length > 0; $turn += $this->length) {
            foreach ($this->segments as $index => $segment) {
                [$begin, $end] = [$from - $turn - $this->begins[$index], $to - $turn - $this->begins[$index]];
                $length = $segment->length();
                if ($end > 1e-9 && $begin < $length - 1e-9 && $length > 1e-9) {
                    $pieces[] = [$index, $begin <= 0 ? 0.0 : $segment->tAt($begin), $end >= $length ? 1.0 : $segment->tAt($end)];
                }
            }
            if (! $this->contour->closed) {
                break;
            }
        }

        return $pieces;
    }

    /**
     * @return array{?Segment, float, int, float} the segment, the distance within it, its number, and where the round began
     *     that it is in
     */
    private function place(float $distance): array
    {
        if ($this->segments === [] || $this->length <= 0) {
            return [null, 0.0, 0, 0.0];
        }
        $turn = $this->contour->closed ? floor($distance / $this->length) * $this->length : 0.0;
        $within = max(0.0, min($this->length, $distance - $turn));
        [$low, $high] = [0, count($this->segments) - 1];
        while ($low < $high) {
            $middle = ($low + $high + 1) >> 1;
            if ($this->begins[$middle] <= $within) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return [$this->segments[$low], $within - $this->begins[$low], $low, $turn];
    }
}
