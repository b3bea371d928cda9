<?php

declare(strict_types=1);

namespace Ricamo\Core\Interchange\Svg;

use Ricamo\Core\Colour\Colour;

/** What an element passes on to those within it: how things are painted. */
final readonly class SvgStyle
{
    /** Properties that are inherited, with what they are where nobody says. */
    private const FIRST = [
        'fill' => 'black', 'fill-opacity' => '1', 'fill-rule' => 'nonzero', 'stroke' => 'none', 'stroke-opacity' => '1',
        'stroke-width' => '1',
        'stroke-linejoin' => 'miter', 'stroke-linecap' => 'butt', 'stroke-dasharray' => 'none', 'stroke-dashoffset' => '0',
        'color' => 'black', 'visibility' => 'visible', 'clip-rule' => 'nonzero',
    ];

    public bool $visible;

    public Colour $current;

    /**
     * @param  array<string, string>  $said
     * @param  float  $em  the type size, in pixels
     */
    private function __construct(private array $said, public float $em = SvgLength::EM)
    {
        $this->visible = $said['visibility'] === 'visible';
        $this->current = SvgColour::parse($said['color']) ?? new Colour(0, 0, 0);
    }

    /** @param  array<string, string>  $said */
    public static function first(array $said): self
    {
        return (new self(self::FIRST))->with($said);
    }

    /** @param  array<string, string>  $said  of an element */
    public function with(array $said): self
    {
        $own = array_filter(array_intersect_key($said, self::FIRST), fn (string $value): bool => $value !== 'inherit');

        // A type size in em or per cent is of that around it.
        $em = isset($said['font-size']) ? SvgLength::parse($said['font-size'], $this->em, $this->em) ?? $this->em : $this->em;

        return $own === [] && $em === $this->em ? $this : new self([...$this->said, ...$own], $em);
    }

    public function get(string $property): string
    {
        return $this->said[$property];
    }

    public function number(string $property, float $whole = 1): float
    {
        return SvgLength::parse($this->said[$property], $whole, $this->em) ?? (float) self::FIRST[$property];
    }
}
