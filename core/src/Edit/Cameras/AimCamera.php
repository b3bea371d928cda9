<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Cameras;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\View;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Refusal;

/**
 * Aims a camera at where the anchor of a layer stands on a frame, or with `focus` only has that in focus. It stays where it stands
 * itself.
 */
final readonly class AimCamera implements CompositionEdit
{
    public function __construct(
        #[Id] private string $camera,
        #[Id] private string $layer,
        #[Frame] private int $frame,
        #[Field('whether it is focused on that, rather than aimed at it')] private bool $focus = false,
        #[Field] private Scope $scope = Scope::Playhead,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $camera = CameraPlace::of($composition, $this->camera, $this->frame);
        $layer = $composition->layer($this->layer);
        if (! $layer->kind->isSeen()) {
            throw new Refusal("“{$layer->name}” has no place in the picture to aim at");
        }

        $point = View::anchorOf($layer, $composition, $this->frame);

        return $this->focus ? $camera->focused($point, $this->scope) : $camera->aimed($point, $this->scope);
    }

    public function title(): string
    {
        return $this->focus ? 'focus camera' : 'aim camera';
    }
}
