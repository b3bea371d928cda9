<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Shape;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Path\Knot;
use Ricamo\Core\Path\Rounding;
use Ricamo\Core\Path\SvgPath;

/** The outlines of forms. */
final class FormPaths
{
    /** How long the head of an arrow is, in parts of its height. */
    private const HEAD = 0.8;

    /** How wide the tail of a speech plate is where it leaves it, in parts of the shorter side. */
    private const TAIL = 0.3;

    public static function of(Formed $formed): Path
    {
        $box = $formed->box;
        $path = match ($formed->form) {
            ShapeForm::Rectangle => $formed->hasCornersOfItsOwn() ? self::cornered($formed) : Path::rectangle($box, $formed->rounding),
            ShapeForm::Ellipse => Path::ellipse($box),
            ShapeForm::Polygon => self::around(
                $box,
                array_map(
                    fn (int $index): array => [$index / max(3, (int) round($formed->sides)), 1.0],
                    range(0, max(3, (int) round($formed->sides)) - 1),
                ),
                $formed->start,
            ),
            ShapeForm::Star => self::around(
                $box,
                array_map(
                    fn (int $index): array => [
                        $index / (2 * max(3, (int) round($formed->sides))), $index % 2 === 0 ? 1.0 : $formed->inner / 100,
                    ],
                    range(0, 2 * max(3, (int) round($formed->sides)) - 1),
                ),
                $formed->start,
            ),
            ShapeForm::Arc => abs($formed->sweep) >= 360 ? Path::ellipse($box) : self::arc($box, $formed->start, $formed->sweep),
            ShapeForm::Ring => self::ring($box, $formed),
            ShapeForm::Line => new Path('ML', [$box->left, $box->centre()->y, $box->right, $box->centre()->y]),
            ShapeForm::Arrow => self::arrow($box, $formed->inner / 100),
            ShapeForm::Speech => self::speech($box, $formed->rounding, $formed->tail),
            ShapeForm::Heart => self::heart($box),
            ShapeForm::Path => $formed->path->path(),
        };

        return $formed->rounding > 0
            && in_array($formed->form, [ShapeForm::Polygon, ShapeForm::Star, ShapeForm::Arrow, ShapeForm::Path], true)
            ? Rounding::of(Contours::of($path), $formed->rounding)->path()
            : $path;
    }

    /** A rectangle whose corners are rounded each by its own radius; one that is sharp is a corner. */
    private static function cornered(Formed $formed): Path
    {
        $box = $formed->box;
        $points = [
            new Point($box->left, $box->top),
            new Point($box->right, $box->top),
            new Point($box->right, $box->bottom),
            new Point($box->left, $box->bottom),
        ];
        $knots = [];
        foreach ($points as $index => $point) {
            $radius = $formed->corners[$index] >= 0 ? $formed->corners[$index] : $formed->rounding;
            $sharp = array_values(array_diff([0, 1, 2, 3], [$index]));
            $rounded = Rounding::of(Contours::of(Path::polygon($points)), $radius, $sharp)->all[0]->knots;
            array_push($knots, ...array_slice($rounded, $index, count($rounded) - 3));
        }

        /** @var non-empty-list<Knot> $knots */
        return (new Contours([new Contour($knots, true)]))->path();
    }

    /** A place on the ellipse in a box, in degrees clockwise from its top. */
    private static function on(Box $box, float $degrees, float $share = 1.0): Point
    {
        $angle = deg2rad($degrees - 90);
        $centre = $box->centre();

        return new Point($centre->x + $share * cos($angle) * $box->width() / 2, $centre->y + $share * sin($angle) * $box->height() / 2);
    }

    /** @param  non-empty-list<array{float, float}>  $corners  how far round each is, 0 to 1, and how far out */
    private static function around(Box $box, array $corners, float $start): Path
    {
        return Path::polygon(array_map(fn (array $corner): Point => self::on($box, $start + 360 * $corner[0], $corner[1]), $corners));
    }

    /** As SVG has them, of which whole turns are none. */
    private static function arc(Box $box, float $start, float $sweep): Path
    {
        return SvgPath::parse('M'.self::arcData($box, 1.0, $start, $sweep), 100);
    }

    private static function arcData(Box $box, float $share, float $start, float $sweep): string
    {
        $text = fn (Point $point): string => sprintf('%.9F %.9F', $point->x, $point->y);
        $data = $text(self::on($box, $start, $share));
        foreach ([0.5, 1.0] as $part) {
            $data .= sprintf(
                'A%.9F %.9F 0 0 %d %s',
                $share * $box->width() / 2,
                $share * $box->height() / 2,
                $sweep > 0 ? 1 : 0,
                $text(self::on($box, $start + $part * $sweep, $share)),
            );
        }

        return $data;
    }

    private static function ring(Box $box, Formed $formed): Path
    {
        $inner = $formed->inner / 100;
        if (abs($formed->sweep) >= 360) {
            $hole = Path::ellipse($box)->transformed(Affine::translation(
                $box->centre()->x, $box->centre()->y,
            )->after(Affine::scaling(-$inner, $inner))->after(
                Affine::translation(-$box->centre()->x, -$box->centre()->y),
            ));

            return $inner > 0 ? Path::joined([Path::ellipse($box), $hole]) : Path::ellipse($box);
        }
        if (abs($formed->sweep) < 1e-6) {
            return new Path('', []);
        }
        $back = $inner > 0
            ? self::arcData($box, $inner, $formed->start + $formed->sweep, -$formed->sweep)
            : sprintf('%.9F %.9F', $box->centre()->x, $box->centre()->y);

        return SvgPath::parse('M'.self::arcData($box, 1.0, $formed->start, $formed->sweep)."L{$back}Z", 100);
    }

    private static function arrow(Box $box, float $shaft): Path
    {
        $head = $box->right - min($box->width(), self::HEAD * $box->height());
        $y = $box->centre()->y;
        $half = $shaft * $box->height() / 2;

        return Path::polygon([
            new Point($box->left, $y - $half), new Point($head, $y - $half), new Point($head, $box->top), new Point($box->right, $y),
            new Point($head, $box->bottom), new Point($head, $y + $half), new Point($box->left, $y + $half),
        ]);
    }

    /** The tail leaves the side that its end lies beyond farthest. */
    private static function speech(Box $box, float $rounding, Point $tail): Path
    {
        $beyond = [
            'top' => $box->top - $tail->y,
            'right' => $tail->x - $box->right,
            'bottom' => $tail->y - $box->bottom,
            'left' => $box->left - $tail->x,
        ];
        $farthest = max($beyond);
        if ($farthest <= 0) {
            return Path::rectangle($box, $rounding);
        }
        $side = array_search($farthest, $beyond, true);
        $half = self::TAIL * $box->shorter() / 2;
        $radius = min($rounding, $box->width() / 2, $box->height() / 2);
        $along = fn (float $at, float $from, float $to): float => max($from + $radius + $half, min($to - $radius - $half, $at));
        [$x, $y] = [$along($tail->x, $box->left, $box->right), $along($tail->y, $box->top, $box->bottom)];
        $corners = [
            new Point($box->left, $box->top),
            new Point($box->right, $box->top),
            new Point($box->right, $box->bottom),
            new Point($box->left, $box->bottom),
        ];
        $foot = match ($side) {
            'top' => [
                [$corners[0]],
                [new Point($x - $half, $box->top), $tail, new Point($x + $half, $box->top)],
                [$corners[1], $corners[2], $corners[3]],
            ],
            'right' => [
                [$corners[0], $corners[1]],
                [new Point($box->right, $y - $half), $tail, new Point($box->right, $y + $half)],
                [$corners[2], $corners[3]],
            ],
            'bottom' => [
                [$corners[0], $corners[1], $corners[2]],
                [new Point($x + $half, $box->bottom), $tail, new Point($x - $half, $box->bottom)],
                [$corners[3]],
            ],
            default => [$corners, [new Point($box->left, $y + $half), $tail, new Point($box->left, $y - $half)], []],
        };
        $points = array_merge(...$foot);
        $sharp = range(count($foot[0]), count($foot[0]) + 2);

        return Rounding::of(Contours::of(Path::polygon($points)), $rounding, $sharp)->path();
    }

    /** Two round shoulders, and two flanks that meet at the foot. */
    private static function heart(Box $box): Path
    {
        $x = fn (float $share): float => $box->left + $share * $box->width();
        $y = fn (float $share): float => $box->top + $share * $box->height();

        return new Path('MCCCCCCZ', [
            $x(0.5), $y(0.27),
            $x(0.55), $y(0.1), $x(0.64), $y(0.0), $x(0.75), $y(0.0),
            $x(0.9), $y(0.0), $x(1.0), $y(0.13), $x(1.0), $y(0.32),
            $x(1.0), $y(0.58), $x(0.7), $y(0.78), $x(0.5), $y(1.0),
            $x(0.3), $y(0.78), $x(0.0), $y(0.58), $x(0.0), $y(0.32),
            $x(0.0), $y(0.13), $x(0.1), $y(0.0), $x(0.25), $y(0.0),
            $x(0.36), $y(0.0), $x(0.45), $y(0.1), $x(0.5), $y(0.27),
        ]);
    }
}
