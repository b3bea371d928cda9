<?php

declare(strict_types=1);

namespace Ricamo\Raster\Draw;

use FFI;
use FFI\CData;
use LogicException;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Blend;
use Ricamo\Core\Display\Cap;
use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\FillRule;
use Ricamo\Core\Display\Filter\Perspective;
use Ricamo\Core\Display\Filter\Warp;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Image;
use Ricamo\Core\Display\Join;
use Ricamo\Core\Display\MaskMode;
use Ricamo\Core\Display\MaskPart;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Display\Pen;
use Ricamo\Core\Display\Piece;
use Ricamo\Core\Display\Pieces;
use Ricamo\Core\Display\Samples;
use Ricamo\Core\Display\Shaded;
use Ricamo\Core\Display\Stroke;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Raster\Native\Cairo;

/** Draws display lists onto a surface, exactly as `docs/display-list.md` says. */
final class Painter
{
    /** How far beyond the frame, in composition pixels, what filters may bring into it is drawn. */
    private const FARTHEST = 1500;

    /** How far a curve may be from its true course, in pixels. */
    private const TOLERANCE = 0.05;

    private readonly FFI $cairo;

    private readonly CData $canvas;

    private readonly PathCache $paths;

    private readonly Sources $sources;

    /** What filters may draw on, in composition pixels: the frame, and as far around it as counts. */
    private readonly Box $farthest;

    /**
     * @param  Affine  $view from composition pixels to the surface's
     * @param  ?Box  $farthest  for a sheet within another; null for the frame itself
     */
    public function __construct(
        private readonly Surface $surface,
        private readonly Pictures $pictures,
        private readonly Affine $view = new Affine,
        ?PathCache $paths = null,
        ?Box $farthest = null,
    ) {
        $this->cairo = Cairo::library();
        $this->canvas = $this->cairo->cairo_create($surface->handle);
        $this->cairo->cairo_set_antialias($this->canvas, Cairo::ANTIALIAS_GOOD);
        $this->cairo->cairo_set_tolerance($this->canvas, self::TOLERANCE);
        $this->cairo->cairo_set_miter_limit($this->canvas, Pen::MITER_LIMIT);
        $this->paths = $paths ?? new PathCache;
        $this->sources = new Sources;
        $this->farthest = $farthest ?? $view->inverse()->bounds(new Box(0, 0, $surface->width, $surface->height))->grown(self::FARTHEST);
    }

    /** Draws a whole list, its background first. */
    public function paint(DisplayList $list): void
    {
        if ($list->background?->alpha !== 255) {
            $this->surface->clear();
        }
        if ($list->background !== null) {
            $this->cairo->cairo_identity_matrix($this->canvas);
            $this->sources->set($this->canvas, $list->background);
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
                $operation instanceof Samples => $this->samples($operation),
                $operation instanceof Pieces => $this->pieces($operation),
                default => throw new LogicException($operation::class.' is not an operation this painter knows'),
            };
        }
    }

    private function fill(Fill $fill): void
    {
        $this->matrix($fill->matrix);
        $this->paths->trace($this->canvas, $fill->outline);
        $this->sources->set($this->canvas, $fill->paint);
        $this->cairo->cairo_set_fill_rule($this->canvas, $fill->rule === FillRule::EvenOdd ? Cairo::RULE_EVEN_ODD : Cairo::RULE_WINDING);
        $this->cairo->cairo_fill($this->canvas);
    }

    private function stroke(Stroke $stroke): void
    {
        $this->matrix($stroke->matrix);
        $this->paths->trace($this->canvas, $stroke->outline);
        $this->sources->set($this->canvas, $stroke->paint);
        $this->pen($stroke->pen);
        $this->cairo->cairo_stroke($this->canvas);
    }

    private function pen(Pen $pen): void
    {
        $cairo = $this->cairo;
        $cairo->cairo_set_line_width($this->canvas, $pen->width);
        $cairo->cairo_set_line_join($this->canvas, match ($pen->join) {
            Join::Miter => Cairo::JOIN_MITER,
            Join::Round => Cairo::JOIN_ROUND,
            Join::Bevel => Cairo::JOIN_BEVEL,
        });
        $cairo->cairo_set_line_cap($this->canvas, match ($pen->cap) {
            Cap::Butt => Cairo::CAP_BUTT,
            Cap::Round => Cairo::CAP_ROUND,
            Cap::Square => Cairo::CAP_SQUARE,
        });
        $count = count($pen->dashes);
        $dashes = $count === 0 ? null : $cairo->new("double[$count]");
        foreach ($pen->dashes as $index => $length) {
            $dashes[$index] = $length;
        }
        $cairo->cairo_set_dash($this->canvas, $dashes, $count, $pen->offset);
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
        $this->picture($picture, $matrix);
        $cairo->cairo_paint_with_alpha($this->canvas, $image->opacity);
        $cairo->cairo_restore($this->canvas);
    }

    /** The same within a path that it covers, which takes no sheet. */
    private function imageWithin(Image $image, Outline $outline): void
    {
        $picture = $this->pictures->frame($image->media, $image->frame, $this->view->after($image->matrix)->stretch());
        $placed = $image->matrix->after(Affine::scaling($image->size->width / $picture->width, $image->size->height / $picture->height));
        $this->matrix(new Affine);
        $this->paths->trace($this->canvas, $outline);
        $this->matrix($placed);
        $this->picture($picture, $this->view->after($placed));
        $this->cairo->cairo_set_fill_rule($this->canvas, Cairo::RULE_WINDING);
        $this->cairo->cairo_fill($this->canvas);
    }

    /** @param  Affine  $matrix  from its pixels to the surface's */
    private function picture(Surface $picture, Affine $matrix): void
    {
        $cairo = $this->cairo;
        $cairo->cairo_set_source_surface($this->canvas, $picture->handle, 0, 0);
        $pattern = $cairo->cairo_get_source($this->canvas);
        $cairo->cairo_pattern_set_extend($pattern, Cairo::EXTEND_PAD);
        $cairo->cairo_pattern_set_filter($pattern, $this->filter($matrix));
    }

    private function group(Group $group): void
    {
        $extent = $group->extent();
        if ($extent === null) {
            return;
        }
        $alone = $group->coveringImage();
        if ($alone !== null && $group->clip !== null) {
            $this->imageWithin($alone, $group->clip);

            return;
        }
        $cairo = $this->cairo;
        $cairo->cairo_save($this->canvas);
        $this->clip($extent);
        if ($group->filters !== [] && $group->clip === null && $group->masks === [] && $group->blend === Blend::Normal) {
            // Its own sheet is all it takes.
            $this->filtered($group, $group->opacity);
            $cairo->cairo_restore($this->canvas);

            return;
        }
        $cairo->cairo_push_group($this->canvas);
        $cairo->cairo_set_antialias($this->canvas, Cairo::ANTIALIAS_GOOD);
        $group->filters === [] ? $this->draw($group->operations) : $this->filtered($group);
        if ($group->masks !== []) {
            $this->mask($group->masks);
        }
        $this->lay($group);
        $cairo->cairo_restore($this->canvas);
    }

    /** Lays the sheet that is drawn on over what is beneath. */
    private function lay(Group $group): void
    {
        $cairo = $this->cairo;
        if ($group->blend !== Blend::Normal && $group->opacity < 1) {
            // Cairo's own fading is wrong where it blends: the sheet is faded first.
            $cairo->cairo_identity_matrix($this->canvas);
            $cairo->cairo_set_source_rgba($this->canvas, 0, 0, 0, $group->opacity);
            $cairo->cairo_set_operator($this->canvas, Cairo::OPERATOR_DEST_IN);
            $cairo->cairo_paint($this->canvas);
            $cairo->cairo_set_operator($this->canvas, Cairo::OPERATOR_OVER);
        }
        $cairo->cairo_pop_group_to_source($this->canvas);
        if ($group->clip !== null) {
            // As it is laid: a path of several boxes would clear nothing outside of them from the sheet (Cairo 1.16, DEST_IN).
            $this->keepWithin($group->clip);
        }
        if ($group->blend === Blend::Normal) {
            $cairo->cairo_paint_with_alpha($this->canvas, $group->opacity);
        } else {
            $cairo->cairo_set_operator($this->canvas, self::operator($group->blend));
            $cairo->cairo_paint($this->canvas);
            $cairo->cairo_set_operator($this->canvas, Cairo::OPERATOR_OVER);
        }
    }

    private static function operator(Blend $blend): int
    {
        // Beside the first and the last, both have them in the same order.
        return $blend === Blend::PlusLighter
            ? Cairo::OPERATOR_ADD
            : Cairo::OPERATOR_MULTIPLY + (int) array_search($blend, Blend::cases(), true) - 1;
    }

    /** Draws a group's operations on a sheet of their own, does its filters to it, and draws that at an opacity. */
    private function filtered(Group $group, float $opacity = 1.0): void
    {
        $filter = count($group->filters) === 1 ? $group->filters[0] : null;
        if ($filter instanceof Warp && ! $filter->keepsRest) {
            $this->pulled($group, $filter, $opacity);

            return;
        }
        $region = SheetRegion::of($group, $this->view, $this->surface->width, $this->surface->height, $this->farthest);
        if ($region === null) {
            return;
        }
        $sheet = new Surface((int) $region->width(), (int) $region->height());
        $view = Affine::translation(-$region->left, -$region->top)->after($this->view);
        (new self($sheet, $this->pictures, $view, $this->paths, $this->farthest))->paintOver($group->operations);
        $drawn = fn (array $operations, Colour $colour): Surface => $this->onColour($colour, $operations, $sheet, $view);
        [$picture, $lies] = (new Filtering($view, $drawn))->of($sheet, $group->filters);
        Filtering::source($this->canvas, $picture, Affine::translation($region->left, $region->top)->after($lies));
        $this->cairo->cairo_paint_with_alpha($this->canvas, $opacity);
    }

    /**
     * @param  list<Operation>  $operations
     * @param  Surface  $like  as large as this
     * @param  Affine  $view  from composition pixels to its own
     */
    private function onColour(Colour $colour, array $operations, Surface $like, Affine $view): Surface
    {
        $sheet = new Surface($like->width, $like->height);
        (new self($sheet, $this->pictures, $view, $this->paths, $this->farthest))
            ->paint(new DisplayList(0, $like->width, $like->height, $colour, $operations));

        return $sheet;
    }

    /** The same where all of it is pulled into another shape. */
    private function pulled(Group $group, Warp $warp, float $opacity): void
    {
        $sheet = $this->sheet($group->operations, $warp->source(), $warp->halvings());
        $to = SheetRegion::seen($group->extent(), $this->view, $this->surface->width, $this->surface->height);
        if ($sheet !== null && $to !== null) {
            $this->place($sheet, $warp, $to);
            $this->cairo->cairo_paint_with_alpha($this->canvas, $opacity);
        }
    }

    /** A picture, of which pieces are pulled into other shapes and cut out there. */
    private function pieces(Pieces $pieces): void
    {
        $halvings = array_map(fn (Piece $piece): int => $piece->halvings, $pieces->pieces);
        $sheet = $this->sheet($pieces->operations, $pieces->source(), $halvings);
        foreach ($sheet === null ? [] : $pieces->pieces as $piece) {
            $to = SheetRegion::seen($piece->extent(), $this->view, $this->surface->width, $this->surface->height);
            $warp = $to === null ? null : Perspective::of($piece->part, $piece->seen);
            if ($to !== null && $warp !== null) {
                $this->cairo->cairo_save($this->canvas);
                $this->keepWithin($piece->clip);
                $this->place($sheet, $warp, $to, $piece);
                $this->cairo->cairo_paint_with_alpha($this->canvas, $piece->opacity);
                $this->cairo->cairo_restore($this->canvas);
            }
        }
    }

    /**
     * A sheet for what is pulled into another shape.
     *
     * @param  list<Operation>  $operations  on it
     * @param  Box  $source  what is taken from it, in composition pixels
     * @param  list<int>  $halvings  how many times it is halved
     * @return ?Warping null where nothing is there
     */
    private function sheet(array $operations, Box $source, array $halvings): ?Warping
    {
        $from = SheetRegion::taken($operations, $source, $halvings, $this->view, $this->farthest);
        if ($from === null) {
            return null;
        }
        $sheet = new Surface((int) $from->width(), (int) $from->height());
        $view = Affine::translation(-$from->left, -$from->top)->after($this->view);
        (new self($sheet, $this->pictures, $view, $this->paths, $this->farthest))->paintOver($operations);

        return new Warping($sheet, $view);
    }

    /**
     * Makes what is seen of a sheet, as it is pulled, what is painted with.
     *
     * @param  Box  $to  where it is seen, in pixels of the surface
     * @param  ?Piece  $piece  which says how often it is halved, and how bright it is; each cell does where that is null
     */
    private function place(Warping $sheet, Warp $warp, Box $to, ?Piece $piece = null): void
    {
        $seen = new Surface((int) $to->width(), (int) $to->height());
        $sheet->onto($seen, $warp, Affine::translation(-$to->left, -$to->top)->after($this->view), $piece?->halvings);
        $seen = $piece === null || $piece->isUnlit() ? $seen : Recolouring::of($seen, Shaded::matrix($piece->light));
        Filtering::source($this->canvas, $seen, Affine::translation($to->left, $to->top));
    }

    /**
     * Leaves of the sheet that is drawn on what its masks show.
     *
     * @param  non-empty-list<MaskPart>  $parts
     */
    private function mask(array $parts): void
    {
        $cairo = $this->cairo;
        $cairo->cairo_push_group($this->canvas);
        $cairo->cairo_set_antialias($this->canvas, Cairo::ANTIALIAS_GOOD);
        foreach ($parts as $index => $part) {
            if ($index === 0 && $part->mode !== MaskMode::Add) {
                // The first one is taken from all that there is.
                $cairo->cairo_set_source_rgba($this->canvas, 0, 0, 0, 1);
                $cairo->cairo_paint($this->canvas);
            }
            $this->maskPart($part);
        }
        $cairo->cairo_pop_group_to_source($this->canvas);
        $cairo->cairo_set_operator($this->canvas, Cairo::OPERATOR_DEST_IN);
        $cairo->cairo_paint($this->canvas);
        $cairo->cairo_set_operator($this->canvas, Cairo::OPERATOR_OVER);
    }

    private function maskPart(MaskPart $part): void
    {
        $cairo = $this->cairo;
        $cairo->cairo_push_group($this->canvas);
        $cairo->cairo_set_antialias($this->canvas, Cairo::ANTIALIAS_GOOD);
        $this->draw($part->operations);
        if ($part->inverted) {
            $cairo->cairo_identity_matrix($this->canvas);
            $cairo->cairo_set_source_rgba($this->canvas, 0, 0, 0, 1);
            $cairo->cairo_set_operator($this->canvas, Cairo::OPERATOR_XOR);
            $cairo->cairo_paint($this->canvas);
            $cairo->cairo_set_operator($this->canvas, Cairo::OPERATOR_OVER);
        }
        $cairo->cairo_pop_group_to_source($this->canvas);
        $cairo->cairo_set_operator($this->canvas, match ($part->mode) {
            MaskMode::Add => Cairo::OPERATOR_OVER,
            MaskMode::Subtract => Cairo::OPERATOR_DEST_OUT,
            MaskMode::Intersect => Cairo::OPERATOR_DEST_IN,
            MaskMode::Exclude => Cairo::OPERATOR_XOR,
        });
        $cairo->cairo_paint($this->canvas);
        $cairo->cairo_set_operator($this->canvas, Cairo::OPERATOR_OVER);
    }

    /** From here on nothing is drawn outside of a path, in composition pixels, until what was saved is restored. */
    private function keepWithin(Outline $outline): void
    {
        $this->matrix(new Affine);
        $this->paths->trace($this->canvas, $outline);
        $this->cairo->cairo_set_fill_rule($this->canvas, Cairo::RULE_WINDING);
        $this->cairo->cairo_clip($this->canvas);
    }

    private function samples(Samples $samples): void
    {
        $extent = $samples->extent();
        if ($extent === null) {
            return;
        }
        $cairo = $this->cairo;
        $cairo->cairo_save($this->canvas);
        $this->clip($extent);
        $this->mean($samples->lists);
        $cairo->cairo_paint($this->canvas);
        $cairo->cairo_restore($this->canvas);
    }

    /**
     * Makes the mean of pictures the source. In pairs, because added up at 1/n each they would lose what is less than one
     * of 255.
     *
     * @param  non-empty-list<list<Operation>>  $lists
     */
    private function mean(array $lists): void
    {
        $cairo = $this->cairo;
        $cairo->cairo_push_group($this->canvas);
        $cairo->cairo_set_antialias($this->canvas, Cairo::ANTIALIAS_GOOD);
        if (count($lists) === 1) {
            $this->draw($lists[0]);
        } else {
            [$first, $second] = array_chunk($lists, intdiv(count($lists) + 1, 2));
            $this->mean($first);
            $cairo->cairo_set_operator($this->canvas, Cairo::OPERATOR_SOURCE);
            $cairo->cairo_paint($this->canvas);
            $cairo->cairo_set_operator($this->canvas, Cairo::OPERATOR_OVER);
            $this->mean($second);
            $cairo->cairo_set_operator($this->canvas, Cairo::OPERATOR_SOURCE);
            $cairo->cairo_paint_with_alpha($this->canvas, 0.5);
            $cairo->cairo_set_operator($this->canvas, Cairo::OPERATOR_OVER);
        }
        $cairo->cairo_pop_group_to_source($this->canvas);
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

    public function __destruct()
    {
        $this->cairo->cairo_destroy($this->canvas);
    }
}
