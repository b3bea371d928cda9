<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Cascade\Order;
use Ricamo\Core\Cascade\PlacedCascade;
use Ricamo\Core\Cascade\Role;
use Ricamo\Core\Cascade\Running;
use Ricamo\Core\Cascade\Units;
use Ricamo\Core\Document\Camera;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Document\Surface;
use Ricamo\Core\Kind\Places;
use Ricamo\Core\Kind\Playing\Played;
use Ricamo\Core\Kind\Playing\Ramp;
use Ricamo\Core\Kind\Readable;
use Ricamo\Core\Kind\SaysIdle;
use Ricamo\Core\Kind\Shape\Faint;
use Ricamo\Core\Kind\SpreadsOver;
use Ricamo\Core\Patch\PatchForm;
use Ricamo\Core\Patch\PlacedPatchwork;
use Ricamo\Core\Property\AttachedSettings;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Text\Reading;
use Ricamo\Core\Time\FrameRate;

/** What the Sheet and the timeline show of a layer: each property's value on a frame, and the course of the animated ones. */
final class Inspection
{
    /** @return array<string, mixed> */
    public static function of(Layer $layer, int $frame, FrameRate $rate, MediaLibrary $media): array
    {
        $isPlacing = $layer->content instanceof Places && $layer->content->placed() !== null;
        $animated = array_filter($layer->properties, fn (Property $property): bool => $property->isAnimated());

        return [
            'layer' => $layer->id,
            'attached' => array_map(
                fn (PropertyDefinition $one): array => $one->describe(), array_values(
                    AttachedSettings::definitions(...$layer->attached->all()),
                ),
            ),
            'values' => array_map(fn (Property $property): array => [
                'value' => $property->type->write($property->at($frame, $layer->span)),
                'animated' => $property->isAnimated(),
                'keyframe' => $property->keyframeOn($frame, $layer->span) !== null,
            ], $layer->properties),
            'threads' => array_values(array_map(
                fn (string $name, Property $property): array => Thread::of($layer, $name, $property),
                array_keys($animated), $animated,
            )),
            'life' => self::life($layer, $rate),
            'units' => array_column(self::units($layer, $frame), 'value'),
            'idle' => [
                ...($layer->content instanceof SaysIdle ? $layer->content->idle($layer, $media) : []), ...Surface::idle($layer),
                ...self::idle($layer),
            ],
            'faint' => Faint::of($layer, $frame),
            ...($layer->kind->looks() ? ['angle' => round(Camera::angleOf($layer->number('lens', $frame)), 2)] : []),
            ...($isPlacing ? ['inside' => self::frameShown($layer, $frame, $rate, $media)] : []),
            ...(self::plays($layer, $media) ? ['plays' => self::frameShown($layer, $frame, $rate, $media)] : []),
        ];
    }

    /** @return list<string> settings of what is attached that mean nothing as it is */
    private static function idle(Layer $layer): array
    {
        $cascades = array_filter(
            $layer->attached->cascades, fn (PlacedCascade $one): bool => $one->order !== Order::Point && $one->mirrors === null,
        );

        return [...array_map(fn (PlacedCascade $one): string => "$one->id.origin", array_values($cascades)), ...self::idleOfPatches($layer)];
    }

    /** @return list<string> what says how an edge or a shadow looks where there is none on any frame, and a path that is not cut along */
    private static function idleOfPatches(Layer $layer): array
    {
        $patchwork = $layer->attached->patchwork;
        if ($patchwork === null) {
            return [];
        }
        $is = fn (string $name, mixed $value): bool => $layer->rests([PlacedPatchwork::ID.".$name"])
            && $layer->properties[PlacedPatchwork::ID.".$name"]->type->write($layer->value(PlacedPatchwork::ID.".$name", 0)) === $value;
        $idle = [
            ...($patchwork->form === PatchForm::Path ? [] : ['path']),
            ...($is('edge', 0.0) ? ['edgeColour'] : []), ...($is('shadow', '#00000000') ? ['distance', 'angle', 'softness'] : []),
        ];

        return array_map(fn (string $name): string => PlacedPatchwork::ID.".$name", $idle);
    }

    /** @return list<Units> what cascades can be spread over in it on a frame */
    private static function units(Layer $layer, int $frame): array
    {
        $own = $layer->content instanceof SpreadsOver ? $layer->content->units($layer, $frame) : $layer->kind->units();

        return [...($layer->attached->patchwork === null ? [] : [Units::Patches]), ...$own];
    }

    /** Whether a clip plays in it, of which each frame can be told. */
    private static function plays(Layer $layer, MediaLibrary $media): bool
    {
        foreach ($layer->media() as $id) {
            if (! $media->has($id) || $media->get($id)->facts === null) {
                return false;
            }
        }

        return $layer->content instanceof Played && ! $layer->content->plays($media)->isStill();
    }

    /** @return ?int which frame is shown of what plays in it; null for none */
    private static function frameShown(Layer $layer, int $frame, FrameRate $rate, MediaLibrary $media): ?int
    {
        return $layer->content instanceof Played
            ? $layer->content->frameShownAfter($frame - $layer->span->in, $rate, $media, Ramp::of($layer))
            : null;
    }

    /** How many frames from an end on its cascades take to arrive or to leave. */
    private static function takes(Layer $layer, Role $role): int
    {
        return max([0, ...array_map(
            fn (PlacedCascade $one): int => $one->on && $one->role === $role
                ? $one->at + (Running::whose($one, $layer->attached->cascades)->length ?? 0)
                : 0,
            $layer->attached->cascades,
        )]);
    }

    /** @return array{arrive: int, leave: int, stay: int, reads: ?float} lengths in frames, and how often its words can be read through */
    private static function life(Layer $layer, FrameRate $rate): array
    {
        $leaving = $layer->life->leaving();
        $arrive = max(($layer->life->arrive->length ?? 0) - ($layer->life->arrive->begun ?? 0), self::takes($layer, Role::Arrive));
        $leave = max(($leaving->length ?? 0) - ($leaving->begun ?? 0), self::takes($layer, Role::Leave));
        $stay = max(0, $layer->span->length() - $arrive - $leave);
        $reads = $layer->content instanceof Readable ? Reading::times($layer->content->words(), $rate->seconds($stay)) : null;

        $span = $layer->span;

        return [
            'arriving' => [$span->in, min($span->last(), $span->in + ($layer->life->arrive->length ?? 0))],
            'leaving' => [max($span->in, $span->out - ($leaving->length ?? 0)), $span->last()],
            'arrive' => $arrive, 'leave' => $leave, 'stay' => $stay, 'reads' => $reads === null ? null : round($reads, 1),
        ];
    }
}
