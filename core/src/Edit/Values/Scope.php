<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Values;

/** How far a new value reaches. */
enum Scope: string
{
    /** The one rule: a keyframe at the playhead where the property has keyframes, the property as a whole where it has none. */
    case Playhead = 'playhead';

    /** The whole animation is shifted by as much as the value changes at the playhead. */
    case Whole = 'whole';
}
