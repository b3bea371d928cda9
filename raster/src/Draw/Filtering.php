<?php

namespace Ricamo\Raster\Draw;

use FFI;
use FFI\CData;
use LogicException;
use Ricamo\Core\Display\Filter\Blur;
use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Display\Filter\Filter;
use Ricamo\Core\Display\Filter\Means;
use Ricamo\Core\Display\Filter\Moved;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Raster\Native\Cairo;

/** Does filters to a sheet, exactly as `docs/display-list.md` says. */
final readonly class Filtering
{
    /** @param  Affine  $view  from composition pixels to the sheet's */
    public function __construct(private Affine $view)
    {
    }

    /** @param  list<Filter>  $filters */
    public function of(Surface $sheet, array $filters): Surface
    {
        foreach ($filters as $filter) {
            $sheet = match (true) {
                $filter instanceof Blur => $this->blurred($sheet, $filter),
                $filter instanceof ColourMatrix => Recolouring::of($sheet, $filter),
                $filter instanceof Means => $this->meant($sheet, $filter),
                $filter instanceof Moved => $this->painted($sheet, $sheet, $this->onSheet($filter->matrix)),
                default => throw new LogicException($filter::class.' is not a filter this knows'),
            };
        }

        return $sheet;
    }

    private function blurred(Surface $sheet, Blur $blur): Surface
    {
        [$small, $factor] = Gaussian::of($sheet, $blur->deviation * $this->view->stretch());

        return $factor === 1 ? $small : $this->painted($sheet, $small, Affine::scaling($factor, $factor));
    }

    /** A matrix of the composition's pixels, of the sheet's. */
    private function onSheet(Affine $matrix): Affine
    {
        return $this->view->after($matrix)->after($this->view->inverse());
    }

    private function meant(Surface $sheet, Means $means): Surface
    {
        foreach ($means->matrices as $matrix) {
            $mean = $this->painted($sheet, $sheet, new Affine);
            $this->paint($mean, $sheet, $this->onSheet($matrix), 0.5);
            $sheet = $mean;
        }

        return $sheet;
    }

    /** A new sheet as large as another, with a picture on it under a matrix. */
    private function painted(Surface $like, Surface $picture, Affine $matrix): Surface
    {
        $sheet = new Surface($like->width, $like->height);
        $this->paint($sheet, $picture, $matrix, 1.0);

        return $sheet;
    }

    /** Mixes a picture under a matrix into a sheet; where it does not reach, what is clear is mixed in. */
    private function paint(Surface $sheet, Surface $picture, Affine $matrix, float $share): void
    {
        $cairo = Cairo::library();
        $canvas = $cairo->cairo_create($sheet->handle);
        $cairo->cairo_set_matrix($canvas, FFI::addr(self::native($cairo, $matrix)));
        $cairo->cairo_set_source_surface($canvas, $picture->handle, 0, 0);
        $cairo->cairo_pattern_set_filter($cairo->cairo_get_source($canvas), $matrix->isIdentity() ? Cairo::FILTER_NEAREST : Cairo::FILTER_BILINEAR);
        $cairo->cairo_set_operator($canvas, Cairo::OPERATOR_SOURCE);
        $cairo->cairo_paint_with_alpha($canvas, $share);
        $cairo->cairo_destroy($canvas);
        $cairo->cairo_surface_flush($sheet->handle);
    }

    private static function native(FFI $cairo, Affine $matrix): CData
    {
        $native = $cairo->new('cairo_matrix_t');
        [$native->xx, $native->yx, $native->xy, $native->yy, $native->x0, $native->y0] = [$matrix->a, $matrix->b, $matrix->c, $matrix->d, $matrix->e, $matrix->f];

        return $native;
    }
}
