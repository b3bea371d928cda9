<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Cameras;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Picture\OnPicture;
use Ricamo\Core\Edit\Picture\Turning;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;

/**
 * Drives a camera by a pointer that is dragged over the picture: around what it aims at (`orbit`), `across` with its aim, `nearer` or
 * farther away, to another `aim`, or into a `roll`. `straight` keeps to the longer axis, `snap` turns in steps of 15°.
 */
final readonly class DriveCamera implements CompositionEdit
{
    public function __construct(
        #[Id] private string $camera,
        #[Frame] private int $frame,
        #[Field] private Drive $how,
        #[OnPicture] private Point $by,
        #[Field] private bool $straight = false,
        #[Field('whether it turns by steps')] private bool $snap = false,
        #[Field] private Scope $scope = Scope::Playhead,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $place = CameraPlace::of($composition, $this->camera, $this->frame);
        $by = match (true) {
            ! $this->straight => $this->by,
            abs($this->by->x) >= abs($this->by->y) => new Point($this->by->x, 0),
            default => new Point(0, $this->by->y),
        };
        // What is in the middle of the picture stays under the pointer.
        $way = fn (): Point => new Point(-$by->x, -$by->y);
        $turn = 180 / $composition->width;

        return match ($this->how) {
            Drive::Orbit => $place->turned(['orbitX' => $by->y * $turn, 'orbitY' => -$by->x * $turn], $this->turned(...), $this->scope),
            Drive::Roll => $place->turned(['rotation' => -$by->x * $turn], $this->turned(...), $this->scope),
            Drive::Nearer => $place->nearer(exp(-$by->y / $composition->height * log(3)), $this->scope),
            Drive::Across => $place->across($way(), true, $this->scope),
            Drive::Aim => $place->across($way(), false, $this->scope),
        };
    }

    private function turned(float $angle): float
    {
        return Turning::rounded($angle, $this->snap);
    }

    public function title(): string
    {
        return "camera: {$this->how->value}";
    }
}
