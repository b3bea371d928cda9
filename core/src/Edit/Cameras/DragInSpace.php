<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Cameras;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\View;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Edit\Lights\LightPlace;
use Ricamo\Core\Edit\Picture\OnPicture;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Vector;
use Ricamo\Core\Handle\Vantage;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Refusal;

/**
 * Moves layers in space by a distance in the picture, as they are looked at from one side: from above that is across and away, from the
 * right it is away and down; without a side, as they are seen. Of a camera or a light the place, what it aims at, or both are moved.
 * `straight` keeps to the longer axis.
 */
final readonly class DragInSpace implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Frame] private int $frame,
        #[OnPicture] private Point $by,
        #[Field('from where it is looked at: {sight, up, around, zoom}', of: Vantage::class)] private ?Vantage $vantage = null,
        #[Field(oneOf: ['whole', 'eye', 'aim'])] private string $part = 'whole',
        #[Field] private bool $straight = false,
        #[Field] private Scope $scope = Scope::Playhead,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $by = match (true) {
            ! $this->straight => $this->by,
            abs($this->by->x) >= abs($this->by->y) => new Point($this->by->x, 0),
            default => new Point(0, $this->by->y),
        };
        foreach ($composition->layers->tree()->outermost($this->layers) as $id) {
            $kind = $composition->layer($id)->kind;
            $composition = match (true) {
                $kind->looks() => $this->camera($composition, $id, $by),
                $kind->lights() => $this->light($composition, $id, $by),
                default => $this->layer($composition, $id, $by),
            };
        }

        return $composition;
    }

    private function camera(Composition $composition, string $id, Point $by): Composition
    {
        $place = CameraPlace::of($composition, $id, $this->frame);
        [$eye, $aim] = [$place->eye(), $place->aim()];
        $way = $this->across($composition, $by, $this->part === 'aim' ? $aim : $eye);

        return $place->put(
            $this->part === 'aim' ? $eye : $eye->plus($way), $this->part === 'eye' ? $aim : $aim->plus($way), $this->scope,
        );
    }

    private function light(Composition $composition, string $id, Point $by): Composition
    {
        $place = LightPlace::of($composition, $id, $this->frame);
        [$from, $aim] = [$place->light->place, $place->aim()];
        $way = $this->across($composition, $by, $this->part === 'aim' ? $aim : $from);

        return $place->put(
            $this->part === 'aim' ? $from : $from->plus($way), $this->part === 'eye' ? $aim : $aim->plus($way), $this->scope,
        );
    }

    /** How far something goes in space that is seen to go so far. */
    private function across(Composition $composition, Point $by, Vector $from): Vector
    {
        $camera = $this->vantage?->camera($composition) ?? $composition->cameras()?->camera($this->frame);

        return $camera?->across($by, $from) ?? (new View($composition))->across($by, $from);
    }

    /** @throws Refusal for what has no depth, or is in a group that is scaled to nothing */
    private function layer(Composition $composition, string $id, Point $by): Composition
    {
        $layer = $composition->layer($id);
        if (! isset($layer->properties['z'])) {
            throw new Refusal("“{$layer->name}” has no place in space");
        }
        if ($composition->space($id, $this->frame)->isFlat()) {
            throw new Refusal("“{$layer->name}” is in a group that is scaled to nothing on this frame");
        }
        $around = View::within(array_slice($composition->around($layer), 1), $this->frame);
        $place = View::anchorOf($layer, $composition, $this->frame);
        $to = $around->inverse()->apply($place->plus($this->across($composition, $by, $place)));

        return InSpace::put($composition, $id, 'position', 'z', $this->frame, $to, $this->scope);
    }

    public function title(): string
    {
        return 'move in space';
    }
}
