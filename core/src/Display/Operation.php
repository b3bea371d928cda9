<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Geometry\Box;

/** One thing to draw. `docs/display-list.md` says exactly what each one means. */
interface Operation
{
    /** As the display list holds it, JSON. */
    public function encode(): string;

    /** A copy at $opacity (0..1) times its own. */
    public function faded(float $opacity): self;

    /** The pixels it can touch, in composition pixels; null when it draws nothing. */
    public function extent(): ?Box;

    /**
     * Adds the paths that it names to a dictionary.
     *
     * @param  array<string, string>  $paths  their data by key
     */
    public function addPaths(array &$paths): void;
}
