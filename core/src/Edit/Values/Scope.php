<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Values;

/** How far a new value reaches. */
enum Scope: string
{
    /** The one rule: a keyframe at the playhead where the property has keyframes, the property as a whole where it has none. */
    case Playhead = 'playhead';

    /**
     * The whole animation is changed by as much as the value is at the playhead: by as many times where it is a factor, such as a
     * scale, a size or a width, so that what comes from nothing still does; else by the difference.
     */
    case Whole = 'whole';
}
