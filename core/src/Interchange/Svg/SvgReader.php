<?php

namespace Ricamo\Core\Interchange\Svg;

use DOMDocument;
use DOMElement;
use Ricamo\Core\Drawing\Drawing;
use Ricamo\Core\Drawing\Drawn;
use Ricamo\Core\Drawing\DrawnGroup;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Refusal;

/**
 * Reads SVG as a drawing: paths and basic shapes, groups, transforms, styles, gradients, strokes, and what is used again. What
 * cannot be drawn is left out and named. What could do more than draw is refused: scripts, entities, and whatever leads out
 * of the file.
 */
final class SvgReader
{
    /** In bytes. */
    public const LARGEST = 10_000_000;

    private const DEEPEST = 100;

    private const MOST_SHAPES = 20_000;

    private const MOST_POINTS = 400_000;

    private const XLINK = 'http://www.w3.org/1999/xlink';

    /** Elements that could run something or show what lies elsewhere. */
    private const DANGEROUS = ['script', 'foreignObject', 'iframe', 'object', 'embed', 'handler', 'listener', 'audio', 'video', 'image', 'feImage'];

    /** Elements that are seen only where they are referred to, or not at all. */
    private const UNSEEN = ['defs', 'symbol', 'linearGradient', 'radialGradient', 'title', 'desc', 'metadata', 'style', 'namedview', 'view'];

    /** Elements and attributes that change the picture and are not drawn, by what they are called here. */
    private const LEFT_OUT = [
        'text' => 'words (make outlines of them)', 'clip-path' => 'clipping', 'mask' => 'masks', 'filter' => 'filters', 'pattern' => 'patterns', 'marker' => 'markers',
        'animate' => 'animation', 'animateTransform' => 'animation', 'animateMotion' => 'animation', 'set' => 'animation',
    ];

    private int $shapes = 0;

    private int $points = 0;

    /** @var array<string, true> */
    private array $leftOut = [];

    /** @var array<string, DOMElement> */
    private array $elements = [];

    private SvgShapes $drawn;

    private function __construct()
    {
    }

    public static function isSvg(string $beginning): bool
    {
        return preg_match('/^(\xef\xbb\xbf)?\s*(<\?xml[^>]*>\s*)?(<!--.*?-->\s*)*(<!DOCTYPE\s+svg[^>\[]*(\[.*?\])?\s*>\s*)?(<!--.*?-->\s*)*<(\w+:)?svg[\s>]/s', $beginning) === 1;
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
        $styles = SvgStyles::parse($css);
        $view = SvgView::of($root);
        $this->drawn = new SvgShapes($view, new SvgGradients($this->elements, $styles), $styles);
        $parts = $this->children($root, SvgStyle::first($styles->of($root)), $view->matrix, 0);
        if ($parts === []) {
            throw new Refusal('it holds no outline that can be drawn');
        }
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
            $isRead = $document->loadXML((string) preg_replace('/<!DOCTYPE[^>]*>/i', '', $svg), LIBXML_NONET);
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
            throw new Refusal($name === 'image' || $name === 'feImage' ? 'it holds a picture made of pixels, which is not read' : "it holds “{$name}”, which is never read");
        }
        foreach ($element->attributes ?? [] as $attribute) {
            $value = (string) $attribute->nodeValue;
            if (str_starts_with(strtolower((string) $attribute->localName), 'on')) {
                throw new Refusal("it holds a script (“{$attribute->localName}”), which is never run");
            }
            $leads = $attribute->localName === 'href' ? $name !== 'a' && $value !== '' && ! str_starts_with($value, '#') : preg_match('/url\s*\(\s*["\']?(?!["\']?#)/i', $value) === 1;
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
        if (isset(self::LEFT_OUT[$name]) || $name === 'clipPath') {
            if ($name !== 'clipPath' && $name !== 'mask' && $name !== 'filter' && $name !== 'pattern' && $name !== 'marker') {
                $this->leftOut[self::LEFT_OUT[$name]] = true;
            }

            return [];
        }
        if ($depth > self::DEEPEST || ++$this->shapes > self::MOST_SHAPES) {
            throw new Refusal($depth > self::DEEPEST ? 'its groups are nested too deeply' : 'it has more than '.number_format(self::MOST_SHAPES).' shapes');
        }
        $said = $this->drawn->styles->of($element);
        if (($said['display'] ?? '') === 'none') {
            return [];
        }
        foreach (['clip-path', 'mask', 'filter'] as $attribute) {
            if (! in_array($said[$attribute] ?? 'none', ['none', ''], true)) {
                $this->leftOut[self::LEFT_OUT[$attribute]] = true;
            }
        }
        $style = $inherited->with($said);
        $matrix = $matrix->after(SvgTransform::parse($said['transform'] ?? ''));
        $parts = match ($name) {
            'g', 'a', 'svg', 'switch' => $this->children($element, $style, $matrix, $depth),
            'use' => $this->used($element, $style, $matrix, $depth),
            default => $this->shape($name, $said, $style, $matrix),
        };
        $opacity = max(0.0, min(1.0, SvgLength::parse($said['opacity'] ?? '1', 1) ?? 1.0));

        return $opacity >= 1 || $parts === [] ? $parts : [new DrawnGroup($parts, $opacity)];
    }

    /** @return list<Drawn> */
    private function used(DOMElement $element, SvgStyle $style, Affine $matrix, int $depth): array
    {
        $target = $this->elements[self::reference($element) ?? ''] ?? null;
        if ($target === null) {
            return [];
        }
        $place = Affine::translation(SvgLength::parse($element->getAttribute('x')) ?? 0, SvgLength::parse($element->getAttribute('y')) ?? 0);
        $matrix = $matrix->after($place);

        return $target->localName === 'symbol'
            ? $this->children($target, $style->with($this->drawn->styles->of($target)), $matrix, $depth + 1)
            : $this->element($target, $style, $matrix, $depth + 1);
    }

    /**
     * @param  array<string, string>  $said
     * @return list<Drawn>
     */
    private function shape(string $name, array $said, SvgStyle $style, Affine $matrix): array
    {
        $path = $this->drawn->path($name, $said, self::MOST_POINTS - $this->points);
        if ($path === null || $path->isEmpty() || ! $style->visible || abs($matrix->determinant()) < 1e-12) {
            return [];
        }
        $this->points += strlen($path->commands);
        $shape = $this->drawn->shape($path, $style, $matrix);

        return $shape === null ? [] : [$shape];
    }
}
