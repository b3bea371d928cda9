<?php

declare(strict_types=1);

namespace Ricamo\Core\Cascade;

/** What a cascade is spread over. */
enum Units: string
{
    /** Grapheme clusters; what a font draws as one glyph stays one. */
    case Letters = 'letters';

    case Words = 'words';
    case Lines = 'lines';

    /** The layers in a group. */
    case Layers = 'layers';

    /** Of a shape. */
    case Repeats = 'repeats';

    /** Of a layer that is cut into some. */
    case Patches = 'patches';
}
