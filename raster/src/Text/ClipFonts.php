<?php

declare(strict_types=1);

namespace Ricamo\Raster\Text;

use Ricamo\Core\Value\Face;
use Ricamo\Raster\Media\Clips;

/** The faces that ship with the project, and those among the media of a project. */
final readonly class ClipFonts implements Fonts
{
    public function __construct(private Clips $clips)
    {
    }

    public function face(string $id): FontFace
    {
        $media = Face::media($id);

        return $media === null ? FontCatalogue::face($id) : new FontFace($id, $media, '', $this->clips->get($media)->file);
    }
}
