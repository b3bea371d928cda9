<?php

namespace Ricamo\Raster\Media;

use Ricamo\Raster\Draw\Pictures;
use Ricamo\Raster\Draw\Surface;

/** The frames of a project's clips, decoded as they are asked for. */
final class ClipPictures implements Pictures
{
    /** How many clips are kept open at once. */
    private const OPEN = 12;

    /** @var array<string, ClipReader> */
    private array $readers = [];

    public function __construct(private readonly Clips $clips)
    {
    }

    public function frame(string $media, int $frame): Surface
    {
        if (! isset($this->readers[$media]) && count($this->readers) >= self::OPEN) {
            array_shift($this->readers);
        }
        $reader = $this->readers[$media] ??= new ClipReader($this->clips->get($media));
        unset($this->readers[$media]);
        $this->readers[$media] = $reader;

        return $reader->frame($frame);
    }
}
