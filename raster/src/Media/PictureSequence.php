<?php

declare(strict_types=1);

namespace Ricamo\Raster\Media;

use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRate;
use Ricamo\Raster\Process\Ffmpeg;
use ZipArchive;

/**
 * Numbered pictures in a ZIP, made into one clip without loss. PNG and JPEG are kept as they are, byte for byte; others
 * become PNG. Where a number is left out, the picture before it stays on.
 */
final class PictureSequence
{
    /** The most pictures, numbers that were left out included. */
    private const MOST = 20_000;

    /** Files in a ZIP that are not looked at, such as what a system puts there by itself, may be as many again. */
    private const MOST_ENTRIES = 50_000;

    /** The largest picture, in bytes. */
    private const LARGEST = 400_000_000;

    /** How a file begins, by the ending under which ffmpeg reads it. */
    private const KINDS = [
        'png' => "\x89PNG\r\n", 'jpg' => "\xff\xd8\xff", 'tif' => "II*\0", 'tiff' => "MM\0*", 'bmp' => 'BM',
        'webp' => 'RIFF',
    ];

    private const READ = 1 << 20;

    /** @param  list<int>  $entries  places in the ZIP, by frame; a place more than once where numbers are left out */
    private function __construct(private readonly ZipArchive $zip, private readonly array $entries)
    {
    }

    public static function isZip(string $file): bool
    {
        return @file_get_contents($file, length: 4) === "PK\x03\x04";
    }

    /** @throws Refusal where it holds no numbered pictures */
    public static function inZip(string $file): self
    {
        $zip = new ZipArchive;
        if ($zip->open($file, ZipArchive::RDONLY | ZipArchive::CHECKCONS) !== true) {
            throw new Refusal('it is a damaged ZIP');
        }
        if ($zip->numFiles > self::MOST_ENTRIES) {
            throw new Refusal('it holds more than '.number_format(self::MOST_ENTRIES).' files');
        }
        $numbered = [];
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $name = (string) $zip->getNameIndex($index);
            $base = basename($name);
            // Only what is read is of interest: a name leads nowhere, for nothing is ever put where it says.
            if (str_ends_with($name, '/') || str_starts_with($base, '.') || str_contains($name, '__MACOSX')) {
                continue;
            }
            if (preg_match('/^(.*?)(\d{1,9})(\.[A-Za-z0-9]{1,5})$/', $base, $parts) !== 1) {
                throw new Refusal("it holds “{$base}”, which has no number");
            }
            $numbered[$parts[1].$parts[3]][(int) $parts[2]] = $index;
        }
        if (count($numbered) !== 1) {
            throw new Refusal($numbered === [] ? 'it holds no pictures' : 'it holds more than one sequence of pictures');
        }

        return new self($zip, self::byFrame(reset($numbered)));
    }

    public function frames(): int
    {
        return count($this->entries);
    }

    /**
     * Writes the clip.
     *
     * @param  string  $folder  an empty one, which is left empty
     * @param  int  $bytes  how many the pictures may take together
     *
     * @throws Refusal
     */
    public function write(string $file, string $folder, FrameRate $rate, int $bytes): void
    {
        try {
            $ending = $this->unpack($folder, $bytes);
            $keep = in_array($ending, ['png', 'jpg'], true) ? ['-c', 'copy'] : ['-c:v', 'png', '-compression_level', '1', '-pred', 'up'];
            Ffmpeg::run([
                ...Ffmpeg::command(), '-f', 'image2', '-framerate', (string) $rate, '-start_number', '0', '-i', "$folder/%06d.$ending",
                ...$keep, '-f', 'mov', '-y', $file,
            ], 3600);
        } finally {
            array_map(unlink(...), glob("$folder/*") ?: []);
        }
    }

    /** @return string the ending of the names that the pictures have now: 000000 and on */
    private function unpack(string $folder, int $bytes): string
    {
        $ending = null;
        $size = null;
        foreach ($this->entries as $frame => $entry) {
            $before = sprintf('%s/%06d.%s', $folder, $frame - 1, $ending);
            if ($frame > 0 && $entry === $this->entries[$frame - 1]) {
                if (! @link($before, sprintf('%s/%06d.%s', $folder, $frame, $ending))) {
                    throw new Refusal('the disk is full');
                }

                continue;
            }
            [$kind, $target, $bytes] = $this->unpackOne($entry, $folder, $frame, $bytes);
            $ending ??= $kind;
            $found = @getimagesize($target);
            $size ??= $found;
            if ($kind !== $ending || $found === false || $size === false || [$found[0], $found[1]] !== [$size[0], $size[1]]) {
                throw new Refusal('its pictures are not all of one kind and size');
            }
        }

        return $ending ?? throw new Refusal('it holds no pictures');
    }

    /** @return array{string, string, int} its kind, where it is now, and how many bytes are left */
    private function unpackOne(int $entry, string $folder, int $frame, int $bytes): array
    {
        $source = $this->zip->getStreamIndex($entry) ?: throw new Refusal('a picture in it cannot be read');
        $first = (string) fread($source, self::READ);
        $kind = array_key_first(array_filter(self::KINDS, fn (string $beginning): bool => str_starts_with($first, $beginning)))
            ?? throw new Refusal('it holds a file that is no picture');
        $target = sprintf('%s/%06d.%s', $folder, $frame, $kind);
        $stream = fopen($target, 'wb') ?: throw new Refusal('the disk is full');
        try {
            // What a ZIP says about sizes need not be true; what comes out of it is counted.
            for ($written = 0, $part = $first; $part !== ''; $part = (string) fread($source, self::READ)) {
                $written += strlen($part);
                if ($written > min($bytes, self::LARGEST)) {
                    throw new Refusal('its pictures take more room than they may');
                }
                if (@fwrite($stream, $part) !== strlen($part)) {
                    throw new Refusal('the disk is full');
                }
            }
        } finally {
            fclose($stream);
            fclose($source);
        }

        return [$kind, $target, $bytes - $written];
    }

    /**
     * @param  non-empty-array<int, int>  $places  by number
     * @return list<int>
     */
    private static function byFrame(array $places): array
    {
        ksort($places);
        [$first, $last] = [array_key_first($places), array_key_last($places)];
        if ($last - $first >= self::MOST || $last - $first >= 3 * count($places) + 10) {
            throw new Refusal('its numbers are too far apart, or too many');
        }
        $frames = [];
        for ($number = $first; $number <= $last; $number++) {
            $frames[] = $places[$number] ?? $frames[count($frames) - 1];
        }

        return $frames;
    }
}
