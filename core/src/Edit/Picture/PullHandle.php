<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Values\PropertyTarget;
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
 * Scales a layer by one of its eight handles, pulled by a distance in composition pixels. What is opposite the handle
 * stays where it is; with `centred`, the middle does. Proportions are kept where the scale is linked, or with
 * `proportional`. With `snap`, an edge that comes as near as that many pixels to a guide, or a side to the length that
 * another layer has, is drawn to it; a layer that stands askew is not.
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
        if ($box->width() <= 0 || $box->height() <= 0) {
            throw new Refusal("\"{$layer->name}\" is empty: it has no handles to pull");
        }
        $scale = $layer->point('scale', $this->frame);
        $pivot = $this->centred ? $box->centre() : $this->handle->opposite($box);
        $stillAt = $layer->matrix($this->frame)->apply($pivot);
        $by = $composition->asCounted($this->by, $layer->id, $this->frame);
        $scaled = $this->newScale($layer, $this->handle->on($box), $scale, $pivot, $stillAt, $by);
        // Lines of the frame mean nothing to the sides of what is in a group that is placed elsewhere.
        if ($this->snap > 0 && $composition->space($layer->id, $this->frame)->isIdentity()) {
            $scaled = $this->drawnIn(
                $layer,
                $this->handle->on($box)->minus($pivot),
                $box,
                $scaled,
                $stillAt,
                Lines::of($composition, $evaluator, $this->frame, [$layer->id]),
            );
        }

        $factor = new Point($scaled->x / ($scale->x ?: 1), $scaled->y / ($scale->y ?: 1));
        $isSized = $layer->kind->isSizedByHandles();
        // The position that leaves the pivot where it was under the new scale; the anchor stays where it is in a layer that is sized.
        [$anchor, $now] = [
            $layer->point('anchor', $this->frame), $isSized ? new Point($pivot->x * $factor->x, $pivot->y * $factor->y) : $pivot,
        ];
        $under = $isSized ? $scale : $scaled;
        $fromPosition = Affine::rotation($layer->number('rotation', $this->frame))
            ->after(Affine::scaling($under->x / 100, $under->y / 100))
            ->apply($now->minus($anchor));
        $position = $stillAt->minus($fromPosition);
        $moved = ! $this->near($position, $layer->point('position', $this->frame));

        $size = new Point($box->width() * abs($factor->x), $box->height() * abs($factor->y));
        $composition = $isSized
            ? PropertyTarget::put($composition, $layer, 'size', $this->frame, $size, $this->scope)
            : PropertyTarget::put($composition, $layer, 'scale', $this->frame, $scaled, $this->scope);

        return $moved ? PropertyTarget::put($composition, $layer, 'position', $this->frame, $position, $this->scope) : $composition;
    }

    public function title(): string
    {
        return 'scale';
    }

    private function newScale(Layer $layer, Point $handle, Point $scale, Point $pivot, Point $stillAt, Point $by): Point
    {
        $unturn = Affine::rotation(-$layer->number('rotation', $this->frame));
        $arm = $handle->minus($pivot);
        $now = new Point($arm->x * $scale->x / 100, $arm->y * $scale->y / 100);
        $pulled = $unturn->apply($layer->matrix($this->frame)->apply($handle)->plus($by)->minus($stillAt));
        if ($layer->switches->scaleLinked || $this->proportional) {
            $length = $now->dot($now);
            $factor = $length > 0 ? $pulled->dot($now) / $length : throw new Refusal('a layer scaled to nothing has no handles to pull');

            return new Point($scale->x * $factor, $scale->y * $factor);
        }

        return new Point(
            $arm->x === 0.0 ? $scale->x : 100 * $pulled->x / $arm->x,
            $arm->y === 0.0 ? $scale->y : 100 * $pulled->y / $arm->y,
        );
    }

    /** @param  Point  $arm  from what stands still to the handle, in the layer's own space */
    private function drawnIn(Layer $layer, Point $arm, Box $box, Point $scale, Point $stillAt, Lines $lines): Point
    {
        $turns = $layer->number('rotation', $this->frame) / 180;
        if (abs($turns - round($turns)) > 1e-9) {
            return $scale;
        }
        $way = round($turns) % 2 === 0 ? 1.0 : -1.0;
        $x = $this->drawnFactor(Axis::X, $way * $arm->x * $scale->x / 100, $stillAt->x, $box->width() * $scale->x / 100, $lines);
        $y = $this->drawnFactor(Axis::Y, $way * $arm->y * $scale->y / 100, $stillAt->y, $box->height() * $scale->y / 100, $lines);
        if ($layer->switches->scaleLinked || $this->proportional) {
            [$factor] = $x[1] <= $y[1] ? $x : $y;

            return new Point($scale->x * $factor, $scale->y * $factor);
        }

        return new Point($scale->x * $x[0], $scale->y * $y[0]);
    }

    /**
     * By what the scale along an axis is multiplied so that the handle is drawn in, and how far the handle goes for that.
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
        // The handle goes half as far as the length changes where the middle stands still.
        $reach = abs($arm / $length);
        $size = $lines->sizes->nearest($axis, abs($length), $this->snap / $reach);
        $bySize = $size === null ? $none : [$size / abs($length), abs($size - abs($length)) * $reach];

        return $bySize[1] <= $byLine[1] ? $bySize : $byLine;
    }

    private function near(Point $a, Point $b): bool
    {
        return abs($a->x - $b->x) < 0.0005 && abs($a->y - $b->y) < 0.0005;
    }
}
