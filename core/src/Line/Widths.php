<?php

declare(strict_types=1);

namespace Ricamo\Core\Line;

/** How wide a line is along it: as a hand pressed, and narrow towards the ends of what is drawn of it. */
final readonly class Widths
{
    /**
     * @param  list<float>  $pressed  evenly along the whole line, in per cent; none where it is as wide all along
     * @param  float  $begin  over which share of what is drawn it becomes as wide as it is
     * @param  float  $end  over which share it becomes narrow again
     */
    public function __construct(private array $pressed, private float $begin, private float $end)
    {
    }

    public function isEven(): bool
    {
        return $this->pressed === [] && $this->begin <= 0 && $this->end <= 0;
    }

    /**
     * 1 for as wide as it is.
     *
     * @param  float  $share  of the whole line
     * @param  float  $drawn  of what is drawn
     */
    public function at(float $share, float $drawn): float
    {
        return $this->pressedAt($share) * max(
            0.0, min(1.0, $this->begin > 0 ? $drawn / $this->begin : 1.0, $this->end > 0 ? (1 - $drawn) / $this->end : 1.0),
        );
    }

    private function pressedAt(float $share): float
    {
        $last = count($this->pressed) - 1;
        if ($last < 1) {
            return ($this->pressed[0] ?? 100.0) / 100;
        }
        $at = max(0.0, min(1.0, $share)) * $last;
        $index = min($last - 1, (int) floor($at));

        return ($this->pressed[$index] + ($this->pressed[$index + 1] - $this->pressed[$index]) * ($at - $index)) / 100;
    }
}
