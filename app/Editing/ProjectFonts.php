<?php

declare(strict_types=1);

namespace App\Editing;

use App\Models\MediaRow;
use Ricamo\Core\Refusal;
use Ricamo\Core\Value\Face;
use Ricamo\Raster\Text\FontCatalogue;
use Ricamo\Raster\Text\FontFace;
use Ricamo\Raster\Text\Fonts;

/** The faces that ship with the project, and those that were brought in; looked up when their words are new. */
final readonly class ProjectFonts implements Fonts
{
    /** @throws Refusal where there is none of this key */
    public function face(string $id): FontFace
    {
        $key = Face::media($id);
        if ($key === null) {
            return FontCatalogue::face($id);
        }
        $media = MediaRow::query()->find(MediaRow::idOf($key)) ?? throw new Refusal("there is no font \"$key\"");

        return new FontFace($id, $media->name, '', $media->original());
    }
}
