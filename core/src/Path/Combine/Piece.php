<?php

declare(strict_types=1);

namespace Ricamo\Core\Path\Combine;

use Ricamo\Core\Path\Segment;

/** A part of a segment between two corners of an arrangement, with what is inside at its right. */
final readonly class Piece
{
    /** @param  bool  $back  whether it goes from `to` to `from` of its segment */
    public function __construct(
        public Run $run,
        public float $from,
        public float $to,
        public int $begin,
        public int $end,
        public bool $back = false,
    ) {
    }

    public function reversed(): self
    {
        return new self($this->run, $this->from, $this->to, $this->end, $this->begin, ! $this->back);
    }

    /** From its beginning to its end. */
    public function curve(): Segment
    {
        $curve = $this->run->whole->part($this->from, $this->to);

        return $this->back ? $curve->reversed() : $curve;
    }

    /** Whether another one goes on on the same segment where this ends. */
    public function goesOnAs(self $next): bool
    {
        return $this->run->source === $next->run->source && $this->back === $next->back
            && abs($this->back ? $this->from - $next->to : $this->to - $next->from) < 1e-9;
    }

    public function joined(self $next): self
    {
        return new self($this->run, min($this->from, $next->from), max($this->to, $next->to), $this->begin, $next->end, $this->back);
    }
}
