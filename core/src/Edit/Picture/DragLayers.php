<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Document\Axes;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Guide\Lines;
use Ricamo\Core\Json\Field;

/**
 * Moves layers on the picture by a distance in composition pixels; `straight` keeps to the longer axis. With `snap`, what
 * comes as near as that many pixels to a guide is drawn to it.
 */
final readonly class DragLayers implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Frame] private int $frame,
        #[OnPicture] private Point $by,
        #[Field] private bool $straight = false,
        #[Field(least: 0, most: 1000)] private float $snap = 0.0,
        #[Field] private Scope $scope = Scope::Playhead,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $by = $this->distance($composition, $evaluator);
        // What is in a group that is dragged goes along.
        foreach ($composition->layers->tree()->outermost($this->layers) as $id) {
            $layer = $composition->layer($id);
            $place = $layer->point('position', $this->frame)->plus($composition->asCounted($by, $id, $this->frame));
            $composition = PropertyTarget::put($composition, $layer, 'position', $this->frame, $place, $this->scope);
        }

        return $composition;
    }

    public function title(): string
    {
        return 'move';
    }

    private function distance(Composition $composition, Evaluator $evaluator): Point
    {
        $free = match (true) {
            ! $this->straight => new Point(1, 1),
            abs($this->by->x) >= abs($this->by->y) => new Point(1, 0),
            default => new Point(0, 1),
        };
        $by = new Point($this->by->x * $free->x, $this->by->y * $free->y);
        if ($this->snap <= 0) {
            return $by;
        }
        $bounds = array_map(
            fn (string $id): Box => $evaluator->pose($composition->layer($id), $composition, $this->frame)->bounds(), $this->layers,
        );
        $moved = array_reduce($bounds, fn (Box $all, Box $one): Box => $all->union($one), $bounds[0])->translated($by);
        $pull = Lines::of(
            $composition, $evaluator, $this->frame, $this->layers,
        )->with($this->ghosts($composition, $evaluator))->pull($moved, $this->snap);

        return new Point($by->x + $pull->x * $free->x, $by->y + $pull->y * $free->y);
    }

    /** @return list<Box> where a lone layer is at its keyframes before and after */
    private function ghosts(Composition $composition, Evaluator $evaluator): array
    {
        if (count($this->layers) !== 1) {
            return [];
        }
        $layer = $composition->layer($this->layers[0]);
        $frames = Axes::frames($layer);
        $near = [
            ...array_slice(array_filter($frames, fn (int $at): bool => $at < $this->frame), -1),
            ...array_slice(array_filter($frames, fn (int $at): bool => $at > $this->frame), 0, 1),
        ];

        return array_map(fn (int $at): Box => $evaluator->pose($layer, $composition, $at)->bounds(), $near);
    }
}
