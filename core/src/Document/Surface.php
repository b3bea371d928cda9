<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\Section;
use Ricamo\Core\Value\Type\ColourType;
use Ricamo\Core\Value\Type\NumberType;

/** Of what a layer looks as if it were made. */
final readonly class Surface
{
    /**
     * @param  float  $shine  how opaque the mirrored light is where it is brightest, of a light of full strength, 0..1
     * @param  float  $roughness  the root mean square slope of the surface, as a tangent: the larger, the wider the mirrored light
     * @param  float  $thickness  how far it reaches back from its plane, in the layer's own pixels
     * @param  Colour  $sides  in which that is painted
     */
    private function __construct(public float $shine, public float $roughness, public float $thickness, public Colour $sides)
    {
    }

    public static function matt(): self
    {
        return new self(0.0, 1.0, 0.0, new Colour(0, 0, 0));
    }

    /** @return list<PropertyDefinition> of layers that are drawn themselves */
    public static function properties(): array
    {
        return [
            new PropertyDefinition(
                'shine', new NumberType, 0.0, 0, 100, 'Shine', Section::Surface, '%', isFactor: true, rare: true, leastCalled: 'none',
                hint: 'How much of a light is mirrored in it where it is brightest; needs a light',
            ),
            new PropertyDefinition(
                'roughness', new NumberType, 25.0, 1, 100, 'Roughness', Section::Surface, '%', isFactor: true, rare: true,
                hint: 'The rougher it is, the wider the light is mirrored',
            ),
            new PropertyDefinition(
                'thickness', new NumberType, 0.0, 0, 10_000, 'Thickness', Section::Surface, 'px', isFactor: true, rare: true,
                leastCalled: 'none', hint: 'How far it reaches back from its face',
            ),
            new PropertyDefinition(
                'sideColour', new ColourType, Colour::parse('#8a8275'), title: 'Sides', section: Section::Surface, rare: true,
                hint: 'In which its thickness is painted',
            ),
        ];
    }

    public static function of(Layer $layer, int|float $at): self
    {
        // A group has none but what is in it.
        return isset($layer->properties['shine'])
            ? new self(
                $layer->number('shine', $at) / 100, $layer->number('roughness', $at) / 100, $layer->number('thickness', $at),
                $layer->colour('sideColour', $at),
            )
            : self::matt();
    }

    /** @return list<string> its properties that mean nothing for a layer, on any frame */
    public static function idle(Layer $layer): array
    {
        $idle = [];
        foreach (['shine' => 'roughness', 'thickness' => 'sideColour'] as $name => $meant) {
            if (isset($layer->properties[$name]) && $layer->properties[$name]->values() === [0.0]) {
                $idle[] = $meant;
            }
        }

        return $idle;
    }
}
