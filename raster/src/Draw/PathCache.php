<?php

namespace Ricamo\Raster\Draw;

use FFI\CData;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Geometry\Path;
use Ricamo\Raster\Native\Cairo;

/** Outlines as Cairo keeps them, so that a text that moves is built once and appended with one call a frame. */
final class PathCache
{
    private const MOST = 400;

    /** @var array<string, CData> */
    private array $paths = [];

    /** Makes the outline the canvas's current path. */
    public function trace(CData $canvas, Outline $outline): void
    {
        $cairo = Cairo::library();
        $cairo->cairo_new_path($canvas);
        $known = $this->paths[$outline->key] ?? null;
        if ($known !== null) {
            $cairo->cairo_append_path($canvas, $known);

            return;
        }
        $this->build($canvas, Path::parse($outline->data));
        if (count($this->paths) >= self::MOST) {
            $this->forgetOldest();
        }
        $this->paths[$outline->key] = $cairo->cairo_copy_path($canvas);
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
