<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render\Format;

use Ricamo\Core\Refusal;

/** Every kind of file there is to render to. */
final class Formats
{
    private const CLASSES = [
        Mp4::class, Hevc::class, Mov::class, Webm::class, Ffv1::class, PngSequence::class, Apng::class, Gif::class,
        AnimatedWebp::class, Still::class, Wav::class,
    ];

    /** @return array<string, Format> by name */
    public static function all(): array
    {
        $formats = [];
        foreach (self::CLASSES as $class) {
            $format = new $class;
            $formats[$format->name()] = $format;
        }

        return $formats;
    }

    /** @throws Refusal where there is none of this name */
    public static function get(string $name): Format
    {
        return self::all()[$name] ?? throw new Refusal("\"$name\" is not a format; there are ".implode(', ', array_keys(self::all())));
    }

    /** The first of those that files with this ending are. */
    public static function ofFile(string $file): ?Format
    {
        $extension = strtolower(pathinfo($file, PATHINFO_EXTENSION));
        foreach (self::all() as $format) {
            if ($format->extension() === $extension) {
                return $format;
            }
        }

        return null;
    }
}
