<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Lights;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\GivesLight;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Light;
use Ricamo\Core\Document\LightSource;
use Ricamo\Core\Document\View;
use Ricamo\Core\Edit\Cameras\InSpace;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Geometry\Vector;
use Ricamo\Core\Refusal;

/** Where a light stands and aims on a frame, in the composition's space, to be put elsewhere. */
final readonly class LightPlace
{
    /** @param  Space  $around  from the pixels that its place counts in to the composition's */
    private function __construct(
        private Composition $composition, private Layer $layer, public Light $light, private int $frame, private Space $around,
    ) {
    }

    /** @throws Refusal for what is no light, or one without a place, or in a group that is scaled to nothing */
    public static function of(Composition $composition, string $id, int $frame): self
    {
        $layer = $composition->layer($id);
        $source = $layer->content instanceof GivesLight ? $layer->content->source() : throw new Refusal("“{$layer->name}” is not a light");
        if ($source === LightSource::Ambient) {
            throw new Refusal("“{$layer->name}” comes from everywhere alike: it has no place");
        }
        if ($composition->space($id, $frame)->isFlat()) {
            throw new Refusal("“{$layer->name}” is in a group that is scaled to nothing on this frame");
        }
        $around = View::within(array_slice($composition->around($layer), 1), $frame);

        return new self($composition, $layer, Light::of($layer, $source, $frame)->carried($around), $frame, $around);
    }

    /** What it aims at, in the composition's space. */
    public function aim(): Vector
    {
        $aim = $this->layer->point('aim', $this->frame);

        return $this->around->apply(new Vector($aim->x, $aim->y, $this->layer->number('aimZ', $this->frame)));
    }

    /** @param  Vector  $place  in the composition's space; so is the other */
    public function put(Vector $place, Vector $aim, Scope $scope): Composition
    {
        [$place, $aim] = array_map($this->around->inverse()->apply(...), [$place, $aim]);
        $composition = InSpace::put($this->composition, $this->layer->id, 'position', 'z', $this->frame, $place, $scope);

        return InSpace::put($composition, $this->layer->id, 'aim', 'aimZ', $this->frame, $aim, $scope);
    }
}
