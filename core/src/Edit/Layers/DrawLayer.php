<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Kinds;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Picture\OnPicture;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Guide\Lines;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;

/**
 * Puts a layer on top of the stack as large as it is drawn in the picture, from one corner to the other: a shape or a window fills that
 * box, a line leads from the one to the other, words break within its width and begin at its top, all else stands
 * in its middle and begins at its top. `layer` is as `add-layer` takes
 * it. With `even` both sides are as long as the longer one, and a line goes by steps of 45°; with `centred` it is drawn from its middle.
 * With `snap`, the second corner is drawn to a guide that is as near as that many pixels. Shorter than one pixel in both directions, it
 * is as large as it would be by itself, around the first corner.
 */
final readonly class DrawLayer implements CompositionEdit
{
    public function __construct(
        #[Field] private Node $layer,
        #[Frame] private int $frame,
        #[OnPicture] private Point $from,
        #[OnPicture] private Point $to,
        #[Field] private bool $even = false,
        #[Field] private bool $centred = false,
        #[Field(least: 0, most: 1000)] private float $snap = 0.0,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $kind = Kinds::read($this->layer->field('kind'));
        if (! $kind->isSeen()) {
            $this->layer->field('kind')->refuse('has no place in the picture');
        }
        $to = $this->to->plus($this->pull($composition, $evaluator));
        $by = $to->minus($this->from);
        if (abs($by->x) < 1 && abs($by->y) < 1) {
            return $this->added($composition, $evaluator, ['position' => [$this->from->x, $this->from->y]]);
        }
        $by = $this->even ? $kind->evened($this->layer, $by) : $by;
        $from = $this->centred ? $this->from->minus($by) : $this->from;
        $to = $this->from->plus($by);
        $added = $this->added($composition, $evaluator, $kind->drawn($this->layer, $from, $to));
        $layer = $added->layers[count($added->layers) - 1];
        // Words stand on a line, which lies as far beneath the top of the box as the font says.
        $down = min($from->y, $to->y) - $evaluator->pose($layer, $added, $this->frame)->bounds()->top;

        return abs($down) < 5e-4 ? $added : PropertyTarget::put(
            $added, $layer, 'position', $this->frame, $layer->point('position', $this->frame)->plus(new Point(0, $down)), Scope::Playhead,
        );
    }

    public function title(): string
    {
        return 'draw a layer';
    }

    /** @param  array<string, mixed>  $drawn */
    private function added(Composition $composition, Evaluator $evaluator, array $drawn): Composition
    {
        $layer = new Node([...$this->layer->object(), ...$drawn], $this->layer);

        return (new AddLayer($layer, $this->frame))->apply($composition, $evaluator);
    }

    /** How far the second corner is drawn to a guide. */
    private function pull(Composition $composition, Evaluator $evaluator): Point
    {
        $at = new Box($this->to->x, $this->to->y, $this->to->x, $this->to->y);

        return $this->snap > 0 && ! $this->even
            ? Lines::of($composition, $evaluator, $this->frame, [])->pull($at, $this->snap)
            : new Point(0, 0);
    }
}
