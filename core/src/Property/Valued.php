<?php

declare(strict_types=1);

namespace Ricamo\Core\Property;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Time\FrameRange;

/** What has properties that come to something at a moment, in frames: a layer. */
interface Valued
{
    public function value(string $property, int|float $frame): mixed;

    public function number(string $property, int|float $frame): float;

    public function point(string $property, int|float $frame): Point;

    public function size(string $property, int|float $frame): Size;

    public function colour(string $property, int|float $frame): Colour;

    /**
     * Whether none of these have keyframes.
     *
     * @param  list<string>  $properties
     */
    public function rests(array $properties): bool;

    /** From its in point to its out point. */
    public function span(): FrameRange;
}
