<?php

declare(strict_types=1);

namespace Ricamo\Raster\Text;

/** The faces that ship with the project, and no others. */
final readonly class ShippedFonts implements Fonts
{
    public function face(string $id): FontFace
    {
        return FontCatalogue::face($id);
    }
}
