<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Lights;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\LightSource;
use Ricamo\Core\Document\View;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Vector;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Refusal;

/**
 * Lights a layer: a directional light is aimed at where its anchor stands on a frame, and a point light is put straight before that, at
 * the depth that it has.
 */
final readonly class AimLight implements CompositionEdit
{
    public function __construct(
        #[Id] private string $light,
        #[Id] private string $layer,
        #[Frame] private int $frame,
        #[Field] private Scope $scope = Scope::Playhead,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $place = LightPlace::of($composition, $this->light, $this->frame);
        $layer = $composition->layer($this->layer);
        if (! $layer->kind->isSeen()) {
            throw new Refusal("“{$layer->name}” has no place in the picture to aim at");
        }
        $at = View::anchorOf($layer, $composition, $this->frame);
        $from = $place->light->place;

        return $place->light->source === LightSource::Directional
            ? $place->put($from, $at, $this->scope)
            : $place->put(new Vector($at->x, $at->y, $from->z), $place->aim(), $this->scope);
    }

    public function title(): string
    {
        return 'aim light';
    }
}
