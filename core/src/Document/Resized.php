<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Geometry\Point;

/** How a composition's size has changed, and what its layers do then. */
final readonly class Resized
{
    /**
     * @param  ?float  $factor  by which its layers grow or shrink about the middle; null where they stay where they are, counted from the
     *     top left corner
     */
    public function __construct(private Composition $before, private Composition $now, private ?float $factor)
    {
    }

    /** By how much layers grow. */
    public function factor(): float
    {
        return $this->factor ?? 1.0;
    }

    /** By how much the distance grows from which a composition is seen without a camera. */
    public function away(): float
    {
        return $this->now->width / $this->before->width;
    }

    /** Where a place comes to lie that keeps its distance from the middle, but for what it is scaled by. */
    public function aboutMiddle(Point $point): Point
    {
        $factor = $this->factor();

        return new Point(
            round($this->now->width / 2 + $factor * ($point->x - $this->before->width / 2), 3),
            round($this->now->height / 2 + $factor * ($point->y - $this->before->height / 2), 3),
        );
    }

    /** What is seen, with its place, its scale and its depth. */
    public function placed(Layer $layer): Layer
    {
        return $this->factor !== null ? Axes::through($layer, $this->moved(...)) : $layer;
    }

    private function moved(Layer $layer): Layer
    {
        $factor = $this->factor();

        return $layer->with(['properties' => [
            ...$layer->properties,
            'position' => $layer->properties['position']->mapPoints($this->aboutMiddle(...)),
            ...($factor === 1.0 ? [] : ['scale' => $layer->properties['scale']->mapPoints(
                fn (Point $scale): Point => new Point(round($scale->x * $factor, 6), round($scale->y * $factor, 6)),
            )]),
            ...($factor === 1.0 || ! $layer->hasDepth ? [] : ['z' => Depth::scaled($layer->properties['z'], $factor)]),
        ]]);
    }
}
