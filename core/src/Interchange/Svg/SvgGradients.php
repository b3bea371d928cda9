<?php

declare(strict_types=1);

namespace Ricamo\Core\Interchange\Svg;

use DOMElement;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;

/** Makes gradients of the elements that define them. */
final readonly class SvgGradients
{
    private const MOST_STOPS = 256;

    private const MOST_REFERENCES = 10;

    /** @param  array<string, DOMElement>  $elements  by id */
    public function __construct(private array $elements, private SvgStyles $styles)
    {
    }

    public function has(string $id): bool
    {
        return in_array(($this->elements[$id] ?? null)?->localName, ['linearGradient', 'radialGradient'], true);
    }

    /**
     * @param  ?Box  $box  the bounds of what is painted, in its own space
     * @return Colour|Gradient|null null where it paints nothing
     */
    public function paint(string $id, ?Box $box, SvgView $view, float $opacity, Colour $current): Colour|Gradient|null
    {
        $chain = $this->chain($id);
        $stops = $this->stops($chain, $opacity, $current);
        if ($stops === []) {
            return null;
        }
        $isBox = $this->attribute($chain, 'gradientUnits', 'objectBoundingBox') !== 'userSpaceOnUse';
        $last = $stops[count($stops) - 1][1];
        if (count($stops) === 1 || ($isBox && ($box === null || $box->width() <= 0 || $box->height() <= 0))) {
            return $last;
        }
        $units = $isBox && $box !== null ? new Affine($box->width(), 0, 0, $box->height(), $box->left, $box->top) : new Affine;
        $space = $units->after(SvgTransform::parse($this->attribute($chain, 'gradientTransform', '')));
        $length = fn (string $name, string $default, float $whole): float => $isBox
            ? (SvgLength::parse($this->attribute($chain, $name, $default), 1) ?? 0)
            : (SvgLength::parse($this->attribute($chain, $name, $default), $whole) ?? 0);
        $gradient = $chain[0]->localName === 'linearGradient'
            ? $this->linear(
                $space,
                new Point($length('x1', '0%', $view->width), $length('y1', '0%', $view->height)),
                new Point($length('x2', '100%', $view->width), $length('y2', '0%', $view->height)),
                $stops,
            )
            : $this->radial($space, $chain, $length, $view, $stops);

        $spread = $this->attribute($chain, 'spreadMethod', 'pad');

        return $gradient === null
            ? $last
            : (
                $box !== null
                && in_array($spread, ['repeat', 'reflect'], true) ? self::spread($gradient, $box, $spread === 'reflect') : $gradient
            );
    }

    /**
     * Once more, or there and back, as often as it takes to cover a box: as one gradient of as many stops.
     *
     * @param  bool  $reflects  whether every other time it runs backwards
     */
    private static function spread(Gradient $gradient, Box $box, bool $reflects): Gradient
    {
        $space = $gradient->matrix->inverse();
        // A line along the edge reaches beyond it.
        $box = $box->grown(max($box->width(), $box->height()) / 4);
        $corners = array_map($space->apply(...), [
            new Point($box->left, $box->top),
            new Point($box->right, $box->top),
            new Point($box->right, $box->bottom),
            new Point($box->left, $box->bottom),
        ]);
        $focus = $gradient->focus;
        $most = intdiv(self::MOST_STOPS, count($gradient->stops));
        if ($focus === null) {
            $along = array_map(fn (Point $one): float => $one->x, $corners);
            [$from, $to] = [max(-$most / 2, floor(min($along))), min($most / 2, ceil(max($along)))];
        } else {
            $far = array_map(fn (Point $one): float => hypot($one->x - $focus->x, $one->y - $focus->y), $corners);
            [$from, $to] = [0.0, min((float) $most, ceil(max($far) / (1 - min(0.999, hypot($focus->x, $focus->y)))))];
        }
        $times = (int) max(1, $to - $from);
        $stops = [];
        for ($time = 0; $time < $times; $time++) {
            $isBack = $reflects && ((int) $from + $time) % 2 !== 0;
            foreach ($isBack ? array_reverse($gradient->stops) : $gradient->stops as [$at, $colour]) {
                $stops[] = [($time + ($isBack ? 1 - $at : $at)) / $times, $colour];
            }
        }
        // The circles of a radial one grow away from the focus, along the line through their middles.
        $moved = $focus === null ? Affine::translation($from, 0) : Affine::translation($focus->x * (1 - $times), $focus->y * (1 - $times));

        return new Gradient(
            $gradient->matrix->after($moved)->after(Affine::scaling($times, $times)), $stops !== [] ? $stops : $gradient->stops, $focus,
        );
    }

    /**
     * A linear gradient is the same along lines across its direction, which a matrix may shear: what is wanted is the
     * direction at a right angle to those lines.
     *
     * @param  non-empty-list<array{float, Colour}>  $stops
     */
    private function linear(Affine $space, Point $from, Point $to, array $stops): ?Gradient
    {
        [$dx, $dy] = [$to->x - $from->x, $to->y - $from->y];
        $begin = $space->apply($from);
        $end = $space->apply($to);
        $across = $space->apply(new Point($from->x - $dy, $from->y + $dx))->minus($begin);
        $along = $end->minus($begin);
        $square = $across->x ** 2 + $across->y ** 2;
        if ($square < 1e-18) {
            return null;
        }
        $share = ($along->x * $across->x + $along->y * $across->y) / $square;
        [$x, $y] = [$along->x - $share * $across->x, $along->y - $share * $across->y];

        return $x ** 2 + $y ** 2 < 1e-18 ? null : new Gradient(new Affine($x, $y, -$y, $x, $begin->x, $begin->y), $stops);
    }

    /**
     * @param  non-empty-list<DOMElement>  $chain
     * @param  callable(string, string, float): float  $length
     * @param  non-empty-list<array{float, Colour}>  $stops
     */
    private function radial(Affine $space, array $chain, callable $length, SvgView $view, array $stops): ?Gradient
    {
        [$cx, $cy] = [$length('cx', '50%', $view->width), $length('cy', '50%', $view->height)];
        $radius = $length('r', '50%', $view->diagonal());
        $matrix = $space->after(new Affine($radius, 0, 0, $radius, $cx, $cy));
        if ($radius <= 0 || abs($matrix->determinant()) < 1e-12) {
            return null;
        }
        $fx = $this->attribute($chain, 'fx', '') === '' ? $cx : $length('fx', '50%', $view->width);
        $fy = $this->attribute($chain, 'fy', '') === '' ? $cy : $length('fy', '50%', $view->height);
        [$x, $y] = [($fx - $cx) / $radius, ($fy - $cy) / $radius];
        // A focus outside the circle is brought to its edge.
        $distance = max(1, hypot($x, $y) / 0.999);

        return new Gradient($matrix, $stops, new Point($x / $distance, $y / $distance));
    }

    /** @return non-empty-list<DOMElement> a gradient and those that it takes the rest from */
    private function chain(string $id): array
    {
        $chain = [$this->elements[$id]];
        for ($step = 0; $step < self::MOST_REFERENCES; $step++) {
            $next = SvgReader::reference($chain[$step]);
            if ($next === null || ! $this->has($next)) {
                break;
            }
            $chain[] = $this->elements[$next];
        }

        return $chain;
    }

    /** @param  non-empty-list<DOMElement>  $chain */
    private function attribute(array $chain, string $name, string $default): string
    {
        foreach ($chain as $element) {
            if ($element->hasAttribute($name)) {
                return $element->getAttribute($name);
            }
        }

        return $default;
    }

    /**
     * @param  non-empty-list<DOMElement>  $chain
     * @return list<array{float, Colour}>
     */
    private function stops(array $chain, float $opacity, Colour $current): array
    {
        foreach ($chain as $element) {
            $stops = [];
            $least = 0.0;
            foreach ($element->childNodes as $child) {
                if (! $child instanceof DOMElement || $child->localName !== 'stop' || count($stops) >= self::MOST_STOPS) {
                    continue;
                }
                $said = $this->styles->of($child);
                $least = max($least, min(1.0, SvgLength::parse($said['offset'] ?? '0', 1) ?? 0.0));
                $colour = ($said['stop-color'] ?? '') === 'currentColor'
                    ? $current
                    : (SvgColour::parse($said['stop-color'] ?? 'black') ?? new Colour(0, 0, 0));
                $stops[] = [$least, $colour->faded($opacity * max(0, min(1, SvgLength::parse($said['stop-opacity'] ?? '1', 1) ?? 1)))];
            }
            if ($stops !== []) {
                return $stops;
            }
        }

        return [];
    }
}
