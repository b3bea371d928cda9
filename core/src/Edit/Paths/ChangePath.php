<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Paths;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Together;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Path\Knot;
use Ricamo\Core\Path\Segment;
use Ricamo\Core\Refusal;

/**
 * Puts in, takes away, smooths or sharpens a point of a path; closes, opens or turns round its line; begins it at another point;
 * cuts it there, or joins its ends. All keyframes of it that have the same points are changed alike.
 */
final readonly class ChangePath implements CompositionEdit
{
    /**
     * @param  int  $knot  a point of the line; one that is put in comes after it
     * @param  float  $at  where on the way to the next one it comes, 0 to 1
     */
    public function __construct(
        #[Together] private PathTarget $target,
        #[Field] private PathChange $change,
        #[Field(least: 0, most: 100_000)] private int $contour = 0,
        #[Field(least: 0, most: 100_000)] private int $knot = 0,
        #[Field(least: 0, most: 1)] private float $at = 0.5,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $path = $this->target->path($composition);
        $changed = $this->changed($path);
        if ($changed->all === []) {
            throw new Refusal('Nothing would be left of that path');
        }

        return $this->target->with($composition, $this->target->property($composition)->mapValues(
            fn (mixed $value): mixed => $value instanceof Contours && $value->isLike($path)
                ? PathTarget::exact($this->changed($value))
                : $value,
        ));
    }

    public function title(): string
    {
        return $this->change->title();
    }

    private function changed(Contours $path): Contours
    {
        $contour = PathTarget::contour($path, $this->contour);
        $knot = $contour->knots[$this->knot] ?? throw new Refusal("There is no point {$this->knot} in that line");

        return match ($this->change) {
            PathChange::Insert => PathTarget::replacing($path, $this->contour, $this->inserted($contour)),
            PathChange::Remove => PathTarget::replacing($path, $this->contour, $this->without($contour)),
            PathChange::Smooth => $this->knotReplaced($path, $contour, $this->smoothed($contour, $knot)),
            PathChange::Sharpen => $this->knotReplaced($path, $contour, new Knot($knot->at)),
            PathChange::Close, PathChange::Open => PathTarget::replacing(
                $path, $this->contour, new Contour($contour->knots, $this->change === PathChange::Close),
            ),
            PathChange::Reverse => PathTarget::replacing($path, $this->contour, $contour->reversed()),
            PathChange::Start => PathTarget::replacing($path, $this->contour, $contour->startingAt($this->knot)),
            PathChange::Cut => $this->cut($path, $contour),
            PathChange::Join => self::joined($path, $this->contour),
        };
    }

    private function knotReplaced(Contours $path, Contour $contour, Knot $knot): Contours
    {
        $knots = $contour->knots;
        $knots[$this->knot] = $knot;

        return PathTarget::replacing($path, $this->contour, new Contour(array_values($knots), $contour->closed));
    }

    /** With one more point, which changes nothing of its course. */
    private function inserted(Contour $contour): Contour
    {
        $count = count($contour->knots);
        if ($this->knot === $count - 1 && ! $contour->closed) {
            throw new Refusal('The line ends there');
        }
        if ($count >= Contours::MOST) {
            throw new Refusal('A path has '.Contours::MOST.' points at most');
        }
        $next = ($this->knot + 1) % $count;
        $knots = $contour->knots;
        if ($knots[$this->knot]->out == new Point(0, 0) && $knots[$next]->in == new Point(0, 0)) {
            array_splice($knots, $this->knot + 1, 0, [new Knot($knots[$this->knot]->at->mix($knots[$next]->at, $this->at))]);

            return new Contour($knots, $contour->closed);
        }
        [$one, $two] = Segment::between($knots[$this->knot], $knots[$next])->split($this->at);
        $from = $knots[$this->knot];
        $to = $knots[$next];
        $knots[$this->knot] = new Knot($from->at, $from->in, new Point($one->x1 - $one->x0, $one->y1 - $one->y0));
        $knots[$next] = new Knot(
            $to->at, new Point($two->x2 - $two->x3, $two->y2 - $two->y3), $next === $this->knot ? $knots[$next]->out : $to->out,
        );
        array_splice($knots, $this->knot + 1, 0, [new Knot(
            new Point($two->x0, $two->y0), new Point($one->x2 - $one->x3, $one->y2 - $one->y3),
            new Point($two->x1 - $two->x0, $two->y1 - $two->y0),
        )]);

        /** @var non-empty-list<Knot> $knots */
        return new Contour($knots, $contour->closed);
    }

    private function without(Contour $contour): ?Contour
    {
        $knots = $contour->knots;
        array_splice($knots, $this->knot, 1);

        return count($knots) < 2 ? null : new Contour($knots, $contour->closed);
    }

    /** Handles along the line between its neighbours, a third of the way to each: as Catmull and Rom have them. */
    private function smoothed(Contour $contour, Knot $knot): Knot
    {
        $count = count($contour->knots);
        $before = $contour->knots[$this->knot - 1] ?? ($contour->closed ? $contour->knots[$count - 1] : $knot);
        $after = $contour->knots[$this->knot + 1] ?? ($contour->closed ? $contour->knots[0] : $knot);
        $way = $after->at->minus($before->at);
        $length = hypot($way->x, $way->y);
        if ($length < 1e-9) {
            return $knot;
        }
        $far = fn (Knot $other): float => hypot($other->at->x - $knot->at->x, $other->at->y - $knot->at->y) / 3 / $length;

        return new Knot(
            $knot->at,
            new Point(-$way->x * $far($before), -$way->y * $far($before)),
            new Point($way->x * $far($after), $way->y * $far($after)),
        );
    }

    /** A closed line is opened there; an open one falls into two. */
    private function cut(Contours $path, Contour $contour): Contours
    {
        if ($contour->closed) {
            $turned = $contour->startingAt($this->knot);

            return PathTarget::replacing($path, $this->contour, new Contour([...$turned->knots, $turned->knots[0]], false));
        }
        [$one, $two] = [array_slice($contour->knots, 0, $this->knot + 1), array_slice($contour->knots, $this->knot)];
        if (count($one) < 2 || count($two) < 2) {
            throw new Refusal('The line ends there');
        }
        $all = $path->all;
        array_splice($all, $this->contour, 1, [new Contour($one, false), new Contour($two, false)]);

        return new Contours($all);
    }

    /**
     * The end of an open line with the nearer end of the open line that is nearest to it; where there is no other, with its own
     * beginning.
     */
    private static function joined(Contours $path, int $number): Contours
    {
        $own = $path->all[$number];
        $end = $own->knots[count($own->knots) - 1]->at;
        [$best, $least] = [null, PHP_FLOAT_MAX];
        foreach ($path->all as $index => $other) {
            foreach ($index === $number || $other->closed ? [] : [$other, $other->reversed()] as $way) {
                $far = hypot($way->knots[0]->at->x - $end->x, $way->knots[0]->at->y - $end->y);
                [$best, $least] = $far < $least ? [[$index, $way], $far] : [$best, $least];
            }
        }
        if ($own->closed || $best === null) {
            return PathTarget::replacing($path, $number, new Contour($own->knots, true));
        }
        $all = $path->all;
        $all[$number] = new Contour([...$own->knots, ...$best[1]->knots], false);
        unset($all[$best[0]]);

        return new Contours(array_values($all));
    }
}
