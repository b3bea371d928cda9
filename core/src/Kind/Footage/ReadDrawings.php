<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Footage;

use Ricamo\Core\Document\Media;
use Ricamo\Core\Drawing\Drawing;

/** Drawings that were read once; a frame is drawn from them many times. */
final class ReadDrawings
{
    /** @var array<string, Drawing> by the media's file */
    private array $drawings = [];

    /** @return ?Drawing null where the media hold pixels */
    public function of(Media $media): ?Drawing
    {
        $json = $media->known()->drawing;

        return $json === null ? null : $this->drawings[$media->file] ??= Drawing::parse($json);
    }
}
