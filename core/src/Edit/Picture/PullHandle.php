<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Axis;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Guide\Lines;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Refusal;

/**
 * Makes a layer larger or smaller by one of its eight handles, pulled by a distance in composition pixels: shapes and windows
 * by their size, a path by its points, so that rounding and outlines stay as wide as they are; all others, and shapes that are
 * repeated, by their scale. What is opposite the handle stays where it is; with `centred`, the middle does. Proportions are kept
 * where the scale is linked, or with `proportional`. With `snap`, an edge that comes as near as that many pixels to a
 * guide, or a side to the length that another layer has, is drawn to it; a layer that stands askew is not.
 */
final readonly class PullHandle implements CompositionEdit
{
    public function __construct(
        #[Id] private string $layer,
        #[Frame] private int $frame,
        #[Field] private Handle $handle,
        #[OnPicture] private Point $by,
        #[Field] private bool $centred = false,
        #[Field] private bool $proportional = false,
        #[Field(least: 0, most: 1000)] private float $snap = 0.0,
        #[Field] private Scope $scope = Scope::Playhead,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $layer = $composition->layer($this->layer);
        $box = $evaluator->pose($layer, $composition, $this->frame)->box;
        if ($box->width() <= 0 && $box->height() <= 0) {
            throw new Refusal("\"{$layer->name}\" is empty: it has no handles to pull");
        }
        $pulled = new PulledBox($layer, $this->frame, $box);
        $side = $this->handle->direction()->times($this->centred ? 0 : -1);
        $pivot = $this->centred ? $box->centre() : $this->handle->opposite($box);
        $stillAt = $layer->matrix($this->frame)->apply($pivot);
        $extent = $this->extent($layer, $pulled, $pivot, $stillAt, $this->byInPlane($composition, $layer, $box));
        // Lines of the frame mean nothing to the sides of what is in a group that is placed elsewhere.
        if ($this->snap > 0 && $composition->space($layer->id, $this->frame)->isIdentity()) {
            $lines = Lines::of($composition, $evaluator, $this->frame, [$layer->id]);
            $extent = $this->drawnIn($layer, $extent, $stillAt, $lines);
        }

        return InPlane::kept(
            $pulled->seenAt($extent, $pivot, $side)->put($composition, $stillAt, $this->scope), $layer, $this->frame, $this->scope,
        );
    }

    public function title(): string
    {
        return 'resize';
    }

    /** How far the handle goes in the layer's plane, as its placement counts. */
    private function byInPlane(Composition $composition, Layer $layer, Box $box): Point
    {
        $space = $composition->space($layer->id, $this->frame);
        $handle = $space->after($layer->matrix($this->frame))->apply($this->handle->on($box));
        $by = InPlane::moved($layer, $composition, $this->frame, $handle, $this->by)->minus($handle);

        return $space->isIdentity() ? $by : $space->inverse()->applyToDistance($by);
    }

    /** How many times as far the sides go as the handle: twice where the middle stands still. */
    private function times(): int
    {
        return $this->centred ? 2 : 1;
    }

    /** How wide and high the layer is to be seen before it is turned, as its placement counts; negative if it is pulled through itself. */
    private function extent(Layer $layer, PulledBox $pulled, Point $pivot, Point $stillAt, Point $by): Point
    {
        $handle = $this->handle->on($pulled->box);
        [$direction, $now] = [$this->handle->direction(), $pulled->extent()];
        $unturn = Affine::rotation(-$layer->number('rotation', $this->frame));
        $arm = $unturn->apply($layer->matrix($this->frame)->apply($handle)->plus($by)->minus($stillAt));
        if ($this->keepsProportions($layer)) {
            $own = $handle->minus($pivot);
            $before = new Point($own->x * $pulled->scale->x / 100, $own->y * $pulled->scale->y / 100);
            $length = $before->dot($before);

            return $length > 0
                ? $now->times($arm->dot($before) / $length)
                : throw new Refusal('a layer scaled to nothing has no handles to pull');
        }

        return new Point(
            $direction->x === 0.0 ? $now->x : $arm->x * $direction->x * $this->times(),
            $direction->y === 0.0 ? $now->y : $arm->y * $direction->y * $this->times(),
        );
    }

    private function keepsProportions(Layer $layer): bool
    {
        return $this->proportional || $layer->switches->scaleLinked;
    }

    private function drawnIn(Layer $layer, Point $extent, Point $stillAt, Lines $lines): Point
    {
        $turns = $layer->number('rotation', $this->frame) / 180;
        if (abs($turns - round($turns)) > 1e-9) {
            return $extent;
        }
        $way = (round($turns) % 2 === 0 ? 1 : -1) / $this->times();
        $direction = $this->handle->direction();
        $x = $this->drawnFactor(Axis::X, $way * $direction->x * $extent->x, $stillAt->x, $extent->x, $lines);
        $y = $this->drawnFactor(Axis::Y, $way * $direction->y * $extent->y, $stillAt->y, $extent->y, $lines);
        if ($this->keepsProportions($layer)) {
            [$factor] = $x[1] <= $y[1] ? $x : $y;

            return $extent->times($factor);
        }

        return new Point($extent->x * $x[0], $extent->y * $y[0]);
    }

    /**
     * By what the length along an axis is multiplied so that the handle is drawn in, and how far the handle goes for that.
     *
     * @param  float  $arm  from what stands still to the handle, in composition pixels
     * @param  float  $length  of the layer along the axis
     * @return array{float, float}
     */
    private function drawnFactor(Axis $axis, float $arm, float $stillAt, float $length, Lines $lines): array
    {
        $none = [1.0, INF];
        if ($arm === 0.0) {
            return $none;
        }
        $line = $lines->near($axis, $stillAt + $arm, $this->snap);
        $byLine = $line === null ? $none : [($line - $stillAt) / $arm, abs($line - $stillAt - $arm)];
        $size = $lines->sizes->nearest($axis, abs($length), $this->snap * $this->times());
        $bySize = $size === null ? $none : [$size / abs($length), abs($size - abs($length)) / $this->times()];

        return $bySize[1] <= $byLine[1] ? $bySize : $byLine;
    }
}
