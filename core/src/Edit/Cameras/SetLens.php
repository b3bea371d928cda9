<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Cameras;

use Ricamo\Core\Document\Camera;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Misfit;
use Ricamo\Core\Json\Node;

/**
 * Gives a camera another lens, by its focal length or by its angle of view. With `keeps` it goes so much nearer or farther away that
 * what it aims at stays as large as it is.
 */
final readonly class SetLens implements CompositionEdit
{
    private function __construct(
        private string $camera, private int $frame, private float $lens, private bool $keeps, private Scope $scope,
    ) {
    }

    public static function from(
        #[Id] string $camera,
        #[Frame] int $frame,
        #[Field('its focal length in millimetres', least: 0, most: 1e6)] ?float $lens = null,
        #[Field('or its angle of view across the picture, in degrees', least: 0.1, most: 179)] ?float $angle = null,
        #[Field('whether what it aims at stays as large as it is')] bool $keeps = false,
        #[Field] Scope $scope = Scope::Playhead,
    ): self {
        if (($lens === null) === ($angle === null)) {
            throw new Misfit('lens', 'is either the focal length or the angle');
        }

        return new self($camera, $frame, $lens ?? round(Camera::lensOf((float) $angle), 4), $keeps, $scope);
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $place = CameraPlace::of($composition, $this->camera, $this->frame);
        $camera = $composition->layer($this->camera);
        $target = PropertyTarget::of($camera, 'lens');
        $lens = $target->definition($camera)->read(new Node($this->lens, 'lens'));
        $before = $camera->number('lens', $this->frame);
        $composition = $this->keeps ? $place->nearer($before / $this->lens, $this->scope) : $composition;

        return $target->set($composition, $this->frame, $lens, $this->scope);
    }

    public function title(): string
    {
        return 'change lens';
    }
}
