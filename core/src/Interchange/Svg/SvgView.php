<?php

declare(strict_types=1);

namespace Ricamo\Core\Interchange\Svg;

use DOMElement;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Path\SvgPath;
use Ricamo\Core\Refusal;

/** A viewport: its size, and how the units of what is in it lie there. */
final readonly class SvgView
{
    private const LARGEST = 100_000;

    /**
     * @param  float  $width  of the view, in its own units, which per cent are of
     * @param  Affine  $matrix  from these units to what it lies in
     * @param  ?Box  $clip  in what it lies in; null where nothing is cut off
     */
    private function __construct(
        public float $width,
        public float $height,
        public float $shownWidth,
        public float $shownHeight,
        public Affine $matrix,
        public ?Box $clip,
    ) {
    }

    /**
     * Of a file.
     *
     * @throws Refusal for a size that no picture has
     */
    public static function of(DOMElement $root): self
    {
        $box = self::box($root);
        [$width, $height] = $box === null ? [0.0, 0.0] : [$box->width(), $box->height()];
        $shown = fn (string $name): ?float => str_ends_with(trim($root->getAttribute($name)), '%')
            ? null
            : SvgLength::parse($root->getAttribute($name));
        $w = $shown('width') ?? ($box === null ? 300.0 : ($shown('height') ?? $height) * $width / $height);
        $h = $shown('height') ?? ($box === null ? 150.0 : $w * $height / $width);
        if ($w < 1e-3 || $h < 1e-3 || max($w, $h) > self::LARGEST) {
            throw new Refusal("a picture of $w × $h pixels is outside 1..".self::LARGEST);
        }

        return self::within($root, new Box(0, 0, $w, $h), $box, isCut: true);
    }

    /**
     * Of an element in a file that has one of its own, an `svg` or a `symbol`.
     *
     * @param  self  $around  what it lies in
     * @param  float  $em  the type size there
     * @param  ?DOMElement  $use  by which it is used, whose size counts
     * @return ?self null where it is of no size
     */
    public static function nested(DOMElement $element, self $around, float $em, ?DOMElement $use): ?self
    {
        $length = fn (string $name, float $whole, float $default): float => SvgLength::parse(
            $use?->getAttribute($name) ?: $element->getAttribute($name), $whole, $em,
        ) ?? $default;
        [$w, $h] = [$length('width', $around->width, $around->width), $length('height', $around->height, $around->height)];
        $x = $element->localName === 'svg' ? SvgLength::parse($element->getAttribute('x'), $around->width, $em) ?? 0.0 : 0.0;
        $y = $element->localName === 'svg' ? SvgLength::parse($element->getAttribute('y'), $around->height, $em) ?? 0.0 : 0.0;

        return $w <= 0 || $h <= 0 ? null : self::within($element, new Box($x, $y, $x + $w, $y + $h), self::box($element));
    }

    /** What per cent of a radius are of, after SVG 1.1 § 7.10. */
    public function diagonal(): float
    {
        return hypot($this->width, $this->height) / M_SQRT2;
    }

    private static function box(DOMElement $element): ?Box
    {
        $box = SvgPath::numbers($element->getAttribute('viewBox'));

        return count($box) === 4 && $box[2] > 0 && $box[3] > 0 ? new Box($box[0], $box[1], $box[0] + $box[2], $box[1] + $box[3]) : null;
    }

    /**
     * As `preserveAspectRatio` has it, after SVG 1.1 § 7.8.
     *
     * @param  bool  $isCut  whether what lies outside is cut off whatever is said
     */
    private static function within(DOMElement $element, Box $port, ?Box $box, bool $isCut = false): self
    {
        $clip = ! $isCut && preg_match(
            '/\boverflow\s*[:=]\s*["\']?\s*(visible|auto)/',
            $element->getAttribute('style').' overflow="'.$element->getAttribute('overflow').'"',
        ) === 1
            ? null
            : $port;
        if ($box === null) {
            return new self(
                $port->width(), $port->height(), $port->width(), $port->height(), Affine::translation($port->left, $port->top), $clip,
            );
        }
        [$align, $fit] = explode(
            ' ', (string) preg_replace(['/\s+/', '/^ ?(?:defer )?/'], [' ', ''], $element->getAttribute('preserveAspectRatio')),
        ) + ['', 'meet'];
        [$x, $y] = [$port->width() / $box->width(), $port->height() / $box->height()];
        if ($align !== 'none') {
            $x = $y = $fit === 'slice' ? max($x, $y) : min($x, $y);
        }
        $share = fn (string $side): float => match (true) {
            str_contains($align, "{$side}Min") => 0.0,
            str_contains($align, "{$side}Max") => 1.0,
            default => 0.5,
        };

        return new self($box->width(), $box->height(), $port->width(), $port->height(), new Affine(
            $x, 0, 0, $y,
            $port->left + $share('x') * ($port->width() - $x * $box->width()) - $x * $box->left,
            $port->top + $share('Y') * ($port->height() - $y * $box->height()) - $y * $box->top,
        ), $clip);
    }
}
