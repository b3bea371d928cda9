<?php

declare(strict_types=1);

namespace Ricamo\Raster\Draw;

use FFI;
use FFI\CData;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Geometry\Path;
use Ricamo\Raster\Native\Cairo;

/** Outlines as Cairo keeps them, so that a text that moves is built once and appended with one call a frame. */
final class PathCache
{
    private const MOST = 400;

    /** A quarter of what Cairo's fixed point numbers (24.8) can hold. */
    private const FARTHEST = 2 ** 21;

    /** @var array<string, CData> */
    private array $paths = [];

    /** Makes the outline the canvas's current path. */
    public function trace(CData $canvas, Outline $outline): void
    {
        $cairo = Cairo::library();
        $cairo->cairo_new_path($canvas);
        $cairo->cairo_append_path($canvas, $this->paths[$outline->key] ??= $this->made($canvas, $outline));
    }

    /**
     * Cairo keeps a path in whole 256ths of the canvas's pixels, under the matrix that it is built under. So that no path
     * depends on where it happened to be drawn first, each is built under a scale of its own, which only its size decides.
     */
    private function made(CData $canvas, Outline $outline): CData
    {
        if (count($this->paths) >= self::MOST) {
            $this->forgetOldest();
        }
        $cairo = Cairo::library();
        $bounds = $outline->bounds;
        $size = $bounds === null ? 1.0 : max(1e-6, abs($bounds->left), abs($bounds->top), abs($bounds->right), abs($bounds->bottom));
        $scale = 2.0 ** floor(log(self::FARTHEST / $size, 2));
        $cairo->cairo_save($canvas);
        $matrix = $cairo->new('cairo_matrix_t');
        [$matrix->xx, $matrix->yy] = [$scale, $scale];
        $cairo->cairo_set_matrix($canvas, FFI::addr($matrix));
        $this->build($canvas, Path::parse($outline->data));
        $path = $cairo->cairo_copy_path($canvas);
        $cairo->cairo_new_path($canvas);
        $cairo->cairo_restore($canvas);

        return $path;
    }

    private function build(CData $canvas, Path $path): void
    {
        $cairo = Cairo::library();
        $c = $path->coordinates;
        $i = 0;
        foreach (str_split($path->commands) as $command) {
            match ($command) {
                'M' => $cairo->cairo_move_to($canvas, $c[$i++], $c[$i++]),
                'L' => $cairo->cairo_line_to($canvas, $c[$i++], $c[$i++]),
                'C' => $cairo->cairo_curve_to($canvas, $c[$i++], $c[$i++], $c[$i++], $c[$i++], $c[$i++], $c[$i++]),
                default => $cairo->cairo_close_path($canvas),
            };
        }
    }

    private function forgetOldest(): void
    {
        $key = array_key_first($this->paths);
        if ($key !== null) {
            Cairo::library()->cairo_path_destroy($this->paths[$key]);
            unset($this->paths[$key]);
        }
    }

    public function __destruct()
    {
        foreach ($this->paths as $path) {
            Cairo::library()->cairo_path_destroy($path);
        }
    }
}
