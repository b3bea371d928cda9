<?php

declare(strict_types=1);

namespace Ricamo\Raster\Media;

use Ricamo\Raster\Draw\Pictures;
use Ricamo\Raster\Draw\Surface;

/**
 * The frames of a project's clips, decoded as they are asked for. A clip that is shown more than once at a time, at other
 * moments or other sizes, has a reader for each, so that none of them has to jump to and fro.
 */
final class ClipPictures implements Pictures
{
    /** How many files are kept open at once. */
    private const OPEN = 12;

    /** A clip is halved in size at most this often: to a sixteenth of its sides. */
    private const MOST_HALVINGS = 4;

    /** @var list<array{key: string, reader: ClipReader}> the one used last at the end */
    private array $open = [];

    public function __construct(private readonly Clips $clips)
    {
    }

    public function frame(string $media, int $frame, float $scale): Surface
    {
        $halvings = self::halvings($scale);
        $chroma = abs($scale - 1) < 1e-6 ? Chroma::Reversible : Chroma::Smooth;
        $key = "$media $halvings $chroma->name";
        $found = $this->nearest($key, $frame);
        if ($found === null) {
            if (count($this->open) >= self::OPEN) {
                array_shift($this->open);
            }
            $entry = ['key' => $key, 'reader' => new ClipReader($this->clips->get($media), $halvings, $chroma)];
        } else {
            [$entry] = array_splice($this->open, $found, 1);
        }
        $this->open[] = $entry;

        return $entry['reader']->frame($frame);
    }

    /** The place of the reader that has the least to read. */
    private function nearest(string $key, int $frame): ?int
    {
        $nearest = null;
        $least = PHP_INT_MAX;
        foreach ($this->open as $index => ['key' => $kept, 'reader' => $reader]) {
            $distance = $kept === $key ? $reader->distance($frame) : null;
            if ($distance !== null && $distance < $least) {
                [$nearest, $least] = [$index, $distance];
            }
        }

        return $nearest;
    }

    /** As many as leave it at least as large as it is shown. */
    private static function halvings(float $scale): int
    {
        return $scale >= 1 ? 0 : min(self::MOST_HALVINGS, (int) floor(-log(max($scale, 1e-3), 2)));
    }
}
