<?php

declare(strict_types=1);

namespace Ricamo\Raster\Draw;

use FFI;
use FFI\CData;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Corners;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Display\Grain;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Raster\Native\Cairo;

/** What outlines are filled and stroked with: colours, gradients, four colours at the corners, grain. */
final class Sources
{
    /** How many squares of four colours are kept at hand. */
    private const KEPT = 16;

    private readonly FFI $cairo;

    /** @var array<string, Surface> by their colours */
    private array $squares = [];

    /** @var array<string, Surface> by seed and amount */
    private array $tiles = [];

    public function __construct()
    {
        $this->cairo = Cairo::library();
    }

    /** @param  CData  $canvas  a cairo_t, in the outline's space */
    public function set(CData $canvas, Colour|Gradient|Corners|Grain $paint): void
    {
        if ($paint instanceof Colour) {
            $this->cairo->cairo_set_source_rgba($canvas, $paint->red / 255, $paint->green / 255, $paint->blue / 255, $paint->alpha / 255);
        } elseif ($paint instanceof Gradient) {
            $this->use($canvas, $this->gradient($paint), $paint->matrix->inverse());
        } elseif ($paint instanceof Corners) {
            $this->corners($canvas, $paint);
        } else {
            $this->grain($canvas, $paint);
        }
    }

    private function gradient(Gradient $gradient): CData
    {
        $cairo = $this->cairo;
        $pattern = $gradient->focus === null
            ? $cairo->cairo_pattern_create_linear(0, 0, 1, 0)
            : $cairo->cairo_pattern_create_radial($gradient->focus->x, $gradient->focus->y, 0, 0, 0, 1);
        foreach ($gradient->stops as [$offset, $colour]) {
            $cairo->cairo_pattern_add_color_stop_rgba(
                $pattern, $offset, $colour->red / 255, $colour->green / 255, $colour->blue / 255, $colour->alpha / 255,
            );
        }

        return $pattern;
    }

    private function corners(CData $canvas, Corners $corners): void
    {
        $key = implode(' ', $corners->colours);
        if (! isset($this->squares[$key])) {
            $this->squares = [...array_slice($this->squares, 1 - self::KEPT), $key => self::square($corners->colours)];
        }
        $pattern = $this->cairo->cairo_pattern_create_for_surface($this->squares[$key]->handle);
        $this->cairo->cairo_pattern_set_filter($pattern, Cairo::FILTER_BILINEAR);
        // The middles of the outermost pixels lie on the edges of the unit square.
        $last = Corners::SIDE - 1;
        $this->use($canvas, $pattern, (new Affine($last, 0, 0, $last, 0.5, 0.5))->after($corners->matrix->inverse()));
    }

    private function grain(CData $canvas, Grain $grain): void
    {
        $key = "$grain->seed ".round($grain->amount, 4);
        if (! isset($this->tiles[$key])) {
            $this->tiles = [...array_slice($this->tiles, 1 - self::KEPT), $key => self::tile($grain)];
        }
        $pattern = $this->cairo->cairo_pattern_create_for_surface($this->tiles[$key]->handle);
        $this->cairo->cairo_pattern_set_filter($pattern, Cairo::FILTER_BILINEAR);
        $this->use($canvas, $pattern, $grain->matrix->inverse(), Cairo::EXTEND_REPEAT);
    }

    private static function tile(Grain $grain): Surface
    {
        $tile = new Surface(Grain::SIDE, Grain::SIDE);
        $rows = '';
        for ($y = 0; $y < Grain::SIDE; $y++) {
            for ($x = 0; $x < Grain::SIDE; $x++) {
                $strength = Grain::at($x, $y, $grain->seed);
                $alpha = (int) round(255 * $grain->amount * abs($strength));
                $rows .= $strength > 0 ? str_repeat(chr($alpha), 4) : "\0\0\0".chr($alpha);
            }
        }
        FFI::memcpy($tile->pixels, $rows, strlen($rows));
        $tile->changed();

        return $tile;
    }

    /** @param  array{Colour, Colour, Colour, Colour}  $colours */
    private static function square(array $colours): Surface
    {
        $side = Corners::SIDE;
        $square = new Surface($side, $side);
        $rows = '';
        for ($y = 0; $y < $side; $y++) {
            for ($x = 0; $x < $side; $x++) {
                $rows .= self::pixel($colours, $x / ($side - 1), $y / ($side - 1));
            }
        }
        FFI::memcpy($square->pixels, $rows, strlen($rows));
        $square->changed();

        return $square;
    }

    /**
     * One pixel as Cairo holds it: premultiplied, blue first.
     *
     * @param  array{Colour, Colour, Colour, Colour}  $colours
     */
    private static function pixel(array $colours, float $x, float $y): string
    {
        $weights = [(1 - $x) * (1 - $y), $x * (1 - $y), (1 - $x) * $y, $x * $y];
        $mixed = [0.0, 0.0, 0.0, 0.0];
        foreach ($colours as $index => $colour) {
            foreach ([$colour->blue, $colour->green, $colour->red, $colour->alpha] as $channel => $value) {
                $mixed[$channel] += $weights[$index] * $value;
            }
        }
        $alpha = round($mixed[3]);

        return pack(
            'C4', round(round($mixed[0]) * $alpha / 255), round(round($mixed[1]) * $alpha / 255),
            round(round($mixed[2]) * $alpha / 255), $alpha,
        );
    }

    /** @param  Affine  $into  from the outline's space into the pattern's, which Cairo asks for */
    private function use(CData $canvas, CData $pattern, Affine $into, int $extend = Cairo::EXTEND_PAD): void
    {
        $cairo = $this->cairo;
        $cairo->cairo_pattern_set_extend($pattern, $extend);
        $matrix = $cairo->new('cairo_matrix_t');
        [
            $matrix->xx, $matrix->yx, $matrix->xy, $matrix->yy, $matrix->x0, $matrix->y0,
        ] = [$into->a, $into->b, $into->c, $into->d, $into->e, $into->f];
        $cairo->cairo_pattern_set_matrix($pattern, FFI::addr($matrix));
        $cairo->cairo_set_source($canvas, $pattern);
        $cairo->cairo_pattern_destroy($pattern);
    }
}
