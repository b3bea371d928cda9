<?php

namespace Ricamo\Core\Cascade;

use Ricamo\Core\Document\Attachments;
use Ricamo\Core\Document\Layer;
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

    /** @return list<self> those of a layer that change something at a moment */
    public static function of(Layer $layer, int|float $at): array
    {
        $running = [];
        foreach ($layer->cascades as $one) {
            $whose = self::whose($one, $layer->cascades);
            if ($whose !== null && $one->on && Timing::isOn($whose, $layer->span, $at, $one->mirrors !== null)) {
                $running[] = new self($whose, new Values(Attachments::values($whose, $layer, $at)), $one->mirrors !== null, $one->sameOrder);
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
