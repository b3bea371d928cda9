<?php

namespace Ricamo\Core\Interchange\Svg;

use DOMElement;

/** What the style sheets of a file say: rules for an element's name, class or id, the simple ones that drawing programs write. */
final readonly class SvgStyles
{
    private const MOST_RULES = 5000;

    /** @param  array<string, array<string, string>>  $rules  declarations by selector */
    private function __construct(private array $rules)
    {
    }

    public static function parse(string $css): self
    {
        $rules = [];
        $css = (string) preg_replace('~/\*.*?\*/~s', '', $css);
        preg_match_all('/([^{}]+)\{([^{}]*)\}/', $css, $found, PREG_SET_ORDER);
        foreach (array_slice($found, 0, self::MOST_RULES) as [, $selectors, $body]) {
            foreach (explode(',', $selectors) as $selector) {
                $selector = trim($selector);
                $rules[$selector] = [...$rules[$selector] ?? [], ...self::declarations($body)];
            }
        }

        return new self($rules);
    }

    /** @return array<string, string> */
    public static function declarations(string $text): array
    {
        $declarations = [];
        foreach (explode(';', $text) as $line) {
            [$name, $value] = explode(':', $line, 2) + ['', ''];
            if (trim($value) !== '') {
                $declarations[strtolower(trim($name))] = trim((string) preg_replace('/!important\s*$/', '', $value));
            }
        }

        return $declarations;
    }

    /**
     * All that is said of an element: by its attributes, by style sheets over them, and by its own style over all.
     *
     * @return array<string, string>
     */
    public function of(DOMElement $element): array
    {
        $said = [];
        foreach ($element->attributes ?? [] as $attribute) {
            if ($attribute->namespaceURI === null) {
                $said[$attribute->nodeName] = $attribute->nodeValue ?? '';
            }
        }
        $classes = preg_split('/\s+/', $element->getAttribute('class'), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $selectors = [
            '*', $element->localName ?? '', ...array_map(fn (string $class): string => ".$class", $classes),
            ...array_map(fn (string $class): string => "{$element->localName}.$class", $classes), '#'.$element->getAttribute('id'),
        ];
        foreach ($selectors as $selector) {
            $said = [...$said, ...$this->rules[$selector] ?? []];
        }

        return [...$said, ...self::declarations($element->getAttribute('style'))];
    }
}
