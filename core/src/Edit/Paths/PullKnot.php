<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Paths;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Picture\OnPicture;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Together;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Knot;
use Ricamo\Core\Refusal;

/**
 * Moves a point of a path, or one of its two handles, by a distance in composition pixels. The other handle of a smooth point
 * turns along, unless that is `broken`; out of a corner both are pulled at once.
 */
final readonly class PullKnot implements CompositionEdit
{
    public function __construct(
        #[Together] private PathTarget $target,
        #[Field(least: 0, most: 100_000)] private int $contour,
        #[Field(least: 0, most: 100_000)] private int $knot,
        #[OnPicture] private Point $by,
        #[Field(oneOf: ['at', 'in', 'out'])] private string $part = 'at',
        #[Field('whether the other handle stays')] private bool $broken = false,
        #[Field] private Scope $scope = Scope::Playhead,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $path = $this->target->path($composition);
        $contour = PathTarget::contour($path, $this->contour);
        $knots = $contour->knots;
        if (! isset($knots[$this->knot])) {
            throw new Refusal("There is no point {$this->knot} in that line");
        }
        $knots[$this->knot] = $this->pulled($knots[$this->knot], $this->target->distance($composition, $this->by));
        $changed = PathTarget::exact(PathTarget::replacing($path, $this->contour, new Contour(array_values($knots), $contour->closed)));

        return PropertyTarget::of($this->target->layer($composition), $this->target->name())->set(
            $composition, $this->target->frame, $changed, $this->scope,
        );
    }

    public function title(): string
    {
        return $this->part === 'at' ? 'move point' : 'bend path';
    }

    private function pulled(Knot $knot, Point $by): Knot
    {
        if ($this->part === 'at') {
            return new Knot($knot->at->plus($by), $knot->in, $knot->out);
        }
        [$own, $other] = $this->part === 'out' ? [$knot->out, $knot->in] : [$knot->in, $knot->out];
        $pulled = $own->plus($by);
        if (! $this->broken && ($knot->isSmooth() || $knot->isCorner())) {
            // On one line with it: as long as it was, or out of a corner as long as what is pulled.
            $long = hypot($pulled->x, $pulled->y);
            $share = $long < 1e-9 ? 0.0 : ($knot->isCorner() ? $long : hypot($other->x, $other->y)) / $long;
            $other = new Point(-$pulled->x * $share, -$pulled->y * $share);
        }

        return $this->part === 'out' ? new Knot($knot->at, $other, $pulled) : new Knot($knot->at, $pulled, $other);
    }
}
