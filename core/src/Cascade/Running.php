<?php

declare(strict_types=1);

namespace Ricamo\Core\Cascade;

use Ricamo\Core\Effect\Values;
use Ricamo\Core\Property\AttachedSettings;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\Resting;
use Ricamo\Core\Property\Valued;

/** A cascade that changes something at a moment, with what its settings come to then. */
final readonly class Running
{
    /**
     * @param  PlacedCascade  $cascade  of a mirrored one, that which it mirrors
     * @param  bool  $returns  whether it is that, backwards
     * @param  bool  $sameOrder  whether its units then keep their order
     */
    private function __construct(public PlacedCascade $cascade, public Values $from, public bool $returns, public bool $sameOrder)
    {
    }

    /** Whether its settings are the same at every moment. */
    public function rests(Valued $layer): bool
    {
        return (Resting::of($layer)->made[$this->cascade->id] ?? false) !== false;
    }

    /** Whether it leads its units out of the layer's plane. */
    public function leavesPlane(): bool
    {
        foreach (['z', 'tiltX', 'tiltY', 'scatterTilt'] as $name) {
            if ($this->from->number($name) !== 0.0) {
                return true;
            }
        }

        return false;
    }

    private static function values(PlacedCascade $cascade, Valued $layer, int|float $at): Values
    {
        $resting = Resting::of($layer);
        $known = $resting->made[$cascade->id] ?? null;
        if ($known instanceof Values) {
            return $known;
        }
        $values = new Values(AttachedSettings::values($cascade, $layer, $at));

        return $known === null
            ? $resting->keep(
                $cascade->id,
                $layer,
                array_map(fn (PropertyDefinition $setting): string => "$cascade->id.$setting->name", $cascade->settings()),
                $values,
            )
            : $values;
    }

    /**
     * @param  list<PlacedCascade>  $cascades  of a layer
     * @param  bool  $ofPatches  whether those of its patches are asked for, rather than those of what it consists of
     * @return list<self> those that change something at a moment
     */
    public static function of(array $cascades, Valued $layer, int|float $at, bool $ofPatches = false): array
    {
        $running = [];
        foreach ($cascades as $one) {
            $whose = self::whose($one, $cascades);
            $isAsked = $whose !== null && ($whose->units === Units::Patches) === $ofPatches;
            if ($isAsked && $one->on && Timing::isOn($whose, $layer->span(), $at, $one->mirrors !== null)) {
                $running[] = new self($whose, self::values($whose, $layer, $at), $one->mirrors !== null, $one->sameOrder);
            }
        }

        return $running;
    }

    /**
     * @param  list<PlacedCascade>  $all
     * @return list<PlacedCascade> those that are spread over the patches of a layer, or those that are not
     */
    public static function ofPatches(array $all, bool $are = true): array
    {
        return array_values(array_filter(
            $all, fn (PlacedCascade $one): bool => ((self::whose($one, $all) ?? $one)->units === Units::Patches) === $are,
        ));
    }

    /**
     * The cascade whose settings and timing count: the one that it mirrors, at its own distance from the end.
     *
     * @param  list<PlacedCascade>  $all
     */
    public static function whose(PlacedCascade $one, array $all): ?PlacedCascade
    {
        if ($one->mirrors === null) {
            return $one;
        }
        foreach ($all as $other) {
            if ($other->id === $one->mirrors && $other->mirrors === null) {
                return $other->with(['at' => $one->at]);
            }
        }

        return null;
    }
}
