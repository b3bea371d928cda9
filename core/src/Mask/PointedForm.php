<?php

declare(strict_types=1);

namespace Ricamo\Core\Mask;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Path\Knot;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\PropertyJson;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Value\Type\NumberType;
use Ricamo\Core\Value\Type\PathType;
use Ricamo\Core\Value\Type\PointType;

/**
 * Masks of a free form as documents used to hold them: every point a property of its own, all of them as smooth as one value said.
 * They are read as the path that they were.
 */
final class PointedForm
{
    private const LEAST = 3;

    private const MOST = 64;

    private const FAR = 100_000;

    /** Where those points were of which nothing was said. */
    private const RADIUS = 150;

    /** A mask of points as one of a path; any other as it is. */
    public static function converted(Node $mask): Node
    {
        if (! is_array($mask->value) || ($mask->value['form'] ?? null) !== MaskForm::Free->value || ! $mask->has('points')) {
            return $mask;
        }
        $count = $mask->field('points')->int(self::LEAST, self::MOST);
        $definitions = ['smooth' => new PropertyDefinition('smooth', new NumberType, 0.0, 0, 100)];
        for ($number = 1; $number <= $count; $number++) {
            $definitions["point$number"] = new PropertyDefinition(
                "point$number", new PointType, self::onCircle($number, $count), -self::FAR, self::FAR,
            );
        }
        $properties = [];
        foreach ($definitions as $name => $definition) {
            $value = $mask->optional($name);
            $properties[$name] = $value === null
                ? Property::constant($definition->type, $definition->default)
                : PropertyJson::read($value, $definition);
        }
        $kept = array_diff_key($mask->object(), $definitions, ['points' => 0]);

        return new Node([...$kept, 'path' => PropertyJson::write(self::path($properties, $count))], $mask);
    }

    /**
     * With a keyframe wherever any of the points has one.
     *
     * @param  array<string, Property>  $properties
     */
    private static function path(array $properties, int $count): Property
    {
        $span = new FrameRange(0, 1);
        $at = function (int|float $frame) use ($properties, $count, $span): Contours {
            $points = array_map(fn (int $number): mixed => $properties["point$number"]->at($frame, $span), range(1, $count));
            $smooth = $properties['smooth']->at($frame, $span);

            return self::through(
                array_values(array_filter($points, fn (mixed $one): bool => $one instanceof Point)),
                is_float($smooth) ? $smooth / 100 : 0.0,
            );
        };
        $keyframes = [];
        foreach ($properties as $property) {
            foreach ($property->keyframes() as $keyframe) {
                $keyframes["{$keyframe->pin->value} $keyframe->at"] ??= $keyframe;
            }
        }

        return $keyframes === []
            ? Property::constant(new PathType, $at(0))
            : Property::keyframed(
                new PathType,
                array_map(fn (Keyframe $one): Keyframe => $one->withValue($at($one->frame($span)))->bent(null), array_values($keyframes)),
            );
    }

    /**
     * The closed line through points: straight, or by Catmull and Rom's uniform cubic (1974), of which a share counts.
     *
     * @param  list<Point>  $points
     */
    private static function through(array $points, float $smooth): Contours
    {
        $count = count($points);
        $knots = array_map(function (int $index) use ($points, $count, $smooth): Knot {
            [$before, $after] = [$points[($index + $count - 1) % $count], $points[($index + 1) % $count]];
            $way = new Point($smooth * ($after->x - $before->x) / 6, $smooth * ($after->y - $before->y) / 6);

            return $smooth <= 0 ? new Knot($points[$index]) : new Knot($points[$index], new Point(-$way->x, -$way->y), $way);
        }, range(0, $count - 1));

        return new Contours([new Contour($knots, true)]);
    }

    private static function onCircle(int $number, int $points): Point
    {
        $angle = 2 * M_PI * ($number - 1) / $points - M_PI / 2;

        return new Point(round(self::RADIUS * cos($angle), 3), round(self::RADIUS * sin($angle), 3));
    }
}
