<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\View;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Refusal;

/**
 * Scales layers to the frame and puts their middles in its middle. What is turned is scaled as it would be upright, and
 * stays turned. With `together` they are framed as one block, which keeps its shape: shapes and windows by their size, all else by
 * their scale; as `original` it stays as large as it is.
 */
final readonly class FrameLayers implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Frame] private int $frame,
        #[Field] private Framing $as,
        #[Field] private bool $together = false,
        #[Field] private Scope $scope = Scope::Playhead,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        if ($this->together) {
            return $this->asOne($composition, Block::of($composition, $evaluator, $this->layers, $this->frame));
        }
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            $box = $evaluator->pose($layer, $composition, $this->frame)->box;
            $space = $composition->space($id, $this->frame)->inverse();
            // As far away as the layer, the frame is as much larger.
            $whole = new Box(0, 0, $composition->width, $composition->height);
            $frame = $space->bounds(View::ofPlace($layer, $composition, $this->frame)?->upright()?->inverse()->bounds($whole) ?? $whole);
            [$x, $y] = $this->as->scales($box, new Size($frame->width(), $frame->height()));
            $scaled = PropertyTarget::put($composition, $layer, 'scale', $this->frame, new Point(100 * $x, 100 * $y), $this->scope);
            $place = $this->place($layer, $box, $x, $y, $frame->centre());
            $composition = PropertyTarget::put($scaled, $scaled->layer($id), 'position', $this->frame, $place, $this->scope);
        }

        return $composition;
    }

    private function asOne(Composition $composition, Block $block): Composition
    {
        if ($block->bounds === null) {
            return $composition;
        }
        [$x, $y] = $this->as->scales($block->bounds, new Size($composition->width, $composition->height));
        if ($x !== $y) {
            throw new Refusal('a block keeps its shape: to stretch layers, frame each by itself');
        }

        return $block->placed(
            $composition, $x, $block->bounds->centre(), new Point($composition->width / 2, $composition->height / 2), $this->scope,
        );
    }

    public function title(): string
    {
        return match ($this->as) {
            Framing::Fit => 'fit to the frame',
            Framing::Fill => 'fill the frame',
            Framing::Original => 'original size',
            Framing::Stretch => 'stretch to the frame',
        };
    }

    /** Where the anchor has to be for the middle of the box to be in the middle of the frame. */
    private function place(Layer $layer, Box $box, float $x, float $y, Point $middle): Point
    {
        $fromAnchor = $box->centre()->minus($layer->point('anchor', $this->frame));
        $turned = Affine::rotation($layer->number('rotation', $this->frame))->apply(new Point($x * $fromAnchor->x, $y * $fromAnchor->y));

        return $middle->minus($turned);
    }
}
