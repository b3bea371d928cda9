<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render;

use ZipArchive;

/** Pictures in a folder, packed into a ZIP as they are: they are compressed already. */
final class PictureZip
{
    /**
     * @param  int  $expected  how many there must be
     * @param  ?callable(): mixed  $alive  is called from time to time; what it throws ends the work
     * @return ?string what went wrong
     */
    public static function of(string $folder, string $file, int $expected, ?callable $alive): ?string
    {
        $pictures = glob("$folder/*.png") ?: [];
        if (count($pictures) !== $expected) {
            return WrittenVideo::because($file, 'it came out with '.count($pictures)." pictures instead of $expected");
        }
        $zip = new ZipArchive;
        if ($zip->open($file, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            return WrittenVideo::because($file, 'the folder cannot be written to');
        }
        foreach ($pictures as $picture) {
            $zip->addFile($picture, basename($picture));
            $zip->setCompressionName(basename($picture), ZipArchive::CM_STORE);
        }
        $zip->registerProgressCallback(0.02, fn (): mixed => $alive === null ? null : $alive());

        error_clear_last();
        if (@$zip->close()) {
            return null;
        }
        // What was half written is gone again by now, so that there may seem to be room.
        $isFull = str_contains(error_get_last()['message'] ?? '', 'No space left on device');

        return $isFull ? 'the disk is full' : WrittenVideo::because($file, 'the pictures could not be packed');
    }
}
