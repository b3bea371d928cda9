<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Evaluate\Pose;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;

/** Several layers that are handled as one picture. What is in a group that is among them goes along with it. */
final readonly class Block
{
    /** @param  list<array{Layer, Pose}>  $parts */
    private function __construct(private array $parts, private int $frame, public ?Box $bounds)
    {
    }

    /** @param  list<string>  $layers  of which those that have no place in the picture are left out */
    public static function of(Composition $composition, Evaluator $evaluator, array $layers, int $frame): self
    {
        [$parts, $bounds] = [[], null];
        foreach ($composition->layers->tree()->outermost($layers) as $id) {
            $layer = $composition->layer($id);
            if ($layer->kind->isSeen()) {
                $pose = $evaluator->pose($layer, $composition, $frame);
                $parts[] = [$layer, $pose];
                $bounds = $bounds?->union($pose->bounds()) ?? $pose->bounds();
            }
        }

        return new self($parts, $frame, $bounds);
    }

    /** All of them, larger by a factor around $from, which then is at $to; both in composition pixels. */
    public function placed(Composition $composition, float $factor, Point $from, Point $to, Scope $scope): Composition
    {
        foreach ($this->parts as [$layer, $pose]) {
            $middle = $pose->box->centre();
            $now = $pose->matrix->apply($middle);
            $at = $to->plus($now->minus($from)->times($factor));
            $composition = $factor === 1.0
                ? $this->moved($composition, $layer, $at->minus($now), $scope)
                : $this->grown($composition, $layer, $pose->box, $factor, $middle, $at, $scope);
        }

        return $composition;
    }

    private function moved(Composition $composition, Layer $layer, Point $by, Scope $scope): Composition
    {
        $place = $layer->point('position', $this->frame)->plus($composition->asCounted($by, $layer->id, $this->frame));

        return PropertyTarget::put($composition, $layer, 'position', $this->frame, $place, $scope);
    }

    /** @param  Point  $at  where its middle comes to be, in composition pixels */
    private function grown(
        Composition $composition, Layer $layer, Box $box, float $factor, Point $middle, Point $at, Scope $scope,
    ): Composition {
        $pulled = new PulledBox($layer, $this->frame, $box);

        return $pulled->seenAt($pulled->extent()->times($factor), $middle, new Point(0, 0))
            ->put($composition, $composition->space($layer->id, $this->frame)->inverse()->apply($at), $scope);
    }
}
