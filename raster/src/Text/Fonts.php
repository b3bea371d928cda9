<?php

declare(strict_types=1);

namespace Ricamo\Raster\Text;

use Ricamo\Core\Refusal;

/** Where font faces are found. */
interface Fonts
{
    /** @throws Refusal for an id that no face has */
    public function face(string $id): FontFace;
}
