<?php

declare(strict_types=1);

namespace Ricamo\Raster\Draw;

use FFI;
use FFI\CData;
use Ricamo\Core\Display\Filter\Warp;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;
use Ricamo\Raster\Native\Cairo;
use Ricamo\Raster\Native\Pixman;

/** Pulls a sheet into another shape, triangle by triangle. */
final class Warping
{
    /** Beyond this, in pixels of the sheet, its numbers of 16 bits and 16 more do not reach. */
    private const FARTHEST = 32_000;

    private readonly FFI $pixman;

    /** @var array<int, Surface> the sheet, halved so many times */
    private array $halved;

    /** @var array<int, CData> pictures of pixman's of them */
    private array $sources = [];

    private Surface $warped;

    private CData $target;

    private readonly CData $triangle;

    private readonly CData $transform;

    /** @param  Affine  $view  from composition pixels to the sheet's */
    public function __construct(Surface $sheet, private readonly Affine $view)
    {
        $this->pixman = Pixman::library();
        $this->halved = [0 => $sheet];
        $this->triangle = $this->pixman->new('pixman_triangle_t');
        $this->transform = $this->pixman->new('pixman_transform_t');
        $this->transform->matrix[8] = Pixman::ONE;
    }

    public function __destruct()
    {
        foreach ($this->sources as $picture) {
            $this->pixman->pixman_image_unref($picture);
        }
    }

    /** @param  Affine  $view  from composition pixels to the sheet's */
    public static function of(Surface $sheet, Warp $warp, Affine $view): Surface
    {
        $warped = new Surface($sheet->width, $sheet->height);
        if ($warp->keepsRest) {
            Filtering::lay($warped, $sheet, new Affine);
        }
        (new self($sheet, $view))->onto($warped, $warp, $view);

        return $warped;
    }

    /**
     * Draws the sheet, as it is pulled, onto another that is clear, or that holds what stays.
     *
     * @param  Affine  $view  from composition pixels to those of the other
     * @param  ?int  $halvings  how many times it is halved; as many as each cell says where that is null
     */
    public function onto(Surface $warped, Warp $warp, Affine $view, ?int $halvings = null): void
    {
        $this->warped = $warped;
        $this->target = $this->pictureOf($warped);
        $this->draw($warp, array_map($this->view->apply(...), $warp->from), array_map($view->apply(...), $warp->to), $halvings);
        $this->pixman->pixman_image_unref($this->target);
        $warped->changed();
    }

    /**
     * @param  non-empty-list<Point>  $from  the points of the grid, in pixels of the sheet
     * @param  non-empty-list<Point>  $to  in those of the other
     * @param  ?int  $once  how many times it is halved for all of them
     */
    private function draw(Warp $warp, array $from, array $to, ?int $once): void
    {
        $triangles = [];
        foreach ($once === null ? $warp->halvings() : array_fill(0, $warp->columns * $warp->rows(), $once) as $cell => $halvings) {
            $first = intdiv($cell, $warp->columns) * ($warp->columns + 1) + $cell % $warp->columns;
            $below = $first + $warp->columns + 1;
            foreach ([[$first, $first + 1, $below], [$below, $first + 1, $below + 1]] as $corners) {
                if ($this->isSeen($to[$corners[0]], $to[$corners[1]], $to[$corners[2]])) {
                    $triangles[] = [$corners, $halvings];
                }
            }
        }
        if ($warp->keepsRest) {
            $this->clear(array_map(
                fn (array $triangle): array => array_map(fn (int $corner): Point => $to[$corner], $triangle[0]), $triangles,
            ));
        }
        foreach ($triangles as [[$a, $b, $c], $halvings]) {
            $this->triangle($to[$a], $to[$b], $to[$c], $from[$a], $from[$b], $from[$c], $halvings);
        }
    }

    /** Whether a triangle covers anything of what is drawn on. */
    private function isSeen(Point $a, Point $b, Point $c): bool
    {
        $area = ($b->x - $a->x) * ($c->y - $a->y) - ($c->x - $a->x) * ($b->y - $a->y);
        [$left, $right, $top, $bottom] = [
            min($a->x, $b->x, $c->x), max($a->x, $b->x, $c->x), min($a->y, $b->y, $c->y), max($a->y, $b->y, $c->y),
        ];

        return abs($area) > 1e-4 && $right > 0 && $bottom > 0 && $left < $this->warped->width && $top < $this->warped->height
            && $left > -self::FARTHEST && $top > -self::FARTHEST && $right < self::FARTHEST && $bottom < self::FARTHEST;
    }

    /**
     * What triangles come to lie on is taken away.
     *
     * @param  list<list<Point>>  $triangles  their corners
     */
    private function clear(array $triangles): void
    {
        $count = count($triangles);
        if ($count === 0) {
            return;
        }
        $all = $this->pixman->new("pixman_triangle_t[$count]");
        foreach ($triangles as $index => [$a, $b, $c]) {
            self::place($all[$index], $a, $b, $c);
        }
        $colour = $this->pixman->new('pixman_color_t');
        [$colour->red, $colour->green, $colour->blue, $colour->alpha] = [0xFFFF, 0xFFFF, 0xFFFF, 0xFFFF];
        $solid = $this->pixman->pixman_image_create_solid_fill(FFI::addr($colour));
        $this->pixman->pixman_composite_triangles(
            Pixman::OPERATOR_OUT_REVERSE, $solid, $this->target, Pixman::FORMAT_A1, 0, 0, 0, 0, $count, FFI::addr($all[0]),
        );
        $this->pixman->pixman_image_unref($solid);
    }

    /** Draws one, by the matrix that leads from where it comes to lie to where it is taken from. */
    private function triangle(Point $a, Point $b, Point $c, Point $fromA, Point $fromB, Point $fromC, int $halvings): void
    {
        [$bx, $by, $cx, $cy] = [$b->x - $a->x, $b->y - $a->y, $c->x - $a->x, $c->y - $a->y];
        $scale = 1 / (($bx * $cy - $cx * $by) * 2 ** $halvings);
        [$ux, $uy, $vx, $vy] = [$fromB->x - $fromA->x, $fromB->y - $fromA->y, $fromC->x - $fromA->x, $fromC->y - $fromA->y];
        $xx = ($ux * $cy - $vx * $by) * $scale;
        $xy = ($vx * $bx - $ux * $cx) * $scale;
        $yx = ($uy * $cy - $vy * $by) * $scale;
        $yy = ($vy * $bx - $uy * $cx) * $scale;
        $x = $fromA->x / 2 ** $halvings - $xx * $a->x - $xy * $a->y;
        $y = $fromA->y / 2 ** $halvings - $yx * $a->x - $yy * $a->y;
        if (max(abs($xx), abs($xy), abs($yx), abs($yy), abs($x), abs($y)) >= self::FARTHEST) {
            return;
        }
        $matrix = $this->transform->matrix;
        $matrix[0] = (int) round($xx * Pixman::ONE);
        $matrix[1] = (int) round($xy * Pixman::ONE);
        $matrix[2] = (int) round($x * Pixman::ONE);
        $matrix[3] = (int) round($yx * Pixman::ONE);
        $matrix[4] = (int) round($yy * Pixman::ONE);
        $matrix[5] = (int) round($y * Pixman::ONE);
        self::place($this->triangle, $a, $b, $c);
        $source = $this->source($halvings);
        $this->pixman->pixman_image_set_transform($source, FFI::addr($this->transform));
        $this->pixman->pixman_composite_triangles(
            Pixman::OPERATOR_OVER, $source, $this->target, Pixman::FORMAT_A1, 0, 0, 0, 0, 1, FFI::addr($this->triangle),
        );
    }

    private static function place(CData $triangle, Point $a, Point $b, Point $c): void
    {
        [$one, $two, $three] = [$triangle->p1, $triangle->p2, $triangle->p3];
        [$one->x, $one->y] = [(int) round($a->x * Pixman::ONE), (int) round($a->y * Pixman::ONE)];
        [$two->x, $two->y] = [(int) round($b->x * Pixman::ONE), (int) round($b->y * Pixman::ONE)];
        [$three->x, $three->y] = [(int) round($c->x * Pixman::ONE), (int) round($c->y * Pixman::ONE)];
    }

    private function source(int $halvings): CData
    {
        if (! isset($this->sources[$halvings])) {
            for ($times = count($this->halved); $times <= $halvings; $times++) {
                $this->halved[$times] = self::half($this->halved[$times - 1]);
            }
            $this->sources[$halvings] = $this->pictureOf($this->halved[$halvings]);
            $this->pixman->pixman_image_set_filter($this->sources[$halvings], Pixman::FILTER_BILINEAR, null, 0);
        }

        return $this->sources[$halvings];
    }

    /** At half its size each pixel is the mean of four: what bilinear sampling in their middle is. */
    private static function half(Surface $picture): Surface
    {
        $half = new Surface(max(1, ($picture->width + 1) >> 1), max(1, ($picture->height + 1) >> 1));
        $cairo = Cairo::library();
        $canvas = $cairo->cairo_create($half->handle);
        Filtering::source($canvas, $picture, Affine::scaling(0.5, 0.5));
        $cairo->cairo_paint($canvas);
        $cairo->cairo_destroy($canvas);
        $cairo->cairo_surface_flush($half->handle);

        return $half;
    }

    private function pictureOf(Surface $surface): CData
    {
        return $this->pixman->pixman_image_create_bits(
            Pixman::FORMAT_ARGB32, $surface->width, $surface->height, $surface->pixels, 4 * $surface->width,
        );
    }
}
