<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Value\Length;

/** What the settings of an effect come to at a moment. */
final readonly class Values
{
    /** @param  array<string, mixed>  $values  by the name of the setting */
    public function __construct(private array $values)
    {
    }

    public function number(string $name): float
    {
        assert(is_float($this->values[$name]));

        return $this->values[$name];
    }

    /** @param  float  $whole  what a share of it is measured by */
    public function length(string $name, float $whole): float
    {
        assert($this->values[$name] instanceof Length);

        return $this->values[$name]->of($whole);
    }

    public function point(string $name): Point
    {
        assert($this->values[$name] instanceof Point);

        return $this->values[$name];
    }

    public function size(string $name): Size
    {
        assert($this->values[$name] instanceof Size);

        return $this->values[$name];
    }

    public function path(string $name): Contours
    {
        assert($this->values[$name] instanceof Contours);

        return $this->values[$name];
    }

    public function colour(string $name): Colour
    {
        assert($this->values[$name] instanceof Colour);

        return $this->values[$name];
    }
}
