<?php

namespace App\Editing;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Text\Glyph;
use Ricamo\Core\Text\ShapedLine;
use Ricamo\Core\Text\Shaper;

/** Keeps shaped lines in files, so that an edit opens no font unless its words are new. */
final readonly class CachedShaper implements Shaper
{
    /** To be raised when the fonts or the shaping change. */
    private const VERSION = 4;

    public function __construct(private Shaper $shaper, private string $folder)
    {
    }

    public function shape(string $line, string $font, array $features = [], array $axes = []): ShapedLine
    {
        $file = $this->folder.'/'.hash('xxh128', self::VERSION." $font ".json_encode([$features, $axes])." $line");
        $kept = is_file($file) ? @unserialize((string) file_get_contents($file), ['allowed_classes' => [ShapedLine::class, Glyph::class, Path::class, Colour::class]]) : false;
        if ($kept instanceof ShapedLine) {
            return $kept;
        }
        $shaped = $this->shaper->shape($line, $font, $features, $axes);
        $this->keep($file, serialize($shaped));

        return $shaped;
    }

    private function keep(string $file, string $data): void
    {
        if (! is_dir($this->folder)) {
            @mkdir($this->folder, 0775, true);
        }
        // Renamed into place, so that another process never reads half of it. A cache that cannot be kept costs time only.
        $fresh = $file.'.'.getmypid();
        if (@file_put_contents($fresh, $data) !== false) {
            @rename($fresh, $file);
        }
    }
}
