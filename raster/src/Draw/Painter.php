<?php

namespace Ricamo\Raster\Draw;

use FFI;
use FFI\CData;
use LogicException;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Image;
use Ricamo\Core\Display\Join;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Stroke;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Raster\Native\Cairo;

/** Draws display lists onto a surface, exactly as `docs/display-list.md` says. */
final class Painter
{
    /** How far a curve may be from its true course, in pixels. */
    private const TOLERANCE = 0.05;

    private readonly FFI $cairo;

    private readonly CData $canvas;

    private readonly PathCache $paths;

    /** @param  Affine  $view from composition pixels to the surface's */
    public function __construct(
        private readonly Surface $surface,
        private readonly Pictures $pictures,
        private readonly Affine $view = new Affine,
    ) {
        $this->cairo = Cairo::library();
        $this->canvas = $this->cairo->cairo_create($surface->handle);
        $this->cairo->cairo_set_antialias($this->canvas, Cairo::ANTIALIAS_GOOD);
        $this->cairo->cairo_set_tolerance($this->canvas, self::TOLERANCE);
        $this->cairo->cairo_set_miter_limit($this->canvas, Stroke::MITER_LIMIT);
        $this->paths = new PathCache;
    }

    /** Draws a whole list, its background first. */
    public function paint(DisplayList $list): void
    {
        if ($list->background?->alpha !== 255) {
            $this->surface->clear();
        }
        if ($list->background !== null) {
            $this->cairo->cairo_identity_matrix($this->canvas);
            $this->source($list->background);
            $this->cairo->cairo_paint($this->canvas);
        }
        $this->draw($list->operations);
        $this->cairo->cairo_surface_flush($this->surface->handle);
    }

    /** @param  list<Operation>  $operations drawn on a clear surface, without a background */
    public function paintOver(array $operations): void
    {
        $this->surface->clear();
        $this->draw($operations);
        $this->cairo->cairo_surface_flush($this->surface->handle);
    }

    /** @param  list<Operation>  $operations */
    private function draw(array $operations): void
    {
        foreach ($operations as $operation) {
            match (true) {
                $operation instanceof Fill => $this->fill($operation),
                $operation instanceof Stroke => $this->stroke($operation),
                $operation instanceof Image => $this->image($operation),
                $operation instanceof Group => $this->group($operation),
                default => throw new LogicException($operation::class.' is not an operation this painter knows'),
            };
        }
    }

    private function fill(Fill $fill): void
    {
        $this->matrix($fill->matrix);
        $this->paths->trace($this->canvas, $fill->outline);
        $this->source($fill->colour);
        $this->cairo->cairo_fill($this->canvas);
    }

    private function stroke(Stroke $stroke): void
    {
        $this->matrix($stroke->matrix);
        $this->paths->trace($this->canvas, $stroke->outline);
        $this->source($stroke->colour);
        $this->cairo->cairo_set_line_width($this->canvas, $stroke->width);
        $this->cairo->cairo_set_line_join($this->canvas, $stroke->join === Join::Miter ? Cairo::JOIN_MITER : Cairo::JOIN_ROUND);
        $this->cairo->cairo_stroke($this->canvas);
    }

    private function image(Image $image): void
    {
        $picture = $this->pictures->frame($image->media, $image->frame, $this->view->after($image->matrix)->stretch());
        // A picture held at another size than the clip's still fills the clip's place.
        $placed = $image->matrix->after(Affine::scaling($image->size->width / $picture->width, $image->size->height / $picture->height));
        $matrix = $this->view->after($placed);
        $cairo = $this->cairo;
        $cairo->cairo_save($this->canvas);
        $this->matrix($placed);
        $cairo->cairo_new_path($this->canvas);
        $cairo->cairo_rectangle($this->canvas, 0, 0, $picture->width, $picture->height);
        $cairo->cairo_clip($this->canvas);
        $cairo->cairo_set_source_surface($this->canvas, $picture->handle, 0, 0);
        $pattern = $cairo->cairo_get_source($this->canvas);
        $cairo->cairo_pattern_set_extend($pattern, Cairo::EXTEND_PAD);
        $cairo->cairo_pattern_set_filter($pattern, $this->filter($matrix));
        $cairo->cairo_paint_with_alpha($this->canvas, $image->opacity);
        $cairo->cairo_restore($this->canvas);
    }

    private function group(Group $group): void
    {
        $extent = $group->extent();
        if ($extent === null) {
            return;
        }
        $cairo = $this->cairo;
        $cairo->cairo_save($this->canvas);
        $this->clip($extent);
        $cairo->cairo_push_group($this->canvas);
        $cairo->cairo_set_antialias($this->canvas, Cairo::ANTIALIAS_GOOD);
        $this->draw($group->operations);
        $cairo->cairo_pop_group_to_source($this->canvas);
        $cairo->cairo_paint_with_alpha($this->canvas, $group->opacity);
        $cairo->cairo_restore($this->canvas);
    }

    /** Limits what a group's sheet has to hold, to whole pixels around all it can touch. */
    private function clip(Box $extent): void
    {
        $box = $this->view->bounds($extent);
        [$left, $top] = [floor($box->left) - 1, floor($box->top) - 1];
        $this->cairo->cairo_identity_matrix($this->canvas);
        $this->cairo->cairo_new_path($this->canvas);
        $this->cairo->cairo_rectangle($this->canvas, $left, $top, ceil($box->right) + 1 - $left, ceil($box->bottom) + 1 - $top);
        $this->cairo->cairo_clip($this->canvas);
    }

    private function filter(Affine $matrix): int
    {
        $wholePixels = $matrix->nearly(Affine::translation(round($matrix->e), round($matrix->f)));

        return match (true) {
            $wholePixels => Cairo::FILTER_NEAREST,
            // Where even the halved picture is larger than it is shown, a good filter is worth its time.
            $matrix->stretch() < 0.5 => Cairo::FILTER_GOOD,
            default => Cairo::FILTER_BILINEAR,
        };
    }

    private function matrix(Affine $matrix): void
    {
        $placed = $this->view->after($matrix);
        $native = $this->cairo->new('cairo_matrix_t');
        [$native->xx, $native->yx, $native->xy, $native->yy, $native->x0, $native->y0]
            = [$placed->a, $placed->b, $placed->c, $placed->d, $placed->e, $placed->f];
        $this->cairo->cairo_set_matrix($this->canvas, FFI::addr($native));
    }

    private function source(Colour $colour): void
    {
        $this->cairo->cairo_set_source_rgba(
            $this->canvas, $colour->red / 255, $colour->green / 255, $colour->blue / 255, $colour->alpha / 255,
        );
    }

    public function __destruct()
    {
        $this->cairo->cairo_destroy($this->canvas);
    }
}
