<?php

declare(strict_types=1);

namespace App\Console;

use Ricamo\Core\Document\Media;
use Ricamo\Core\Refusal;
use Ricamo\Raster\Render\WrittenVideo;

/** A command on a project file that writes one, with the options --out and --force. */
trait WritesFile
{
    /**
     * The file that --out says, checked before any work begins: that it can be written, that it is none of what is read,
     * and, without --force, that nothing is overwritten. What killed commands left beside it is removed.
     *
     * @param  list<string>  $endings  that it may have; none for any
     * @param  string  ...$alsoRead  files besides the document and its media
     *
     * @throws Refusal
     */
    protected function output(array $endings, string ...$alsoRead): string
    {
        $file = (string) $this->option('out');
        if ($file === '') {
            throw new Refusal('--out: say which file to write');
        }
        if ($endings !== [] && ! in_array(strtolower(pathinfo($file, PATHINFO_EXTENSION)), $endings, true)) {
            throw new Refusal("$file: must end with ".implode(', ', array_map(fn (string $ending): string => ".$ending", $endings)));
        }
        $this->writable($file);
        $document = (string) $this->argument('document');
        $media = array_map(fn (Media $one): string => dirname($document)."/{$one->file}", $this->project()->media->all());
        foreach ([$document, ...$alsoRead, ...$media] as $read) {
            if (self::isSame($file, $read)) {
                throw new Refusal("$file: is read for this, and is not overwritten");
            }
        }
        if (file_exists($file) && ! $this->option('force')) {
            throw new Refusal("$file: is there already; --force overwrites it");
        }
        WrittenVideo::sweep($file);

        return $file;
    }

    /** Whether two names lead to one file. */
    private static function isSame(string $one, string $other): bool
    {
        [$a, $b] = [@stat($one), @stat($other)];

        return $a !== false && $b !== false && [$a['dev'], $a['ino']] === [$b['dev'], $b['ino']];
    }

    /**
     * Checks that a file can be written.
     *
     * @throws Refusal
     */
    protected function writable(string $file): string
    {
        $folder = dirname($file);
        $reason = match (true) {
            is_dir($file) => 'is a folder',
            ! is_dir($folder) => 'there is no such folder',
            is_file($file) && ! is_writable($file) => 'cannot be written',
            default => null,
        };
        // Whether a file can be made in a folder is known only once one was.
        $trial = "$file.".getmypid().'.part';
        if ($reason === null && @file_put_contents($trial, ' ') !== 1) {
            $reason = 'cannot be written';
        }
        @unlink($trial);

        return $reason === null ? $file : throw new Refusal("$file: $reason");
    }
}
