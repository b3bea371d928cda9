<?php

namespace Ricamo\Core\Mask;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\PropertyDefinition;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Value\Type\PointType;

/** The points of a mask of one's own form: each is a property of the layer, counted from the mask's position. */
final class FreeForm
{
    public const LEAST = 3;

    public const MOST = 64;

    private const FAR = 100_000;

    /** Where those of one that nobody has drawn are. */
    private const RADIUS = 150;

    /** @return list<PropertyDefinition> */
    public static function settings(int $points): array
    {
        return array_map(fn (int $number): PropertyDefinition => new PropertyDefinition(
            "point$number", new PointType, self::onCircle($number, $points), -self::FAR, self::FAR, "Point $number", unit: 'px',
        ), range(1, $points));
    }

    /**
     * The closed line through points: straight from each to the next, or smooth by Catmull and Rom's uniform cubic (1974), of
     * which a share counts.
     *
     * @param  non-empty-list<Point>  $points
     * @param  float  $smooth  0 for straight, 1 for as smooth as can be
     */
    public static function path(array $points, float $smooth): Path
    {
        if ($smooth <= 0) {
            return Path::polygon($points);
        }
        $count = count($points);
        $coordinates = [$points[0]->x, $points[0]->y];
        for ($index = 0; $index < $count; $index++) {
            [$before, $from, $to, $after] = array_map(fn (int $step): Point => $points[($index + $step + $count) % $count], [-1, 0, 1, 2]);
            array_push(
                $coordinates,
                $from->x + $smooth * ($to->x - $before->x) / 6, $from->y + $smooth * ($to->y - $before->y) / 6,
                $to->x - $smooth * ($after->x - $from->x) / 6, $to->y - $smooth * ($after->y - $from->y) / 6,
                $to->x, $to->y,
            );
        }

        return new Path('M'.str_repeat('C', $count).'Z', $coordinates);
    }

    /**
     * The properties of a mask's points with one more, half way between two; it goes along with both.
     *
     * @param  int  $after  the number of the point that it comes after
     * @return array<string, Property> by the names that the layer knows them by
     */
    public static function inserted(PlacedMask $mask, Layer $layer, int $after): array
    {
        $points = self::of($mask, $layer);
        array_splice($points, $after, 0, [self::halfWay($points[$after - 1], $points[$after % $mask->points], $layer)]);

        return self::named($mask, $points);
    }

    /** @return array<string, Property> those of the points without one of them */
    public static function without(PlacedMask $mask, Layer $layer, int $number): array
    {
        $points = self::of($mask, $layer);
        array_splice($points, $number - 1, 1);

        return self::named($mask, $points);
    }

    /** @return list<Property> */
    private static function of(PlacedMask $mask, Layer $layer): array
    {
        return array_map(fn (int $number): Property => $layer->properties["{$mask->id}.point$number"], range(1, $mask->points));
    }

    /**
     * @param  list<Property>  $points
     * @return array<string, Property>
     */
    private static function named(PlacedMask $mask, array $points): array
    {
        $named = [];
        foreach ($points as $index => $property) {
            $named["{$mask->id}.point".($index + 1)] = $property;
        }

        return $named;
    }

    /** With a keyframe wherever either has one. */
    private static function halfWay(Property $one, Property $other, Layer $layer): Property
    {
        $middle = function (int|float $frame) use ($one, $other, $layer): Point {
            [$from, $to] = [$one->at($frame, $layer->span), $other->at($frame, $layer->span)];
            assert($from instanceof Point && $to instanceof Point);

            return $from->mix($to, 0.5);
        };
        $keyframes = array_map(
            fn (Keyframe $keyframe): Keyframe => $keyframe->withValue($middle($keyframe->frame($layer->span)))->bent(null),
            [...$other->keyframes(), ...$one->keyframes()],
        );

        return $keyframes === [] ? Property::constant($one->type, $middle($layer->span->in)) : Property::keyframed($one->type, $keyframes);
    }

    private static function onCircle(int $number, int $points): Point
    {
        $angle = 2 * M_PI * ($number - 1) / $points - M_PI / 2;

        return new Point(round(self::RADIUS * cos($angle), 3), round(self::RADIUS * sin($angle), 3));
    }
}
