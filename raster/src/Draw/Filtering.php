<?php

declare(strict_types=1);

namespace Ricamo\Raster\Draw;

use Closure;
use FFI;
use FFI\CData;
use LogicException;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Filter\Atop;
use Ricamo\Core\Display\Filter\Blur;
use Ricamo\Core\Display\Filter\Cells;
use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Display\Filter\Filter;
use Ricamo\Core\Display\Filter\Lit;
use Ricamo\Core\Display\Filter\Means;
use Ricamo\Core\Display\Filter\Moved;
use Ricamo\Core\Display\Filter\Tables;
use Ricamo\Core\Display\Filter\Warp;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;
use Ricamo\Raster\Native\Cairo;

/**
 * Does filters to a sheet, exactly as `docs/display-list.md` says. A matrix is not carried out before its pixels are
 * needed: what is blurred far is a small picture until then, and what is moved is moved where it is drawn.
 */
final readonly class Filtering
{
    /**
     * @param  Affine  $view  from composition pixels to the sheet's
     * @param  Closure(list<Operation>, Colour): Surface  $drawn  operations on a sheet of a colour, as large and in the same place
     */
    public function __construct(private Affine $view, private Closure $drawn)
    {
    }

    /**
     * @param  list<Filter>  $filters
     * @return array{Surface, Affine} a picture, and where it lies on the sheet
     */
    public function of(Surface $sheet, array $filters): array
    {
        [$picture, $lies] = [$sheet, new Affine];
        foreach ($filters as $filter) {
            if ($filter instanceof Moved) {
                $lies = $this->onSheet($filter->matrix)->after($lies);

                continue;
            }
            $whole = $lies->isIdentity() ? $picture : self::painted($sheet, $picture, $lies);
            [$picture, $lies] = match (true) {
                $filter instanceof Blur => $this->blurred($whole, $filter),
                $filter instanceof ColourMatrix => [Recolouring::of($whole, $filter), new Affine],
                $filter instanceof Lit => [
                    Multiplying::of($whole, ($this->drawn)($filter->operations(), new Colour(0, 0, 0))), new Affine,
                ],
                $filter instanceof Atop => [
                    self::laidAtop($whole, ($this->drawn)($filter->operations(), new Colour(0, 0, 0, 0))), new Affine,
                ],
                $filter instanceof Tables => [Recolouring::byTables($whole, $filter), new Affine],
                $filter instanceof Warp => [Warping::of($whole, $filter, $this->view), new Affine],
                $filter instanceof Cells => [$this->inCells($whole, $filter), new Affine],
                $filter instanceof Means => [$this->meant($whole, $filter), new Affine],
                default => throw new LogicException($filter::class.' is not a filter this knows'),
            };
        }

        return [$picture, $lies];
    }

    /** @return array{Surface, Affine} */
    private function blurred(Surface $sheet, Blur $blur): array
    {
        [$small, $factor] = Gaussian::of($sheet, $blur->deviation * $this->view->stretch());

        return [$small, Affine::scaling($factor, $factor)];
    }

    /** A matrix of the composition's pixels, of the sheet's. */
    private function onSheet(Affine $matrix): Affine
    {
        return $this->view->after($matrix)->after($this->view->inverse());
    }

    /** The colours of cells as a small picture of one pixel each, and that so much larger. */
    private function inCells(Surface $sheet, Cells $cells): Surface
    {
        $side = max(1e-3, $cells->side * $this->view->stretch());
        $origin = $this->view->apply($cells->origin);
        [$left, $top] = [floor(-$origin->x / $side), floor(-$origin->y / $side)];
        $size = [(int) ceil(($sheet->width - $origin->x) / $side - $left), (int) ceil(($sheet->height - $origin->y) / $side - $top)];
        $larger = new Affine($side, 0, 0, $side, $origin->x + $left * $side, $origin->y + $top * $side);
        $small = self::meanOf(array_map(function (Point $at) use ($sheet, $larger, $size): Surface {
            $small = new Surface(...$size);
            // The middle of a small pixel is to lie on the point that gives the colour.
            self::take($small, $sheet, $larger->after(Affine::translation($at->x - 0.5, $at->y - 0.5))->inverse());

            return $small;
        }, $cells->at));
        $filled = new Surface($sheet->width, $sheet->height);
        self::take($filled, $small, $larger);

        return $filled;
    }

    /**
     * The mean of pictures of one size, in pairs.
     *
     * @param  non-empty-list<Surface>  $pictures  one of which comes to be it
     */
    private static function meanOf(array $pictures): Surface
    {
        for (; count($pictures) > 1; $pictures = $means) {
            $means = [];
            foreach (array_chunk($pictures, 2) as $pair) {
                if (isset($pair[1])) {
                    self::paint($pair[0], $pair[1], new Affine, 0.5);
                }
                $means[] = $pair[0];
            }
        }

        return $pictures[0];
    }

    /** Fills a sheet with a picture under a matrix, each pixel that in which its middle lies. */
    private static function take(Surface $sheet, Surface $picture, Affine $matrix): void
    {
        $cairo = Cairo::library();
        $canvas = $cairo->cairo_create($sheet->handle);
        self::source($canvas, $picture, $matrix);
        $cairo->cairo_pattern_set_filter($cairo->cairo_get_source($canvas), Cairo::FILTER_NEAREST);
        $cairo->cairo_paint($canvas);
        $cairo->cairo_destroy($canvas);
        $cairo->cairo_surface_flush($sheet->handle);
    }

    private function meant(Surface $sheet, Means $means): Surface
    {
        foreach ($means->matrices as $matrix) {
            $mean = self::painted($sheet, $sheet, new Affine);
            $means->isOver ? self::lay($mean, $sheet, $this->onSheet($matrix)) : self::paint($mean, $sheet, $this->onSheet($matrix), 0.5);
            $sheet = $mean;
        }

        return $sheet;
    }

    /** A new sheet as large as another, with a picture on it under a matrix. */
    private static function painted(Surface $like, Surface $picture, Affine $matrix): Surface
    {
        $sheet = new Surface($like->width, $like->height);
        self::paint($sheet, $picture, $matrix, 1.0);

        return $sheet;
    }

    /** Mixes a picture under a matrix into a sheet; where it does not reach, what is clear is mixed in. */
    private static function paint(Surface $sheet, Surface $picture, Affine $matrix, float $share): void
    {
        $cairo = Cairo::library();
        $canvas = $cairo->cairo_create($sheet->handle);
        $cairo->cairo_set_operator($canvas, Cairo::OPERATOR_SOURCE);
        self::source($canvas, $picture, $matrix);
        $cairo->cairo_paint_with_alpha($canvas, $share);
        $cairo->cairo_destroy($canvas);
        $cairo->cairo_surface_flush($sheet->handle);
    }

    /** A sheet with a picture over it, as large and only where the sheet is. */
    private static function laidAtop(Surface $sheet, Surface $picture): Surface
    {
        $laid = self::painted($sheet, $sheet, new Affine);
        self::lay($laid, $picture, new Affine, Cairo::OPERATOR_ATOP);

        return $laid;
    }

    /** Lays a picture under a matrix over a sheet, or as another operator does. */
    public static function lay(Surface $sheet, Surface $picture, Affine $matrix, int $operator = Cairo::OPERATOR_OVER): void
    {
        $cairo = Cairo::library();
        $canvas = $cairo->cairo_create($sheet->handle);
        $cairo->cairo_set_operator($canvas, $operator);
        self::source($canvas, $picture, $matrix);
        $cairo->cairo_paint($canvas);
        $cairo->cairo_destroy($canvas);
        $cairo->cairo_surface_flush($sheet->handle);
    }

    /** Makes a picture under a matrix what is painted with. */
    public static function source(CData $canvas, Surface $picture, Affine $matrix): void
    {
        $cairo = Cairo::library();
        $native = $cairo->new('cairo_matrix_t');
        [
            $native->xx, $native->yx, $native->xy, $native->yy, $native->x0, $native->y0,
        ] = [$matrix->a, $matrix->b, $matrix->c, $matrix->d, $matrix->e, $matrix->f];
        $cairo->cairo_set_matrix($canvas, FFI::addr($native));
        $cairo->cairo_set_source_surface($canvas, $picture->handle, 0, 0);
        $onPixels = $matrix->nearly(Affine::translation(round($matrix->e), round($matrix->f)));
        $cairo->cairo_pattern_set_filter($cairo->cairo_get_source($canvas), $onPixels ? Cairo::FILTER_NEAREST : Cairo::FILTER_BILINEAR);
    }
}
