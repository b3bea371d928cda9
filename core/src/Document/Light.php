<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Plane;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Geometry\Vector;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\Section;
use Ricamo\Core\Value\Type\ColourType;
use Ricamo\Core\Value\Type\NumberType;
use Ricamo\Core\Value\Type\PointType;

/**
 * A light at a moment, and what of it falls on a matt surface: by Lambert's cosine law, as much as the cosine of the angle between the
 * surface's normal and the way to the light. All is counted in the values of sRGB, as whatever is mixed in a picture.
 */
final readonly class Light
{
    /**
     * @param  Vector  $place  where it is, in composition pixels
     * @param  Vector  $way  in which it shines at what it aims at, of length 1
     * @param  float  $away  how far that is, in pixels
     * @param  array{float, float, float}  $colour  red, green and blue, 1 for full strength
     * @param  float  $falloff  at which distance it is half as bright, in pixels; 0 for a light that gets no weaker
     * @param  float  $radius  how large it is, in pixels
     * @param  float  $shadow  how dark its shadows are, 0..1
     */
    private function __construct(
        public LightSource $source, public Vector $place, public Vector $way, public float $away, public array $colour,
        public float $falloff, public float $radius, public float $shadow,
    ) {
    }

    /** @return list<PropertyDefinition> of layers that are lights */
    public static function properties(): array
    {
        $far = Placement::FAR;
        [$placement, $section, $number] = [Section::Place, Section::Light, new NumberType];

        return [
            new PropertyDefinition('position', new PointType, new Point(0, 0), -$far, $far, 'Position', $placement, 'px'),
            new PropertyDefinition(
                'z', $number, 0.0, -$far, $far, 'Depth', $placement, 'px', hint: 'Negative is before the picture’s plane',
            ),
            new PropertyDefinition('aim', new PointType, new Point(0, 0), -$far, $far, 'Aim', $placement, 'px'),
            new PropertyDefinition('aimZ', $number, 0.0, -$far, $far, 'Aim depth', $placement, 'px'),
            new PropertyDefinition('lightColour', new ColourType, new Colour(255, 255, 255), title: 'Colour', section: $section),
            new PropertyDefinition(
                'lightStrength', $number, 100.0, 0, 1000, 'Strength', $section, '%', isFactor: true,
                hint: 'At 100 % what faces it is as bright as it is without lights',
            ),
            new PropertyDefinition(
                'falloff', $number, 0.0, 0, $far, 'Falloff', $section, 'px', isFactor: true, leastCalled: 'none',
                hint: 'How far away it is half as bright',
            ),
            new PropertyDefinition(
                'shadow', $number, 0.0, 0, 100, 'Shadow', $section, '%', isFactor: true, leastCalled: 'none',
                hint: 'How much of this light is missing in the shadows that it throws',
            ),
            new PropertyDefinition(
                'lightSize', $number, 100.0, 0, 10_000, 'Radius', $section, 'px', isFactor: true,
                hint: 'How large the light is: the larger, the softer its shadows',
            ),
        ];
    }

    /** @return list<string> the properties that mean nothing for light that comes like this */
    public static function idle(LightSource $source): array
    {
        return match ($source) {
            LightSource::Ambient => ['position', 'z', 'aim', 'aimZ', 'falloff', 'shadow', 'lightSize'],
            LightSource::Directional => ['falloff'],
            LightSource::Point => ['aim', 'aimZ'],
        };
    }

    /** @return array<string, mixed> values, as documents hold them, with which it comes from where a composition is seen by itself */
    public static function fromViewer(Composition $composition): array
    {
        [$x, $y, $z] = (new View($composition))->eye();

        return ['position' => [$x, $y], 'z' => round($z, 6), 'aim' => [$x, $y]];
    }

    /** A light in a composition whose size has changed. */
    public static function resized(Layer $layer, Resized $by): Layer
    {
        $moved = fn (string $name): Property => $layer->properties[$name]->mapPoints($by->aboutMiddle(...));
        $longer = fn (string $name, float $factor): Property => Depth::scaled($layer->properties[$name], $factor);

        return $layer->with(['properties' => [
            ...$layer->properties,
            'position' => $moved('position'), 'aim' => $moved('aim'),
            'z' => $longer('z', $by->away()), 'aimZ' => $longer('aimZ', $by->factor()),
            'falloff' => $longer('falloff', $by->factor()), 'lightSize' => $longer('lightSize', $by->factor()),
        ]]);
    }

    /**
     * @param  Layer  $layer  a light
     * @return self as it is in the space that its place counts in
     */
    public static function of(Layer $layer, LightSource $source, int|float $at): self
    {
        $place = function (string $across, string $away) use ($layer, $at): Vector {
            $point = $layer->point($across, $at);

            return new Vector($point->x, $point->y, $layer->number($away, $at));
        };
        $from = $place('position', 'z');
        $way = $place('aim', 'aimZ')->minus($from);
        $colour = $layer->colour('lightColour', $at);
        $strength = $layer->number('lightStrength', $at) / 100 * $colour->alpha / 255;

        return new self(
            $source, $from, $way->unit() ?? new Vector(0, 0, 1), max(1.0, $way->length()),
            [$strength * $colour->red / 255, $strength * $colour->green / 255, $strength * $colour->blue / 255],
            max(0.0, $layer->number('falloff', $at)), max(0.0, $layer->number('lightSize', $at)),
            max(0.0, min(1.0, $layer->number('shadow', $at) / 100)),
        );
    }

    /** The same where it is moved and turned with all that is around it. */
    public function carried(Space $by): self
    {
        if ($by->isNone()) {
            return $this;
        }
        $way = $by->direction($this->way);
        $times = $way->length();

        return new self(
            $this->source, $by->apply($this->place), $way->unit() ?? $this->way, max(1.0, $this->away * $times), $this->colour,
            $this->falloff * $times, $this->radius * $times, $this->shadow,
        );
    }

    /** Whether it falls on all of a plane alike. */
    public function isEven(): bool
    {
        return $this->source !== LightSource::Point;
    }

    /**
     * How much of it falls on a plane, of 1, on the side of its normal.
     *
     * @param  float  $beside  for a point light: how far from the point of the plane that is straight beneath it, in pixels
     */
    public function on(Plane $plane, float $beside = 0.0): float
    {
        if ($this->source === LightSource::Ambient) {
            return 1.0;
        }
        if ($this->source === LightSource::Directional) {
            return max(0.0, -$plane->normal->dot($this->way));
        }
        $height = $plane->height($this->place);
        if ($height <= 0) {
            return 0.0;
        }
        $away = hypot($height, $beside);

        return $height / $away * $this->left($away);
    }

    /**
     * How much is left of it at a distance, of 1: by the inverse square, but counted from 1 and not from infinity where the light is.
     *
     * @param  float  $away  in pixels
     */
    public function left(float $away): float
    {
        return $this->source === LightSource::Point && $this->falloff > 0 ? 1 / (1 + ($away / $this->falloff) ** 2) : 1.0;
    }
}
