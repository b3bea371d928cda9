<?php

declare(strict_types=1);

namespace App\Editing;

/** The places in a project that are changed, stored and undone each by itself. */
enum ChangedPlace: string
{
    /** The project's name and colours. */
    case Project = 'project';
    /** Which compositions the project has, in their order. */
    case Compositions = 'compositions';
    /** The name and folder of media, and whether they are removed. */
    case Media = 'media';
    /** All of a composition but its layers. */
    case Head = 'head';
    /** Which layers a composition has, in their order. */
    case Stack = 'stack';
    case Layer = 'layer';
    /** A composition as it was made: undoing that takes nothing along that was done to it since. */
    case Made = 'made';

    /** Whether what changed within it can be told from what did not. */
    public function isPatched(): bool
    {
        return in_array($this, [self::Project, self::Media, self::Head, self::Layer], true);
    }

    public function isOrder(): bool
    {
        return $this === self::Compositions || $this === self::Stack;
    }
}
