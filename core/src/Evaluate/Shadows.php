<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Closure;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Light;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Plane;
use Ricamo\Core\Kind\Casting;
use Ricamo\Core\Kind\Moment;

/** The shadows that the layers of a composition throw on one another. */
final readonly class Shadows
{
    /** How many times, at most, layers in no group throw shadows on one another: the uppermost on each. */
    private const MOST = 2000;

    /** @param  Closure(Layer, Composition, Moment): list<Operation>  $drawn  what a layer draws, with all that is done to it */
    public function __construct(private Closure $drawn)
    {
    }

    /** @return (Closure(Light, Plane, Box): list<Operation>)|null what falls on a layer from others; null where nothing can */
    public function on(Layer $layer, Composition $composition, Moment $moment): ?Closure
    {
        // Those of a bundle that keeps its space throw shadows on others, but others throw none on them.
        if ($moment->lights() === [] || $moment->isInside()) {
            return null;
        }
        $receives = array_filter($composition->around($layer), fn (Layer $one): bool => ! $one->switches->receivesShadow) === [];
        foreach ($receives ? $moment->lights() : [] as $light) {
            if ($light->shadow > 0) {
                return fn (Light $one, Plane $plane, Box $part): array => $this->of($layer, $composition, $moment, $one, $plane, $part);
            }
        }

        return null;
    }

    /**
     * @param  Box  $part  of the layer's plane, where they are seen, in the plane's own coordinates
     * @return list<Operation> as opaque as there is shadow
     */
    private function of(Layer $on, Composition $composition, Moment $moment, Light $light, Plane $plane, Box $part): array
    {
        $casting = Casting::of($light, $plane, $part, $on->id);
        if ($casting === null) {
            return [];
        }
        $shadows = [];
        foreach ($this->throwing($composition, $moment->frame) as $layer) {
            foreach (($this->drawn)($layer, $composition, $moment->casting($casting)) as $shadow) {
                if ($shadow->extent()?->intersection($part) !== null) {
                    $shadows[] = $shadow;
                }
            }
        }

        return Group::fade($shadows, $light->shadow);
    }

    /** @return list<Layer> those in no group that throw shadows on a frame, perhaps by what is in them */
    private function throwing(Composition $composition, int $frame): array
    {
        $tree = $composition->layers->tree();
        $throwing = [];
        foreach ($composition->layers as $layer) {
            $isSeen = $layer->kind->isSeen() && ! $layer->kind->adjusts() && ! $tree->isGrouped($layer->id) && $layer->isSeenAt($frame);
            if ($isSeen && $layer->switches->throwsShadow && ! $layer->switches->flat && $composition->shows($layer)) {
                $throwing[] = $layer;
            }
        }

        return array_slice($throwing, -max(1, intdiv(self::MOST, max(1, count($throwing)))));
    }
}
