<?php

declare(strict_types=1);

namespace Ricamo\Core\Path;

use Ricamo\Core\Geometry\Point;

/** One line through knots, open or closed. */
final class Contour
{
    /** @var list<Segment>|null */
    private ?array $segments = null;

    private ?Along $along = null;

    /** @param  non-empty-list<Knot>  $knots */
    public function __construct(public readonly array $knots, public readonly bool $closed)
    {
    }

    /** @return list<Segment> of a closed one with that from the last knot back to the first */
    public function segments(): array
    {
        if ($this->segments === null) {
            $this->segments = [];
            $count = count($this->knots);
            for ($index = 0; $index < $count - ($this->closed ? 0 : 1); $index++) {
                $this->segments[] = Segment::between($this->knots[$index], $this->knots[($index + 1) % $count]);
            }
        }

        return $this->segments;
    }

    /** Distances along it, of which those that were asked for are kept. */
    public function along(): Along
    {
        return $this->along ??= new Along($this);
    }

    public function length(): float
    {
        return array_sum(array_map(fn (Segment $one): float => $one->length(), $this->segments()));
    }

    /** Twice the area that its knots enclose: positive where it goes round clockwise, as y points down. */
    public function winding(): float
    {
        $sum = 0.0;
        $last = $this->knots[count($this->knots) - 1]->at;
        foreach ($this->knots as $knot) {
            $sum += $last->x * $knot->at->y - $knot->at->x * $last->y;
            $last = $knot->at;
        }

        return $sum;
    }

    /** The line run the other way round; where it is closed, from the same first knot. */
    public function reversed(): self
    {
        $back = array_map(fn (Knot $knot): Knot => $knot->reversed(), array_reverse($this->knots));

        return new self($this->closed ? self::turned($back, count($back) - 1) : $back, $this->closed);
    }

    /** The closed line begun at another of its knots. */
    public function startingAt(int $index): self
    {
        return $this->closed ? new self(self::turned($this->knots, $index), true) : $this;
    }

    /** In the middle of its knots. */
    public function middle(): Point
    {
        $count = count($this->knots);

        return new Point(
            array_sum(array_map(fn (Knot $knot): float => $knot->at->x, $this->knots)) / $count,
            array_sum(array_map(fn (Knot $knot): float => $knot->at->y, $this->knots)) / $count,
        );
    }

    /** @param  non-empty-list<Segment>  $segments  each beginning where the one before ends */
    public static function through(array $segments, bool $closed): self
    {
        $knots = [];
        $count = count($segments);
        for ($index = 0; $index < $count + ($closed ? 0 : 1); $index++) {
            $next = $segments[$index] ?? null;
            $before = $segments[$index - 1] ?? ($closed ? $segments[$count - 1] : null);
            $at = $next !== null ? new Point($next->x0, $next->y0) : new Point($segments[$count - 1]->x3, $segments[$count - 1]->y3);
            $knots[] = new Knot(
                $at,
                $before === null ? new Point(0, 0) : new Point($before->x2 - $at->x, $before->y2 - $at->y),
                $next === null ? new Point(0, 0) : new Point($next->x1 - $at->x, $next->y1 - $at->y),
            );
        }

        /** @var non-empty-list<Knot> $knots */
        return new self($knots, $closed);
    }

    /**
     * @param  non-empty-list<Knot>  $knots
     * @return non-empty-list<Knot>
     */
    private static function turned(array $knots, int $index): array
    {
        return [...array_slice($knots, $index), ...array_slice($knots, 0, $index)] ?: $knots;
    }
}
