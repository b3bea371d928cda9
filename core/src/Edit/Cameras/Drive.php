<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Cameras;

/** What a pointer that is dragged over the picture does to a camera. */
enum Drive: string
{
    /** It goes around what it aims at: half a turn for the width of the picture. */
    case Orbit = 'orbit';

    /** It goes across with its aim, so that what it aims at follows the pointer. */
    case Across = 'across';

    /** It goes nearer as the pointer goes up, and farther away as it goes down: three times for the height of the picture. */
    case Nearer = 'nearer';

    /** It looks elsewhere from where it stands: what it aimed at follows the pointer. */
    case Aim = 'aim';

    /** It is rolled, as the picture turns with the pointer: half a turn for its width. */
    case Roll = 'roll';
}
