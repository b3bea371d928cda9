<?php

declare(strict_types=1);

namespace App\Editing;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Text\Glyph;
use Ricamo\Core\Text\Language;
use Ricamo\Core\Text\ShapedLine;
use Ricamo\Core\Text\Shaper;

/** Keeps shaped lines, and where their words are parted, in files, so that an edit opens no font unless its words are new. */
final readonly class CachedShaper implements Shaper
{
    /** To be raised when the fonts or the shaping change. */
    private const VERSION = 5;

    public function __construct(private Shaper $shaper, private string $folder)
    {
    }

    public function shape(
        string $line, string $font, array $features = [], array $axes = [], array $spans = [], bool $down = false,
    ): ShapedLine {
        $file = $this->folder.'/'.hash('xxh128', self::VERSION." $font ".json_encode([$features, $axes, $spans, $down])." $line");
        $kept = is_file($file)
            ? @unserialize(
                (string) file_get_contents($file),
                ['allowed_classes' => [ShapedLine::class, Glyph::class, Path::class, Colour::class]],
            )
            : false;
        if ($kept instanceof ShapedLine) {
            return $kept;
        }
        $shaped = $this->shaper->shape($line, $font, $features, $axes, $spans, $down);
        $this->keep($file, serialize($shaped));

        return $shaped;
    }

    public function weight(string $font): ?float
    {
        $file = $this->folder.'/'.hash('xxh128', self::VERSION." weight $font");
        $kept = is_file($file) ? json_decode((string) file_get_contents($file), true) : false;
        if ($kept === null || is_int($kept) || is_float($kept)) {
            return $kept === null ? null : (float) $kept;
        }
        $weight = $this->shaper->weight($font);
        $this->keep($file, (string) json_encode($weight));

        return $weight;
    }

    public function hyphens(string $line, Language $language): array
    {
        $file = $this->folder.'/'.hash('xxh128', self::VERSION." hyphens $language->value $line");
        $kept = is_file($file) ? json_decode((string) file_get_contents($file), true) : null;
        if (is_array($kept) && array_filter($kept, is_int(...)) === $kept) {
            return array_values($kept);
        }
        $hyphens = $this->shaper->hyphens($line, $language);
        $this->keep($file, (string) json_encode($hyphens));

        return $hyphens;
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
