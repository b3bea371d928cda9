<?php

declare(strict_types=1);

namespace Ricamo\Core\Geometry;

/** An upright rectangle from (left, top) to (right, bottom). */
final readonly class Box
{
    public function __construct(public float $left, public float $top, public float $right, public float $bottom)
    {
    }

    public static function centred(float $width, float $height): self
    {
        return new self(-$width / 2, -$height / 2, $width / 2, $height / 2);
    }

    public function width(): float
    {
        return $this->right - $this->left;
    }

    public function height(): float
    {
        return $this->bottom - $this->top;
    }

    /** How long its shorter side is. */
    public function shorter(): float
    {
        return min($this->width(), $this->height());
    }

    public function longer(): float
    {
        return max($this->width(), $this->height());
    }

    public function centre(): Point
    {
        return new Point(($this->left + $this->right) / 2, ($this->top + $this->bottom) / 2);
    }

    /** @param  non-empty-list<Point>  $points */
    public static function around(array $points): self
    {
        $x = array_map(fn (Point $point): float => $point->x, $points);
        $y = array_map(fn (Point $point): float => $point->y, $points);

        return new self(min($x), min($y), max($x), max($y));
    }

    /** @return array{Point, Point, Point, Point} clockwise from the top left */
    public function corners(): array
    {
        return [
            new Point($this->left, $this->top), new Point($this->right, $this->top),
            new Point($this->right, $this->bottom), new Point($this->left, $this->bottom),
        ];
    }

    public function translated(Point $by): self
    {
        return new self($this->left + $by->x, $this->top + $by->y, $this->right + $by->x, $this->bottom + $by->y);
    }

    public function grown(float $by): self
    {
        return new self($this->left - $by, $this->top - $by, $this->right + $by, $this->bottom + $by);
    }

    public function union(self $other): self
    {
        return new self(
            min($this->left, $other->left), min($this->top, $other->top),
            max($this->right, $other->right), max($this->bottom, $other->bottom),
        );
    }

    public function intersection(self $other): ?self
    {
        $box = new self(
            max($this->left, $other->left), max($this->top, $other->top),
            min($this->right, $other->right), min($this->bottom, $other->bottom),
        );

        return $box->width() > 0 && $box->height() > 0 ? $box : null;
    }

    /** @return array{float, float, float, float} left, top, right, bottom */
    public function toJson(): array
    {
        return [$this->left, $this->top, $this->right, $this->bottom];
    }
}
