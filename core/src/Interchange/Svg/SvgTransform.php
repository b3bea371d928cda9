<?php

declare(strict_types=1);

namespace Ricamo\Core\Interchange\Svg;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Path\SvgPath;

/** Reads lists of transforms: matrix, translate, scale, rotate, skewX and skewY. */
final class SvgTransform
{
    public static function parse(string $text): Affine
    {
        $all = new Affine;
        preg_match_all('/(matrix|translate|scale|rotate|skewX|skewY)\s*\(([^)]*)\)/', $text, $found, PREG_SET_ORDER);
        foreach ($found as [, $name, $numbers]) {
            $all = $all->after(self::one($name, SvgPath::numbers($numbers)));
        }

        return $all;
    }

    /** @param  list<float>  $n */
    private static function one(string $name, array $n): Affine
    {
        $first = $n[0] ?? 0.0;

        return match ($name) {
            'matrix' => count($n) === 6 ? new Affine(...$n) : new Affine,
            'translate' => Affine::translation($first, $n[1] ?? 0),
            'scale' => Affine::scaling($n[0] ?? 1, $n[1] ?? $n[0] ?? 1),
            'rotate' => Affine::translation($n[1] ?? 0, $n[2] ?? 0)->after(Affine::rotation($first))
                ->after(Affine::translation(-($n[1] ?? 0), -($n[2] ?? 0))),
            'skewX' => new Affine(1, 0, tan(deg2rad($first)), 1, 0, 0),
            default => new Affine(1, tan(deg2rad($first)), 0, 1, 0, 0),
        };
    }
}
