<?php

declare(strict_types=1);

namespace Ricamo\Core\Move;

use Ricamo\Core\Property\PropertyDefinition;

/**
 * A ready-made, parametric way of arriving and leaving, relative to the pose that a layer rests in. Each is a class of its
 * own: it names itself, says what can be set of it, and what it makes of the pose.
 */
abstract class Move
{
    use States;

    /** As documents write it. */
    abstract public function name(): string;

    /** As the interface calls it. */
    abstract public function title(): string;

    /**
     * @param  float  $p  0 away, 1 at rest; beyond where its easing overshoots
     * @param  array<string, float>  $settings  each of its own, by name
     */
    abstract public function at(float $p, array $settings, Scenery $scenery): Change;

    /** Whether it is for cameras, rather than for what they see: it is told as a change of where a camera stands, in its own space. */
    public function films(): bool
    {
        return false;
    }

    /**
     * How many times longer the lens of a camera is.
     *
     * @param  array<string, float>  $settings  each of its own, by name
     */
    public function lens(float $p, array $settings): float
    {
        return 1.0;
    }

    /** Whether it leads out of the picture's plane. */
    public function leavesPlane(): bool
    {
        return false;
    }

    /** @return list<PropertyDefinition> what can be set of it, numbers all of them */
    public function settings(): array
    {
        return [];
    }

    /** How it arrives where nothing is said. */
    public function easing(): string
    {
        return 'ease-out(75%)';
    }

    /** Seconds that it takes where nothing is said. */
    public function seconds(): float
    {
        return 0.6;
    }
}
