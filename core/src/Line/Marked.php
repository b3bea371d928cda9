<?php

declare(strict_types=1);

namespace Ricamo\Core\Line;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Path\Along;

/** A part of a line with marks at its ends: the marks, and how much of the line is seen between them. */
final readonly class Marked
{
    /** What share of the part tells where a mark points that stands on the very end. */
    private const NEAR = 1e-3;

    private function __construct(public float $from, public float $to, public Path $marks)
    {
    }

    /**
     * The marks of a part that is too short for them are as small as it is, and all that is seen of it.
     *
     * @param  float  $from  where on the line the part begins, and `$to` where it ends
     * @param  float  $size  how wide a mark is
     */
    public static function of(Along $line, float $from, float $to, LineEnds $ends, float $size, float $width): self
    {
        $taken = ($ends->begin?->length($size, $width) ?? 0.0) + ($ends->end?->length($size, $width) ?? 0.0);
        $share = $taken > 0 ? min(1.0, ($to - $from) / $taken) : 1.0;
        [$size, $width] = [$size * $share, $width * $share];
        $before = $ends->begin?->inset($size, $width) ?? 0.0;
        $after = $ends->end?->inset($size, $width) ?? 0.0;
        $near = self::NEAR * ($to - $from);
        $marks = [];
        if ($ends->begin !== null) {
            $marks[] = $ends->begin->path($size, $width)->transformed(self::placed($line, $from, $from + max($near, $before)));
        }
        if ($ends->end !== null) {
            $marks[] = $ends->end->path($size, $width)->transformed(self::placed($line, $to, $to - max($near, $after)));
        }

        return $share < 1 ? new self($from, $from, Path::joined($marks)) : new self($from + $before, $to - $after, Path::joined($marks));
    }

    /** At an end, turned as the line comes to it from where it is still seen. */
    private static function placed(Along $line, float $end, float $seen): Affine
    {
        [$tip, $last] = [$line->at($end), $line->at($seen)];
        $way = $tip->minus($last);

        return Affine::translation($tip->x, $tip->y)->after(Affine::rotation(rad2deg(atan2($way->y, $way->x))));
    }
}
