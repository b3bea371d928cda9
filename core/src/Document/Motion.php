<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use LogicException;
use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Pin;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\PropertyJson;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Value\Type\AngleType;
use Ricamo\Core\Value\Type\FactorsType;
use Ricamo\Core\Value\Type\NumberType;
use Ricamo\Core\Value\Type\PointType;

/**
 * The keyframes of a layer's placement, relative to where it rests, so that any other layer can move in the same way:
 * position and depth as a distance in pixels, rotation and tilts as a turn in degrees, scale and opacity in per cent of those at rest. They
 * stay pinned to the start or to the end, with their easing and the bends of their path.
 *
 * A layer rests at the last keyframe that is pinned to its start; where there is none, at the first that is pinned to
 * its end.
 */
final readonly class Motion
{
    /** @param  non-empty-array<string, Property>  $courses  relative, by the name of the property */
    private function __construct(private array $courses)
    {
    }

    /** @return array<string, PropertyDefinition> */
    public static function definitions(): array
    {
        $far = 2 * Placement::FAR;

        return array_column([
            new PropertyDefinition('position', new PointType, new Point(0, 0), -$far, $far, 'Position', unit: 'px'),
            new PropertyDefinition('scale', new FactorsType, new Point(100, 100), -1e6, 1e6, 'Scale', unit: '%'),
            new PropertyDefinition('rotation', new AngleType, 0.0, -2e7, 2e7, 'Rotation', unit: '°'),
            new PropertyDefinition('z', new NumberType, 0.0, -$far, $far, 'Depth', unit: 'px'),
            new PropertyDefinition('tiltX', new AngleType, 0.0, -2e7, 2e7, 'Tilt about x', unit: '°'),
            new PropertyDefinition('tiltY', new AngleType, 0.0, -2e7, 2e7, 'Tilt about y', unit: '°'),
            new PropertyDefinition('opacity', new NumberType, 100.0, 0, 1e6, 'Opacity', unit: '%'),
        ], null, 'name');
    }

    /** @throws Refusal for what is none */
    public static function read(Node $node): self
    {
        $definitions = self::definitions();
        $node->allow(array_keys($definitions));
        $courses = [];
        foreach ($definitions as $name => $definition) {
            $course = $node->optional($name);
            if ($course !== null) {
                $courses[$name] = PropertyJson::read($course, $definition);
                $courses[$name]->isAnimated() || $course->refuse('has no keyframes');
            }
        }

        return $courses === [] ? $node->refuse('is empty') : new self($courses);
    }

    /** @return array<string, mixed> */
    public function toJson(): array
    {
        return array_map(PropertyJson::write(...), $this->courses);
    }

    /**
     * That of a layer.
     *
     * @throws Refusal where its placement has no keyframes
     */
    public static function of(Layer $layer): self
    {
        $whole = $layer->kind->isSeen() ? Axes::together($layer)[0] : $layer;
        $courses = [];
        foreach (self::definitions() as $name => $definition) {
            $property = $whole->properties[$name] ?? null;
            if ($property?->isAnimated()) {
                $rest = $property->at(self::restsAt($property, $layer->span), $layer->span);
                $courses[$name] = $property->mapValues(fn (mixed $value): mixed => self::relative($name, $value, $rest));
            }
        }

        return $courses === [] ? throw new Refusal("“{$layer->name}” has no keyframes of its placement") : new self($courses);
    }

    /**
     * A layer that moves in this way about what it is at a frame; keyframes of the same properties give way.
     *
     * @throws Refusal for a layer that is not seen
     */
    public function on(Layer $layer, int $frame): Layer
    {
        if (! $layer->kind->isSeen()) {
            throw new Refusal("“{$layer->name}” is not seen and does not move");
        }

        return Axes::through($layer, function (Layer $layer) use ($frame): Layer {
            // What cannot leave the picture's plane does without its depth.
            foreach (array_intersect_key($this->courses, $layer->definitions()) as $name => $course) {
                $definition = $layer->definitions()[$name];
                $rest = $layer->value($name, $frame);
                $layer = $layer->withProperty($name, $course->mapValues(
                    fn (mixed $value): mixed => $definition->read(new Node(
                        $definition->type->write(self::absolute($name, $value, $rest)), $name,
                    )),
                ));
            }

            return $layer;
        });
    }

    private static function restsAt(Property $property, FrameRange $span): int
    {
        $course = $property->course($span);
        $toStart = array_keys(array_filter($course, fn (Keyframe $one): bool => $one->pin === Pin::Start));

        return $toStart === [] ? (int) array_key_first($course) : max($toStart);
    }

    /** Whether it is told by how much it differs, and not in per cent. */
    private static function isAdded(string $property): bool
    {
        return in_array($property, ['rotation', 'z', 'tiltX', 'tiltY'], true);
    }

    private static function relative(string $property, mixed $value, mixed $rest): mixed
    {
        $share = fn (float $of, float $rest): float => $rest === 0.0 ? 100.0 : round(100 * $of / $rest, 6);

        return match (true) {
            $property === 'position' && $value instanceof Point && $rest instanceof Point => self::rounded($value->minus($rest)),
            $property === 'scale' && $value instanceof Point && $rest instanceof Point => new Point(
                $share($value->x, $rest->x), $share($value->y, $rest->y),
            ),
            self::isAdded($property) && is_float($value) && is_float($rest) => round($value - $rest, 6),
            is_float($value) && is_float($rest) => $share($value, $rest),
            default => throw new LogicException("a move has nothing relative to say of $property"),
        };
    }

    private static function absolute(string $property, mixed $value, mixed $rest): mixed
    {
        return match (true) {
            $property === 'position' && $value instanceof Point && $rest instanceof Point => self::rounded($value->plus($rest)),
            $property === 'scale' && $value instanceof Point && $rest instanceof Point => self::rounded(
                new Point($value->x * $rest->x / 100, $value->y * $rest->y / 100),
            ),
            self::isAdded($property) && is_float($value) && is_float($rest) => round($value + $rest, 6),
            is_float($value) && is_float($rest) => min(100.0, round($value * $rest / 100, 6)),
            default => throw new LogicException("a move has nothing relative to say of $property"),
        };
    }

    private static function rounded(Point $point): Point
    {
        return new Point(round($point->x, 6), round($point->y, 6));
    }
}
