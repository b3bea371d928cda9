<?php

declare(strict_types=1);

namespace Ricamo\Core\Move;

use Ricamo\Core\Property\PropertyDefinition;

/**
 * A ready-made movement during the stay, with a beginning and a length of its own, relative to the pose that a layer rests
 * in: it begins and ends there.
 */
abstract class Accent
{
    use States;

    abstract public function name(): string;

    abstract public function title(): string;

    /** Under which it is offered. */
    public function subject(): string
    {
        return 'In its place';
    }

    /** As one that a layer has is called, where its subject is not beside it. */
    public function called(): string
    {
        return $this->title();
    }

    /**
     * @param  float  $t  0 at its beginning, 1 at its end
     * @param  float  $frames  how many have gone since its beginning
     * @param  array<string, float>  $settings  each of its own, by name
     */
    abstract public function at(float $t, float $frames, array $settings, Scenery $scenery): Change;

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
    public function lens(float $t, float $frames, array $settings): float
    {
        return 1.0;
    }

    /** Whether it leads out of the picture's plane. */
    public function leavesPlane(): bool
    {
        return false;
    }

    /** @return list<PropertyDefinition> */
    public function settings(): array
    {
        return [];
    }

    /** Seconds that it takes where nothing is said. */
    public function seconds(): float
    {
        return 1.0;
    }
}
