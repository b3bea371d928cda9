<?php

declare(strict_types=1);

namespace Ricamo\Core\Move;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Geometry\Vector;

/** Strips of a layer, equally wide, each of which hangs at the one before: folded, rolled or swung open. */
final class Leaves
{
    /** How far beyond the layer the outer ones reach, in pixels, for what its effects draw there. */
    public const BESIDE = 300.0;

    /** How far neighbours reach beneath one another, in pixels, so that nothing is seen between. */
    private const BENEATH = 0.75;

    /**
     * @param  Box  $box  what they are cut out of, in composition pixels
     * @param  float  $side  at which edge the first hangs, in degrees clockwise from the right
     * @param  non-empty-list<float>  $angles  of each, against the plane: positive leads what is farther from that edge
     *     nearer to the viewer
     * @param  float  $before  how far the first reaches beyond that edge, and $after the last beyond the other, in pixels: not beyond
     *     where the layer is cut
     * @return non-empty-list<array{Path, Space}> from the first on
     */
    public static function hanging(
        Box $box, float $side, array $angles, float $before = self::BESIDE, float $after = self::BESIDE,
    ): array {
        $out = Scenery::direction($side);
        [$far, $wide] = [
            abs($out->x) * $box->width() + abs($out->y) * $box->height(), abs($out->y) * $box->width() + abs($out->x) * $box->height(),
        ];
        $hinge = $box->centre()->plus($out->times($far / 2));
        $each = $far / count($angles);
        // Along x from the hinge on, and about it.
        $placed = Affine::translation($hinge->x, $hinge->y)->after(Affine::rotation($side + 180));
        [$along, $nearer] = [0.0, 0.0];
        $leaves = [];
        foreach ($angles as $index => $degrees) {
            $from = $index * $each;
            $line = $placed->apply(new Point($from, 0));
            $moved = $out->times($from - $along);
            $leaves[] = [
                Path::rectangle(new Box(
                    $index === 0 ? -$before : $from - self::BENEATH, -$wide / 2 - self::BESIDE,
                    $from + $each + ($index === count($angles) - 1 ? $after : self::BENEATH), $wide / 2 + self::BESIDE,
                ))->transformed($placed),
                Space::shifted(new Vector($moved->x, $moved->y, -$nearer))->after(Space::swung($line, $side + 180, $degrees)),
            ];
            $turn = Affine::rotation($degrees);
            $along += $each * $turn->a;
            $nearer += $each * $turn->b;
        }

        return $leaves;
    }

    /** One of the halves of a box. @param  float  $side  on which it lies, in degrees clockwise from the right */
    public static function half(Box $box, float $side): Box
    {
        $out = Scenery::direction($side);
        [$x, $y] = [$box->width() / 2 * $out->x, $box->height() / 2 * $out->y];

        return abs($out->x) >= abs($out->y)
            ? new Box($box->left + max(0.0, $x), $box->top, $box->right + min(0.0, $x), $box->bottom)
            : new Box($box->left, $box->top + max(0.0, $y), $box->right, $box->bottom + min(0.0, $y));
    }

    /** The same direction along the nearest axis. */
    public static function level(float $side): float
    {
        return 90 * round($side / 90);
    }
}
