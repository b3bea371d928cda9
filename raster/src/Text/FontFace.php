<?php

declare(strict_types=1);

namespace Ricamo\Raster\Text;

/** A font face that ships with the project. */
final readonly class FontFace
{
    public function __construct(public string $id, public string $family, public string $style, public string $file)
    {
    }
}
