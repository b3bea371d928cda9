<?php

declare(strict_types=1);

namespace Ricamo\Core\Interchange\Svg;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Cap;
use Ricamo\Core\Display\FillRule;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Display\Join;
use Ricamo\Core\Display\Pen;
use Ricamo\Core\Drawing\DrawnShape;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Path\SvgPath;

/** Turns the basic shapes of SVG into outlines, and paints them. */
final readonly class SvgShapes
{
    public function __construct(public SvgView $view, private SvgGradients $gradients, public SvgStyles $styles)
    {
    }

    /** A copy that measures within another viewport. */
    public function in(SvgView $view): self
    {
        return new self($view, $this->gradients, $this->styles);
    }

    /**
     * @param  array<string, string>  $said
     * @param  float  $em  the type size
     * @param  int  $most  the most commands
     */
    public function path(string $name, array $said, float $em, int $most): ?Path
    {
        $length = fn (string $field, float $whole): float => SvgLength::parse($said[$field] ?? '0', $whole, $em) ?? 0.0;
        [$w, $h] = [$this->view->width, $this->view->height];

        return match ($name) {
            'path' => SvgPath::parse($said['d'] ?? '', $most),
            'rect' => $this->rectangle($said, $em, $length('x', $w), $length('y', $h), $length('width', $w), $length('height', $h)),
            'circle' => $this->ellipse(
                $length('cx', $w), $length('cy', $h), $length('r', $this->view->diagonal()), $length('r', $this->view->diagonal()),
            ),
            'ellipse' => $this->ellipse($length('cx', $w), $length('cy', $h), $length('rx', $w), $length('ry', $h)),
            'line' => new Path('ML', [$length('x1', $w), $length('y1', $h), $length('x2', $w), $length('y2', $h)]),
            'polyline', 'polygon' => $this->polygon($said['points'] ?? '', $name === 'polygon', $most),
            default => null,
        };
    }

    public function shape(Path $path, SvgStyle $style, Affine $matrix): ?DrawnShape
    {
        $box = $path->bounds();
        $fill = $this->paint($style, 'fill', $box);
        $stroke = $this->paint($style, 'stroke', $box);
        $width = $style->number('stroke-width', $this->view->diagonal());
        $pen = $stroke === null || $width <= 0 ? null : $this->pen($style, $width);

        return $fill === null && $pen === null ? null : new DrawnShape(
            $path, $matrix, $fill, $style->get('fill-rule') === 'evenodd' ? FillRule::EvenOdd : FillRule::NonZero,
            $pen === null ? null : self::forPen($stroke), $pen,
        );
    }

    /** A line is painted in a gradient whose matrix keeps angles: an ellipse becomes a circle as large. */
    private static function forPen(Colour|Gradient|null $paint): Colour|Gradient|null
    {
        if (! $paint instanceof Gradient || $paint->focus === null) {
            return $paint;
        }
        $matrix = $paint->matrix;
        $radius = sqrt(abs($matrix->determinant()));

        return new Gradient(new Affine($radius, 0, 0, $radius, $matrix->e, $matrix->f), $paint->stops, $paint->focus);
    }

    private function pen(SvgStyle $style, float $width): Pen
    {
        $dashes = array_map(floatval(...), SvgPath::numbers($style->get('stroke-dasharray')));
        $dashes = $dashes === [] || min($dashes) < 0 || array_sum($dashes) <= 0 || count($dashes) > 100 ? [] : $dashes;

        return new Pen(
            $width,
            Join::tryFrom($style->get('stroke-linejoin')) ?? Join::Miter,
            Cap::tryFrom($style->get('stroke-linecap')) ?? Cap::Butt,
            // An odd number of them is gone through twice.
            count($dashes) % 2 === 1 ? [...$dashes, ...$dashes] : $dashes,
            $dashes === [] ? 0.0 : $style->number('stroke-dashoffset', $this->view->diagonal()),
        );
    }

    private function paint(SvgStyle $style, string $property, ?Box $box): Colour|Gradient|null
    {
        $text = trim($style->get($property));
        $opacity = max(0.0, min(1.0, $style->number("$property-opacity")));
        if (preg_match('/^url\(\s*["\']?#([^"\')]+)["\']?\s*\)\s*(.*)$/', $text, $parts)) {
            if ($this->gradients->has($parts[1])) {
                return $this->gradients->paint($parts[1], $box, $this->view, $opacity, $style->current);
            }
            $text = $parts[2];
        }
        $colour = $text === 'currentColor' ? $style->current : SvgColour::parse($text);
        $faded = $colour?->faded($opacity);

        return $faded?->isVisible() === true ? $faded : null;
    }

    /** @param  array<string, string>  $said */
    private function rectangle(array $said, float $em, float $x, float $y, float $width, float $height): ?Path
    {
        if ($width <= 0 || $height <= 0) {
            return null;
        }
        $rx = SvgLength::parse($said['rx'] ?? $said['ry'] ?? '', $this->view->width, $em) ?? 0.0;
        $ry = SvgLength::parse($said['ry'] ?? $said['rx'] ?? '', $this->view->height, $em) ?? 0.0;
        [$rx, $ry] = [max(0, min($rx, $width / 2)), max(0, min($ry, $height / 2))];
        if ($rx <= 0 || $ry <= 0) {
            return Path::rectangle(new Box($x, $y, $x + $width, $y + $height));
        }
        // Rounded by a circle in a space where both radii are alike.
        $round = Path::rectangle(new Box(0, 0, $width, $height * $rx / $ry), $rx);
        $coordinates = [];
        foreach ($round->coordinates as $index => $value) {
            $coordinates[] = $index % 2 === 0 ? $value + $x : $value * $ry / $rx + $y;
        }

        return new Path($round->commands, $coordinates);
    }

    private function ellipse(float $x, float $y, float $rx, float $ry): ?Path
    {
        return $rx > 0 && $ry > 0 ? Path::ellipse(new Box($x - $rx, $y - $ry, $x + $rx, $y + $ry)) : null;
    }

    private function polygon(string $points, bool $isClosed, int $most): ?Path
    {
        $numbers = SvgPath::numbers($points);
        $count = intdiv(count($numbers), 2);

        return $count < 2 ? null : SvgPath::parse('M'.implode(' ', array_slice($numbers, 0, 2 * $count)).($isClosed ? 'Z' : ''), $most);
    }
}
