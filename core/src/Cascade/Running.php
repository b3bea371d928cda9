<?php

namespace Ricamo\Core\Cascade;

use Ricamo\Core\Document\Attachments;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\PropertyDefinition;
use Ricamo\Core\Document\Resting;
use Ricamo\Core\Effect\Values;

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
    public function rests(Layer $layer): bool
    {
        return (Resting::of($layer)->made[$this->cascade->id] ?? false) !== false;
    }

    private static function values(PlacedCascade $cascade, Layer $layer, int|float $at): Values
    {
        $resting = Resting::of($layer);
        $known = $resting->made[$cascade->id] ?? null;
        if ($known instanceof Values) {
            return $known;
        }
        $values = new Values(Attachments::values($cascade, $layer, $at));

        return $known === null ? $resting->keep($cascade->id, $layer, array_map(fn (PropertyDefinition $setting): string => "$cascade->id.$setting->name", $cascade->settings()), $values) : $values;
    }

    /** @return list<self> those of a layer that change something at a moment */
    public static function of(Layer $layer, int|float $at): array
    {
        $running = [];
        foreach ($layer->cascades as $one) {
            $whose = self::whose($one, $layer->cascades);
            if ($whose !== null && $one->on && Timing::isOn($whose, $layer->span, $at, $one->mirrors !== null)) {
                $running[] = new self($whose, self::values($whose, $layer, $at), $one->mirrors !== null, $one->sameOrder);
            }
        }

        return $running;
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
