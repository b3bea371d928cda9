<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation\Easing;

/**
 * The two handles of a segment, as a share of its time and of its change, by which it is a cubic Bézier. Each also says a
 * speed, in multiples of the segment's mean: y1/x1 at the beginning, (1 − y2)/(1 − x2) at the end.
 */
final readonly class Handles
{
    /** So close to its end a handle's direction says no speed; the other one's does. */
    private const NEAR = 1e-6;

    /** The least of the segment's time over which a speed is held by its handle. */
    private const SHORTEST = 0.02;

    /** For what goes in no time at all. */
    private const FASTEST = 50.0;

    /** Where the slope of another easing is taken, so far within it. */
    private const STEP = 1e-4;

    private function __construct(private float $x1, private float $y1, private float $x2, private float $y2)
    {
    }

    /**
     * Those of an easing. A family has those of the curve that is as fast as it at both ends; what stands still, jumps,
     * swings or bounces, or depends on its neighbours, has none.
     */
    public static function of(Easing $easing): ?self
    {
        $curve = $easing instanceof Eased ? $easing->curve : $easing;
        if ($curve instanceof CubicBezier) {
            return new self(...$curve->handles());
        }
        if ($easing instanceof Linear || $easing instanceof Back || ($easing instanceof Family && ! $easing->bounces())) {
            $begin = $easing->at(self::STEP) / self::STEP;
            $end = (1 - $easing->at(1 - self::STEP)) / self::STEP;

            return new self(1 / 3, $begin / 3, 2 / 3, 1 - $end / 3);
        }

        return null;
    }

    public function curve(): CubicBezier
    {
        return new CubicBezier(...array_map(fn (float $one): float => round($one, 4), [$this->x1, $this->y1, $this->x2, $this->y2]));
    }

    /** @return array{array{float, float}, array{float, float}} time and progress of both */
    public function places(): array
    {
        return [[$this->x1, $this->y1], [$this->x2, $this->y2]];
    }

    /** @return array{float, float} at the beginning and at the end, in multiples of the mean */
    public function speeds(): array
    {
        $slope = fn (float $rise, float $run, float $otherRise, float $otherRun): float => match (true) {
            $run > self::NEAR => $rise / $run,
            $otherRun > self::NEAR => $otherRise / $otherRun,
            // Straight up in no time, or a line.
            default => $otherRise > self::NEAR ? self::FASTEST : 1.0,
        };

        return [$slope($this->y1, $this->x1, $this->y2, $this->x2), $slope(1 - $this->y2, 1 - $this->x2, 1 - $this->y1, 1 - $this->x1)];
    }

    /** With the handle of the beginning, or of the end, elsewhere. @param  float  $along  its time, held within 0..1 */
    public function placed(bool $ofEnd, float $along, float $progress): self
    {
        $along = max(0.0, min(1.0, $along));

        return $ofEnd ? new self($this->x1, $this->y1, $along, $progress) : new self($along, $progress, $this->x2, $this->y2);
    }

    /** With another speed there. @param  float  $along  the time of the handle @param  float  $speed  in multiples of the mean */
    public function atSpeed(bool $ofEnd, float $along, float $speed): self
    {
        $along = $ofEnd ? max(0.0, min(1 - self::SHORTEST, $along)) : max(self::SHORTEST, min(1.0, $along));

        return $this->placed($ofEnd, $along, $ofEnd ? 1 - $speed * (1 - $along) : $speed * $along);
    }
}
