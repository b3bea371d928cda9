<?php

declare(strict_types=1);

namespace Ricamo\Core\Interchange\Svg;

use DOMDocument;
use DOMElement;
use DOMXPath;
use Ricamo\Core\Refusal;
use Symfony\Component\CssSelector\Exception\ExceptionInterface;
use Symfony\Component\CssSelector\Parser\Parser;
use Symfony\Component\CssSelector\XPath\Translator;

/**
 * What the style sheets of a file say of its elements, by the rules of the cascade: what is important, then the more specific,
 * then the later.
 */
final readonly class SvgStyles
{
    private const MOST_RULES = 5000;

    /** Selectors that are looked for in the whole file, rather than told by an element itself. */
    private const MOST_SEARCHED = 200;

    private const SIMPLE = '/^(?:\*|[a-zA-Z][\w-]*|(?:[a-zA-Z][\w-]*)?\.[\w-]+|#[\w-]+)$/';

    /**
     * @param  array<string, list<array{int, array<string, array{string, bool}>}>>  $simple  weights and declarations by selector
     * @param  array<string, list<array{int, array<string, array{string, bool}>}>>  $found  likewise by the path of the element
     */
    private function __construct(private array $simple, private array $found)
    {
    }

    /** @throws Refusal for more rules than can be followed */
    public static function parse(string $css, DOMDocument $document): self
    {
        $css = (string) preg_replace('~/\*.*?\*/~s', '', $css);
        // What is said for paper, fonts and animation; what is said for screens holds.
        $css = (string) preg_replace('/@media\s+(?:screen|all)\s*\{((?:[^{}]*\{[^{}]*\})*)[^{}]*\}/', '$1', $css);
        $css = (string) preg_replace('/@[^{};]+(?:;|\{(?:[^{}]*\{[^{}]*\})*[^{}]*\})/', '', $css);
        preg_match_all('/([^{}]+)\{([^{}]*)\}/', $css, $rules, PREG_SET_ORDER);
        [$simple, $found, $searched, $order] = [[], [], 0, 0];
        foreach (array_slice($rules, 0, self::MOST_RULES) as [, $selectors, $body]) {
            $declarations = self::declared($body);
            foreach (explode(',', $selectors) as $selector) {
                $selector = trim($selector);
                $weight = self::specificity($selector);
                if ($weight === null) {
                    continue;
                }
                $rule = [$weight * 100_000 + $order++, $declarations];
                if (preg_match(self::SIMPLE, $selector) === 1) {
                    $simple[$selector][] = $rule;

                    continue;
                }
                if (++$searched > self::MOST_SEARCHED) {
                    throw new Refusal('its style sheet has too many selectors that lead from one element to another');
                }
                foreach (self::matched($selector, $document) as $path) {
                    $found[$path][] = $rule;
                }
            }
        }

        return new self($simple, $found);
    }

    /** @return array<string, string> */
    public static function declarations(string $text): array
    {
        return array_map(fn (array $one): string => $one[0], self::declared($text));
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
        $own = self::declared($element->getAttribute('style'));
        $rules = $this->simple === [] && $this->found === [] ? [] : $this->rules($element);
        foreach ([false, true] as $isImportant) {
            foreach ([...array_column($rules, 1), $own] as $declarations) {
                foreach ($declarations as $name => [$value, $important]) {
                    if ($important === $isImportant) {
                        $said[$name] = $value;
                    }
                }
            }
        }

        return $said;
    }

    /** @return list<array{int, array<string, array{string, bool}>}> the one that counts least first */
    private function rules(DOMElement $element): array
    {
        $name = $element->localName ?? '';
        $classes = preg_split('/\s+/', $element->getAttribute('class'), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $selectors = [
            '*',
            $name,
            '#'.$element->getAttribute('id'),
            ...array_map(fn (string $class): string => ".$class", $classes),
            ...array_map(fn (string $class): string => "$name.$class", $classes),
        ];
        $rules = array_merge(
            ...array_map(fn (string $selector): array => $this->simple[$selector] ?? [], $selectors),
            ...[$this->found === [] ? [] : $this->found[(string) $element->getNodePath()] ?? []],
        );
        usort($rules, fn (array $one, array $other): int => $one[0] <=> $other[0]);

        return $rules;
    }

    /** As CSS counts it; null for what is no selector, or one that depends on more than the file. */
    private static function specificity(string $selector): ?int
    {
        try {
            return ((new Parser)->parse($selector)[0] ?? null)?->getSpecificity()->getValue();
        } catch (ExceptionInterface) {
            return null;
        }
    }

    /** @return list<string> the paths of the elements that are meant */
    private static function matched(string $selector, DOMDocument $document): array
    {
        try {
            $elements = @(new DOMXPath($document))->query((new Translator)->cssToXPath($selector));
        } catch (ExceptionInterface) {
            return [];
        }
        $paths = [];
        foreach ($elements === false ? [] : $elements as $element) {
            if ($element instanceof DOMElement) {
                $paths[] = (string) $element->getNodePath();
            }
        }

        return $paths;
    }

    /** @return array<string, array{string, bool}> values, and whether each is important */
    private static function declared(string $text): array
    {
        $declarations = [];
        foreach (explode(';', $text) as $line) {
            [$name, $value] = explode(':', $line, 2) + ['', ''];
            if (trim($value) !== '') {
                $plain = (string) preg_replace('/\s*!\s*important\s*$/i', '', $value);
                $declarations[strtolower(trim($name))] = [trim($plain), $plain !== $value];
            }
        }

        return $declarations;
    }
}
