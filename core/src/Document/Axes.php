<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Animation\Easing\Glide;
use Ricamo\Core\Animation\Easing\Linear;
use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Value\Type\NumberType;
use Ricamo\Core\Value\Type\PointType;

/**
 * The place of a layer as one path, its property `position`, or as two values with keyframes of their own, `x` and `y`.
 *
 * From one to the other no whole frame changes. A stretch that neither form can say in the other's keyframes (a bent
 * path; x and y at a different pace) becomes a keyframe on each frame, straight from one to the next.
 */
final class Axes
{
    /** The properties of which a layer has the first, or the other two. */
    public const TOGETHER = 'position';

    public const APART = ['x', 'y'];

    private const MOST = 10_000;

    /** @return array{Layer, int} and how many keyframes stand where a stretch was written out */
    public static function apart(Layer $layer): array
    {
        if (! isset($layer->properties[self::TOGETHER])) {
            return [$layer, 0];
        }
        $place = $layer->properties[self::TOGETHER];
        [$written, $count] = self::writtenOut(
            $place,
            $layer->span,
            fn (Keyframe $one, Keyframe $next): bool => $one->bend !== null || $next->bend !== null || $one->easing instanceof Glide,
        );
        $axis = function (callable $of) use ($written, $layer): Property {
            $keyframes = array_map(fn (Keyframe $one): Keyframe => $one->bent(null)->withValue($of($one->value)), $written->keyframes());

            return $keyframes === []
                ? Property::constant(new NumberType, $of($written->at(0, $layer->span)))
                : Property::keyframed(new NumberType, $keyframes);
        };
        $axes = ['x' => $axis(fn (Point $at): float => $at->x), 'y' => $axis(fn (Point $at): float => $at->y)];

        return [self::replaced($layer, [self::TOGETHER], $axes), $count];
    }

    /** @return array{Layer, int} and how many keyframes stand where a stretch was written out */
    public static function together(Layer $layer): array
    {
        if (! isset($layer->properties['x'], $layer->properties['y'])) {
            return [$layer, 0];
        }
        [$x, $y, $span] = [$layer->properties['x'], $layer->properties['y'], $layer->span];
        $frames = self::frames($layer);
        foreach ($frames as $frame) {
            [$x, $y] = [self::cut($x, $frame, $span), self::cut($y, $frame, $span)];
        }
        if ($frames === []) {
            return [
                self::replaced($layer, self::APART, [self::TOGETHER => Property::constant(new PointType, self::place($layer, $span->in))]),
                0,
            ];
        }
        [$alongX, $alongY] = [$x->course($span), $y->course($span)];
        $differs = [];
        $keyframes = [];
        foreach ($frames as $index => $frame) {
            // An axis on which nothing is keyframed stands still, at any pace.
            [$ofX, $ofY] = [$alongX[$frame] ?? null, $alongY[$frame] ?? null];
            $next = $frames[$index + 1] ?? $frame;
            $restsX = self::rests($ofX, $alongX[$next] ?? null);
            $restsY = self::rests($ofY, $alongY[$next] ?? null);
            $leading = $restsX ? $ofY ?? $ofX : $ofX;
            assert($leading !== null);
            $keyframes[] = $leading->withValue(self::place($layer, $frame));
            $glides = $leading->easing instanceof Glide && ! ($restsX && $restsY);
            $differs[$frame] = $glides || (! $restsX && ! $restsY && (string) $ofX?->easing !== (string) $ofY?->easing);
        }
        $path = Property::keyframed(new PointType, $keyframes);
        [$written, $count] = self::writtenOut(
            $path, $span, fn (Keyframe $one): bool => $differs[$one->frame($span)], fn (int $frame): Point => self::place($layer, $frame),
        );

        return [self::replaced($layer, self::APART, [self::TOGETHER => $written]), $count];
    }

    /** @return list<int> the frames on which its place is keyframed, in order */
    public static function frames(Layer $layer): array
    {
        $courses = array_map(
            fn (string $name): array => isset($layer->properties[$name]) ? $layer->properties[$name]->course($layer->span) : [],
            [self::TOGETHER, ...self::APART],
        );
        $frames = array_keys($courses[0] + $courses[1] + $courses[2]);
        sort($frames);

        return $frames;
    }

    /**
     * What is done to a layer's path, done to one whose axes are apart.
     *
     * @param  callable(Layer): Layer  $change
     */
    public static function through(Layer $layer, callable $change): Layer
    {
        return isset($layer->properties['x']) ? self::apart($change(self::together($layer)[0]))[0] : $change($layer);
    }

    /**
     * @param  callable(Keyframe, Keyframe): bool  $isWritten  of a segment
     * @param  ?callable(int): Point  $at  the value on a frame; null for that of the property
     * @return array{Property, int}
     */
    private static function writtenOut(Property $place, FrameRange $span, callable $isWritten, ?callable $at = null): array
    {
        $course = array_values($place->course($span));
        $keyframes = [];
        $count = 0;
        foreach ($course as $index => $one) {
            $next = $course[$index + 1] ?? null;
            if ($next === null || ! $isWritten($one, $next)) {
                $keyframes[] = $one;

                continue;
            }
            [$from, $to] = [$one->frame($span), $next->frame($span)];
            $count += $to - $from;
            if ($count > self::MOST) {
                throw new Refusal('that would be more than '.number_format(self::MOST).' keyframes');
            }
            for ($frame = $from; $frame < $to; $frame++) {
                $keyframes[] = new Keyframe(
                    $frame - $one->pin->origin($span), $at === null ? $place->at($frame, $span) : $at($frame), new Linear, $one->pin,
                );
            }
        }

        return [$keyframes === [] ? $place : Property::keyframed($place->type, $keyframes), $count];
    }

    private static function cut(Property $axis, int $frame, FrameRange $span): Property
    {
        return $axis->isAnimated() ? $axis->cutAt($frame, $span) : $axis;
    }

    private static function rests(?Keyframe $from, ?Keyframe $to): bool
    {
        return $from === null || $to === null || $from->value === $to->value;
    }

    private static function place(Layer $layer, int $frame): Point
    {
        return $layer->point(self::TOGETHER, $frame);
    }

    /**
     * @param  list<string>  $without
     * @param  array<string, Property>  $with  in their place
     */
    private static function replaced(Layer $layer, array $without, array $with): Layer
    {
        return $layer->with(['properties' => [...$with, ...array_diff_key($layer->properties, array_fill_keys($without, 0))]]);
    }
}
