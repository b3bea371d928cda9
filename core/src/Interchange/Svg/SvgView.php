<?php

namespace Ricamo\Core\Interchange\Svg;

use DOMElement;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Refusal;

/** The size of a file's picture, and how its own units lie in it. */
final readonly class SvgView
{
    private const LARGEST = 100_000;

    /** @param  float  $width  of the view, in its own units, which per cent are of */
    private function __construct(public float $width, public float $height, public float $shownWidth, public float $shownHeight, public Affine $matrix)
    {
    }

    public static function of(DOMElement $root): self
    {
        $box = SvgPath::numbers($root->getAttribute('viewBox'));
        $isBox = count($box) === 4 && $box[2] > 0 && $box[3] > 0;
        [$left, $top, $width, $height] = $isBox ? $box : [0.0, 0.0, 0.0, 0.0];
        $shown = fn (string $name): ?float => str_ends_with(trim($root->getAttribute($name)), '%') ? null : SvgLength::parse($root->getAttribute($name));
        $w = $shown('width') ?? ($isBox ? ($shown('height') ?? $height) * $width / $height : 300.0);
        $h = $shown('height') ?? ($isBox ? $w * $height / $width : 150.0);
        if ($w < 1e-3 || $h < 1e-3 || max($w, $h) > self::LARGEST) {
            throw new Refusal("a picture of $w × $h pixels is outside 1..".self::LARGEST);
        }
        if (! $isBox) {
            return new self($w, $h, $w, $h, new Affine);
        }
        [$x, $y] = [$w / $width, $h / $height];
        if (! str_starts_with($root->getAttribute('preserveAspectRatio'), 'none')) {
            $x = $y = min($x, $y);
        }

        return new self($width, $height, $w, $h, new Affine($x, 0, 0, $y, ($w - $x * $width) / 2 - $x * $left, ($h - $y * $height) / 2 - $y * $top));
    }

    /** What per cent of a radius are of, after SVG 1.1 § 7.10. */
    public function diagonal(): float
    {
        return hypot($this->width, $this->height) / M_SQRT2;
    }
}
