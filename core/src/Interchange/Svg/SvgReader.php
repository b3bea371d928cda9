<?php

declare(strict_types=1);

namespace Ricamo\Core\Interchange\Svg;

use DOMDocument;
use DOMElement;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\FillRule;
use Ricamo\Core\Drawing\Drawing;
use Ricamo\Core\Drawing\Drawn;
use Ricamo\Core\Drawing\DrawnGroup;
use Ricamo\Core\Drawing\DrawnMask;
use Ricamo\Core\Drawing\DrawnShape;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Refusal;

/**
 * Reads SVG as a drawing: paths and basic shapes, groups, viewports, transforms, styles, gradients, strokes, clip paths, masks, and
 * what is used again. What cannot be drawn is left out and named. What could do more than draw is refused: scripts, entities, and
 * whatever leads out of the file.
 */
final class SvgReader
{
    /** In bytes. */
    public const LARGEST = 10_000_000;

    private const DEEPEST = 100;

    private const MOST_SHAPES = 20_000;

    private const MOST_POINTS = 400_000;

    /** How far something may reach beyond a viewport without being cut, in pixels: less than can be seen. */
    private const NEAR = 0.01;

    private const XLINK = 'http://www.w3.org/1999/xlink';

    /** Elements that could run something or show what lies elsewhere. */
    private const DANGEROUS = [
        'script', 'foreignObject', 'iframe', 'object', 'embed', 'handler', 'listener', 'audio', 'video', 'image', 'feImage',
    ];

    /** Elements that are seen only where they are referred to, or not at all. */
    private const UNSEEN = [
        'defs',
        'symbol',
        'clipPath',
        'mask',
        'filter',
        'pattern',
        'marker',
        'linearGradient',
        'radialGradient',
        'title',
        'desc',
        'metadata',
        'style',
        'namedview',
        'view',
    ];

    /** Elements and attributes that change the picture and are not drawn, by what they are called here. */
    private const LEFT_OUT = [
        'text' => 'words (make outlines of them)', 'filter' => 'filters', 'marker-start' => 'markers',
        'marker-mid' => 'markers', 'marker-end' => 'markers', 'mix-blend-mode' => 'blending',
        'animate' => 'animation', 'animateTransform' => 'animation', 'animateMotion' => 'animation', 'set' => 'animation',
    ];

    private int $shapes = 0;

    private int $points = 0;

    /** @var array<string, true> */
    private array $leftOut = [];

    /** @var array<string, DOMElement> */
    private array $elements = [];

    private SvgShapes $drawn;

    /** Whether what is read is what something is clipped by. */
    private bool $isClipping = false;

    private function __construct()
    {
    }

    public static function isSvg(string $beginning): bool
    {
        return preg_match(
            '/^(\xef\xbb\xbf)?\s*(<\?xml[^>]*>\s*)?(<!--.*?-->\s*)*(<!DOCTYPE\s+svg[^>\[]*(\[.*?\])?\s*>\s*)?(<!--.*?-->\s*)*<(\w+:)?svg[\s>]/s',
            $beginning,
        ) === 1;
    }

    /** @throws Refusal with the reason why it cannot be used */
    public static function parse(string $svg): Drawing
    {
        return (new self)->read($svg);
    }

    /** The id that an element refers to within the file. */
    public static function reference(DOMElement $element): ?string
    {
        $href = $element->getAttributeNS(self::XLINK, 'href') ?: $element->getAttribute('href');

        return str_starts_with($href, '#') ? substr($href, 1) : null;
    }

    private function read(string $svg): Drawing
    {
        $root = $this->load($svg);
        $css = '';
        foreach ($this->all($root, 0) as $element) {
            $this->check($element);
            $css .= $element->localName === 'style' ? $element->textContent."\n" : '';
            if ($element->getAttribute('id') !== '') {
                $this->elements[$element->getAttribute('id')] = $element;
            }
        }
        if (preg_match('/@import|expression\s*\(|url\s*\(\s*["\']?(?!\s*["\']?#)/i', $css)) {
            throw new Refusal('its style sheet leads out of the file');
        }
        $styles = SvgStyles::parse($css, $root->ownerDocument ?? new DOMDocument);
        $view = SvgView::of($root);
        $this->drawn = new SvgShapes($view, new SvgGradients($this->elements, $styles), $styles);
        $parts = $this->children($root, SvgStyle::first($styles->of($root)), $view->matrix, 0);
        if ($parts === []) {
            throw new Refusal('it holds no outline that can be drawn');
        }
        $parts = self::cut($parts, new Box(0, 0, $view->shownWidth, $view->shownHeight), new Affine);
        $leftOut = array_keys($this->leftOut);
        sort($leftOut);

        return new Drawing($view->shownWidth, $view->shownHeight, $parts, $leftOut);
    }

    private function load(string $svg): DOMElement
    {
        if (strlen($svg) > self::LARGEST) {
            throw new Refusal('it is larger than '.round(self::LARGEST / 1e6).' MB');
        }
        if (preg_match('/<!ENTITY|<!DOCTYPE[^>]*\[/i', $svg)) {
            throw new Refusal('it defines entities, which are not read');
        }
        $document = new DOMDocument;
        $before = libxml_use_internal_errors(true);
        try {
            // Without the namespace that all of it is in, selectors find elements by their plain names.
            $isRead = $document->loadXML(
                (string) preg_replace(['/<!DOCTYPE[^>]*>/i', '~\sxmlns\s*=\s*(["\'])http://www\.w3\.org/2000/svg\1~'], '', $svg),
                LIBXML_NONET,
            );
            $error = libxml_get_last_error();
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
        $root = $document->documentElement;
        if (! $isRead || $root === null) {
            throw new Refusal('it is no well-formed SVG'.($error === false ? '' : ' (line '.$error->line.')'));
        }

        return $root->localName === 'svg' ? $root : throw new Refusal('it is no SVG');
    }

    /** @return iterable<DOMElement> an element and all within it */
    private function all(DOMElement $element, int $depth): iterable
    {
        if ($depth > self::DEEPEST) {
            throw new Refusal('its groups are nested too deeply');
        }
        yield $element;
        foreach ($element->childNodes as $child) {
            if ($child instanceof DOMElement) {
                yield from $this->all($child, $depth + 1);
            }
        }
    }

    private function check(DOMElement $element): void
    {
        $name = (string) $element->localName;
        if (in_array($name, self::DANGEROUS, true)) {
            throw new Refusal(
                $name === 'image' || $name === 'feImage'
                    ? 'it holds a picture made of pixels, which is not read'
                    : "it holds “{$name}”, which is never read",
            );
        }
        foreach ($element->attributes ?? [] as $attribute) {
            $value = (string) $attribute->nodeValue;
            if (str_starts_with(strtolower((string) $attribute->localName), 'on')) {
                throw new Refusal("it holds a script (“{$attribute->localName}”), which is never run");
            }
            $leads = $attribute->localName === 'href'
                ? $name !== 'a' && $value !== '' && ! str_starts_with($value, '#')
                : preg_match('/url\s*\(\s*["\']?(?!["\']?#)/i', $value) === 1;
            if ($leads) {
                throw new Refusal("it refers to something outside the file (“{$attribute->nodeName}”)");
            }
        }
    }

    /** @return list<Drawn> */
    private function children(DOMElement $element, SvgStyle $style, Affine $matrix, int $depth): array
    {
        $drawn = [];
        foreach ($element->childNodes as $child) {
            if ($child instanceof DOMElement) {
                array_push($drawn, ...$this->element($child, $style, $matrix, $depth + 1));
            }
        }

        return $drawn;
    }

    /** @return list<Drawn> */
    private function element(DOMElement $element, SvgStyle $inherited, Affine $matrix, int $depth): array
    {
        $name = (string) $element->localName;
        if (in_array($name, self::UNSEEN, true)) {
            return [];
        }
        if (isset(self::LEFT_OUT[$name])) {
            $this->leftOut[self::LEFT_OUT[$name]] = true;

            return [];
        }
        if ($depth > self::DEEPEST || ++$this->shapes > self::MOST_SHAPES) {
            throw new Refusal(
                $depth > self::DEEPEST
                    ? 'its groups are nested too deeply'
                    : 'it has more than '.number_format(self::MOST_SHAPES).' shapes',
            );
        }
        $said = $this->drawn->styles->of($element);
        if (($said['display'] ?? '') === 'none') {
            return [];
        }
        $style = $inherited->with($said);
        $this->note($said, $style);
        $matrix = $matrix->after(SvgTransform::parse($said['transform'] ?? ''));
        $parts = match ($name) {
            'g', 'a', 'switch' => $this->children($element, $style, $matrix, $depth),
            'svg' => $this->viewport($element, null, $style, $matrix, $depth),
            'use' => $this->used($element, $style, $matrix, $depth),
            default => $this->shape($name, $said, $style, $matrix),
        };
        if ($parts === []) {
            return [];
        }
        $opacity = max(0.0, min(1.0, SvgLength::parse($said['opacity'] ?? '1', 1) ?? 1.0));
        $parts = $opacity >= 1 ? $parts : [new DrawnGroup($parts, $opacity)];

        return $this->masked($parts, $said, $style, $matrix, $depth);
    }

    /**
     * Notes what changes the picture and is not drawn.
     *
     * @param  array<string, string>  $said  of an element
     */
    private function note(array $said, SvgStyle $style): void
    {
        foreach (['filter', 'marker-start', 'marker-mid', 'marker-end', 'mix-blend-mode'] as $property) {
            if (! in_array($said[$property] ?? 'none', ['none', 'normal', ''], true)) {
                $this->leftOut[self::LEFT_OUT[$property]] = true;
            }
        }
        foreach (['fill', 'stroke'] as $property) {
            $id = self::url($style->get($property));
            if ($id !== null && ($this->elements[$id] ?? null)?->localName === 'pattern') {
                $this->leftOut['patterns'] = true;
            }
        }
    }

    /** The id that a property refers to as `url(#id)`. */
    private static function url(string $text): ?string
    {
        return preg_match('/^\s*url\(\s*["\']?#([^"\')]+)["\']?\s*\)/', $text, $found) === 1 ? $found[1] : null;
    }

    /**
     * Parts as an element's clip path and mask let them be seen.
     *
     * @param  non-empty-list<Drawn>  $parts
     * @param  array<string, string>  $said  of the element
     * @return list<Drawn>
     */
    private function masked(array $parts, array $said, SvgStyle $style, Affine $matrix, int $depth): array
    {
        foreach (['clip-path' => 'clipPath', 'mask' => 'mask'] as $property => $name) {
            $element = $this->elements[self::url($said[$property] ?? '') ?? ''] ?? null;
            if ($element === null || $element->localName !== $name || $parts === []) {
                continue;
            }
            $mask = $this->mask($element, $parts, $style, $matrix, $depth + 1);
            $isOutline = $name === 'clipPath'
                && count($mask->parts) === 1
                && $mask->parts[0] instanceof DrawnShape
                && $mask->parts[0]->rule === FillRule::NonZero;
            $parts = match (true) {
                $mask->parts === [] => [],
                // One outline is a cut, which costs less than a mask.
                $isOutline => [new DrawnGroup($parts, clip: $mask->parts[0]->path->transformed($mask->parts[0]->matrix))],
                default => [new DrawnGroup($parts, masks: [$mask])],
            };
        }

        return $parts;
    }

    /** @param  non-empty-list<Drawn>  $parts  that it is a mask of */
    private function mask(DOMElement $element, array $parts, SvgStyle $style, Affine $matrix, int $depth): DrawnMask
    {
        $isClip = $element->localName === 'clipPath';
        $said = $this->drawn->styles->of($element);
        $box = abs($matrix->determinant()) < 1e-12 ? null : Drawn::boundsOf($parts, $matrix->inverse());
        $ofBox = $box === null ? new Affine : new Affine($box->width(), 0, 0, $box->height(), $box->left, $box->top);
        $units = $isClip ? 'clipPathUnits' : 'maskContentUnits';
        $space = $matrix->after(SvgTransform::parse($isClip ? $said['transform'] ?? '' : ''))->after(
            ($said[$units] ?? '') === 'objectBoundingBox' ? $ofBox : new Affine,
        );
        $inner = $isClip ? [] : $this->children($element, SvgStyle::first([])->with($said), $space, $depth);
        if ($isClip) {
            // Of what a clip path holds only outlines count, filled by their own rule.
            $this->isClipping = true;
            $inner = $this->children(
                $element,
                SvgStyle::first([
                    'fill' => 'white', 'clip-rule' => $style->get('clip-rule'),
                ])->with(array_intersect_key($said, ['clip-rule' => 0])),
                $space,
                $depth,
            );
            $this->isClipping = false;

            return new DrawnMask(
                $inner === [] ? [] : $this->masked($inner, array_intersect_key($said, ['clip-path' => 0]), $style, $matrix, $depth), false,
            );
        }
        $isOfBox = ($said['maskUnits'] ?? 'objectBoundingBox') !== 'userSpaceOnUse';
        $view = $this->drawn->view;
        $length = fn (string $name, string $default, float $whole): float => SvgLength::parse(
            $said[$name] ?? $default, $isOfBox ? 1 : $whole,
        ) ?? 0.0;
        [$x, $y, $w, $h] = [
            $length('x', '-10%', $view->width),
            $length('y', '-10%', $view->height),
            $length('width', '120%', $view->width),
            $length('height', '120%', $view->height),
        ];
        $region = Path::rectangle(new Box($x, $y, $x + $w, $y + $h))->transformed($isOfBox ? $matrix->after($ofBox) : $matrix);

        return new DrawnMask(
            $inner === [] || $w <= 0 || $h <= 0 ? [] : [new DrawnGroup($inner, clip: $region)],
            ($said['mask-type'] ?? 'luminance') !== 'alpha',
        );
    }

    /**
     * Parts without what lies outside of a box; as they are, where all of them lie within.
     *
     * @param  list<Drawn>  $parts
     * @return list<Drawn>
     */
    private static function cut(array $parts, Box $box, Affine $matrix): array
    {
        $bounds = self::reached($parts);
        $frame = $matrix->bounds($box);
        $isWithin = $bounds === null
            || (
                $matrix->b === 0.0
                && $matrix->c === 0.0
                && $bounds->left >= $frame->left - self::NEAR
                && $bounds->top >= $frame->top - self::NEAR
                && $bounds->right <= $frame->right + self::NEAR
                && $bounds->bottom <= $frame->bottom + self::NEAR
            );

        return $isWithin ? $parts : [new DrawnGroup($parts, clip: Path::rectangle($box)->transformed($matrix))];
    }

    /**
     * With all that their lines reach.
     *
     * @param  list<Drawn>  $parts
     */
    private static function reached(array $parts): ?Box
    {
        return array_reduce($parts, function (?Box $all, Drawn $part): ?Box {
            $box = $part instanceof DrawnGroup && $part->clip === null ? self::reached($part->parts) : $part->bounds(new Affine);
            $box = $part instanceof DrawnShape ? $box?->grown($part->reach()) : $box;

            return $box === null ? $all : ($all?->union($box) ?? $box);
        });
    }

    /**
     * What lies in a viewport of its own.
     *
     * @param  ?DOMElement  $use  by which it is used
     * @return list<Drawn>
     */
    private function viewport(DOMElement $element, ?DOMElement $use, SvgStyle $style, Affine $matrix, int $depth): array
    {
        $around = $this->drawn;
        $view = SvgView::nested($element, $around->view, $style->em, $use);
        if ($view === null) {
            return [];
        }
        $this->drawn = $around->in($view);
        $parts = $this->children($element, $style, $matrix->after($view->matrix), $depth);
        $this->drawn = $around;

        return $view->clip === null ? $parts : self::cut($parts, $view->clip, $matrix);
    }

    /** @return list<Drawn> */
    private function used(DOMElement $element, SvgStyle $style, Affine $matrix, int $depth): array
    {
        $target = $this->elements[self::reference($element) ?? ''] ?? null;
        if ($target === null) {
            return [];
        }
        $length = fn (string $name, float $whole): float => SvgLength::parse($element->getAttribute($name), $whole, $style->em) ?? 0.0;
        $matrix = $matrix->after(Affine::translation($length('x', $this->drawn->view->width), $length('y', $this->drawn->view->height)));
        if ($target->localName !== 'symbol' && $target->localName !== 'svg') {
            return $this->element($target, $style, $matrix, $depth + 1);
        }
        $said = $this->drawn->styles->of($target);
        if ($depth > self::DEEPEST || ++$this->shapes > self::MOST_SHAPES) {
            throw new Refusal('it uses parts of itself too often');
        }

        return $this->viewport(
            $target, $element, $style->with($said), $matrix->after(SvgTransform::parse($said['transform'] ?? '')), $depth + 1,
        );
    }

    /**
     * @param  array<string, string>  $said
     * @return list<Drawn>
     */
    private function shape(string $name, array $said, SvgStyle $style, Affine $matrix): array
    {
        $path = $this->drawn->path($name, $said, $style->em, self::MOST_POINTS - $this->points);
        if ($path === null || $path->isEmpty() || ! $style->visible || abs($matrix->determinant()) < 1e-12) {
            return [];
        }
        $this->points += strlen($path->commands);
        if ($this->isClipping) {
            return [new DrawnShape(
                $path,
                $matrix,
                new Colour(255, 255, 255),
                $style->get('clip-rule') === 'evenodd' ? FillRule::EvenOdd : FillRule::NonZero,
                null,
                null,
            )];
        }
        $shape = $this->drawn->shape($path, $style, $matrix);

        return $shape === null ? [] : [$shape];
    }
}
