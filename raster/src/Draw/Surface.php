<?php

declare(strict_types=1);

namespace Ricamo\Raster\Draw;

use FFI;
use FFI\CData;
use Ricamo\Raster\Native\Cairo;
use Ricamo\Raster\Native\Libc;
use RuntimeException;

/** A picture in memory: premultiplied sRGB with alpha, four bytes a pixel in the order blue, green, red, alpha. */
final class Surface
{
    public readonly CData $handle;

    /** Where its pixels begin; rows follow each other without a gap. */
    public readonly CData $pixels;

    /** @throws RuntimeException where there is no memory for it */
    public function __construct(public readonly int $width, public readonly int $height)
    {
        $cairo = Cairo::library();
        $this->handle = $cairo->cairo_image_surface_create(Cairo::FORMAT_ARGB32, $width, $height);
        if ($cairo->cairo_surface_status($this->handle) !== 0) {
            throw new RuntimeException("no memory for a picture of $width × $height pixels");
        }
        $this->pixels = $cairo->cairo_image_surface_get_data($this->handle);
    }

    public function bytes(): int
    {
        return $this->width * $this->height * 4;
    }

    public function clear(): void
    {
        Libc::library()->memset($this->pixels, 0, $this->bytes());
        $this->changed();
    }

    /** Copies the last column and row of a picture of this size into those beyond it. */
    public function repeatEdges(int $width, int $height): void
    {
        $libc = Libc::library();
        for ($x = $width; $x < $this->width; $x++) {
            for ($y = 0; $y < $height; $y++) {
                $libc->memcpy($this->pixels + 4 * ($y * $this->width + $x), $this->pixels + 4 * ($y * $this->width + $width - 1), 4);
            }
        }
        for ($y = $height; $y < $this->height; $y++) {
            $libc->memcpy($this->pixels + 4 * $y * $this->width, $this->pixels + 4 * ($height - 1) * $this->width, 4 * $this->width);
        }
    }

    /** To be called after its pixels were written to directly. */
    public function changed(): void
    {
        Cairo::library()->cairo_surface_mark_dirty($this->handle);
    }

    /** @return array{int, int, int, int} red, green, blue and alpha as they are stored, premultiplied */
    public function pixel(int $x, int $y): array
    {
        $at = 4 * ($y * $this->width + $x);

        return [$this->pixels[$at + 2], $this->pixels[$at + 1], $this->pixels[$at], $this->pixels[$at + 3]];
    }

    public function data(): string
    {
        return FFI::string($this->pixels, $this->bytes());
    }

    /**
     * Beside the wanted file first, which appears only when it is whole.
     *
     * @throws RuntimeException where it cannot be written
     */
    public function writePng(string $file): void
    {
        $unfinished = $file.'.'.getmypid().'.part';
        $isWritten = Cairo::library()->cairo_surface_write_to_png($this->handle, $unfinished) === 0 && @rename($unfinished, $file);
        if (! $isWritten) {
            @unlink($unfinished);
            throw new RuntimeException("$file cannot be written: the disk may be full");
        }
    }

    public function __destruct()
    {
        Cairo::library()->cairo_surface_destroy($this->handle);
    }
}
