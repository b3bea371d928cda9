<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

/** What layers of a kind can do or be, by which others tell kinds apart: what an edit refuses the rest need not be offered. */
enum Ability: string
{
    /** It has a place in the picture. */
    case Seen = 'seen';

    /** Other layers can be in it. */
    case Holds = 'holds';

    /** Its effects are done to what lies beneath it. */
    case Adjusts = 'adjusts';

    /** The others are seen through it. */
    case Looks = 'looks';

    /** The others are shaded by it. */
    case Lights = 'lights';

    /** What it shows can be cut into patches. */
    case Cut = 'cut';

    /** Its words are typed where they stand in the picture. */
    case Written = 'written';

    /** Its outline can become one with those of others. */
    case Combines = 'combines';

    /** A brush can set it along a line. */
    case Marks = 'marks';

    /** It can be made a window. */
    case Frames = 'frames';

    /** A picture or a clip can take the place of what it shows. */
    case TakesMedia = 'takes-media';
}
