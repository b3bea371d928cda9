<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/**
 * The box of a layer that is made larger or smaller. What is sized grows around the layer's origin and keeps its scale; what is
 * scaled keeps its box. Either is then placed so that one of its points stays where it was.
 */
final readonly class PulledBox
{
    public Point $scale;

    /** Whether size is changed, or the points of a path, rather than scale. */
    public bool $isSized;

    /**
     * @param  Point  $to  how wide and high it becomes in its own pixels where it is sized, by what its scale is else, in per cent
     * @param  Point  $still  the point that stays where it was, in the layer's own pixels before
     * @param  Point  $now  the same after
     */
    public function __construct(
        private Layer $layer,
        private int $frame,
        public Box $box,
        private Point $to = new Point(0, 0),
        private Point $still = new Point(0, 0),
        private Point $now = new Point(0, 0),
    ) {
        $this->scale = $layer->point('scale', $frame);
        $this->isSized = $layer->kind->pulls($layer, $frame) !== 'scale';
    }

    /** How wide and high it is seen before it is turned, as its placement counts. */
    public function extent(): Point
    {
        return new Point($this->box->width() * $this->scale->x / 100, $this->box->height() * $this->scale->y / 100);
    }

    /**
     * Seen as large as this, before it is turned.
     *
     * @param  Point  $extent  as its placement counts; negative where it is turned over
     * @param  Point  $pivot  what stands still, in its own pixels
     * @param  Point  $side  on which side that is along each axis: −1, 1, or 0 for the middle
     *
     * @throws Refusal where it is scaled to nothing, or has no length to be scaled
     */
    public function seenAt(Point $extent, Point $pivot, Point $side): self
    {
        $x = $this->along($extent->x, $this->box->width(), $this->scale->x, $pivot->x, $side->x);
        $y = $this->along($extent->y, $this->box->height(), $this->scale->y, $pivot->y, $side->y);

        return new self($this->layer, $this->frame, $this->box, new Point($x[0], $y[0]), $pivot, new Point($x[1], $y[1]));
    }

    /** @param  Point  $at  where the point that stays is seen, as the layer's placement counts */
    public function put(Composition $composition, Point $at, Scope $scope): Composition
    {
        $layer = $this->layer;
        $scale = $this->isSized ? $this->scale : $this->to;
        $values = $this->isSized
            ? $layer->kind->sized($layer, $this->frame, $this->to, $this->now->minus($this->still))
            : ['scale' => [round($this->to->x, 3), round($this->to->y, 3)]];
        foreach ($values as $name => $value) {
            $target = PropertyTarget::of($layer, $name);
            $checked = $target->definition($layer)->read(new Node($value, $name));
            $composition = $target->set($composition, $this->frame, $checked, $scope);
        }
        $from = Affine::rotation($layer->number('rotation', $this->frame))
            ->after(Affine::scaling($scale->x / 100, $scale->y / 100))
            ->apply($this->now->minus($layer->point('anchor', $this->frame)));
        [$position, $before] = [$at->minus($from), $layer->point('position', $this->frame)];

        return abs($position->x - $before->x) < 0.0005 && abs($position->y - $before->y) < 0.0005
            ? $composition
            : PropertyTarget::put($composition, $layer, 'position', $this->frame, $position, $scope);
    }

    /** @return array{float, float} along one axis what it becomes, and where the point that stays then is in it */
    private function along(float $extent, float $length, float $scale, float $pivot, float $side): array
    {
        if (! $this->isSized) {
            return match (true) {
                $length > 0 => [100 * $extent / $length, $pivot],
                $extent === 0.0 => [$scale, $pivot],
                default => throw new Refusal("\"{$this->layer->name}\" has no length that could be scaled"),
            };
        }
        if ($scale === 0.0) {
            return $extent === 0.0 ? [$length, $pivot] : throw new Refusal('a layer scaled to nothing has no handles to pull');
        }
        $to = 100 * $extent / $scale;

        return [$to, $length > 0 ? $pivot * $to / $length : $side * $to / 2];
    }
}
