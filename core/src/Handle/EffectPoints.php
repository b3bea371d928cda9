<?php

declare(strict_types=1);

namespace Ricamo\Core\Handle;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Effect\HasAnchors;
use Ricamo\Core\Effect\PlacedEffect;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Evaluate\Pose;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Kind\Ways;
use Ricamo\Core\Property\AttachedSettings;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Refusal;
use Ricamo\Core\Value\Type\PointType;

/** The points that the effects of a layer have in the picture, to be seen and dragged. */
final class EffectPoints
{
    /**
     * @return list<array{property: string, title: string, at: array{float, float}, ticks: list<array{float, float}>,
     *     points: list<array<string, mixed>>, ghosts: list<array{float, float}>}> in composition pixels: where each is, where it is on
     *     each frame from its first keyframe to its last, and at these, and at the nearest keyframes before and after
     */
    public static function of(Layer $layer, Composition $composition, int $frame, Evaluator $evaluator): array
    {
        $on = array_filter($layer->attached->effects, fn (PlacedEffect $effect): bool => $effect->on && self::points($effect) !== []);
        if ($on === []) {
            return [];
        }
        $pose = $evaluator->pose($layer, $composition, $frame);
        $places = [];
        foreach ($on as $effect) {
            foreach (self::points($effect) as $setting) {
                $base = self::base($effect, $setting->name, $pose->box);
                $place = fn (Point $point): Point => $pose->matrix->apply($base->plus($point));
                $name = "{$effect->id}.{$setting->name}";
                $at = function (int $frame) use ($layer, $name, $place): array {
                    $point = $place($layer->point($name, $frame));

                    return [round($point->x, 3), round($point->y, 3)];
                };
                $places[] = [
                    'property' => $name,
                    'title' => "{$setting->title} · ".lcfirst($effect->title()),
                    'at' => $at($frame),
                    'ticks' => Ways::ticks($layer, $name, $place),
                    'points' => Ways::points($layer, $name, $pose->matrix->after(Affine::translation($base->x, $base->y))),
                    'ghosts' => array_map($at, Ways::neighbours($layer, [$name], $frame)),
                ];
            }
        }

        return $places;
    }

    /**
     * The effect that a property is a point of.
     *
     * @throws Refusal
     */
    public static function owner(Layer $layer, string $property): PlacedEffect
    {
        foreach ($layer->attached->effects as $effect) {
            foreach (self::points($effect) as $setting) {
                if ("{$effect->id}.{$setting->name}" === $property) {
                    return $effect;
                }
            }
        }
        throw new Refusal("“{$layer->name}” has no effect with a point \"$property\"");
    }

    /**
     * Refuses what cannot be seen so on a frame.
     *
     * @throws Refusal
     */
    public static function check(PlacedEffect $effect, Layer $layer, int $frame, Pose $pose): void
    {
        if (
            $effect->effect instanceof HasAnchors
            && ! $effect->effect->allows(new Values(AttachedSettings::values($effect, $layer, $frame)), $pose->box)
        ) {
            throw new Refusal("“{$layer->name}” cannot be seen so: its corners would lie within or across one another");
        }
    }

    /** @return list<PropertyDefinition> */
    private static function points(PlacedEffect $effect): array
    {
        return array_values(array_filter(
            $effect->settings(), fn (PropertyDefinition $setting): bool => $setting->type instanceof PointType,
        ));
    }

    /** What a point is counted from, in the layer's own pixels. */
    private static function base(PlacedEffect $effect, string $setting, Box $box): Point
    {
        $anchor = $effect->effect instanceof HasAnchors ? $effect->effect->anchors()[$setting] : null;

        return $anchor === null
            ? new Point(0, 0)
            : new Point($box->left + $anchor->x * $box->width(), $box->top + $anchor->y * $box->height());
    }
}
