<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\View;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/**
 * Tilts layers as a pointer drags their face across the picture, half a turn for its width; or with `how` `depth` moves them away as it
 * goes up and nearer as it goes down, by the distance from which the picture is seen for its height, or with `turn` turns them clockwise
 * as it goes to the right. `straight` keeps to the longer axis, `snap` tilts and turns in steps of 15°.
 */
final readonly class TiltLayers implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Frame] private int $frame,
        #[OnPicture] private Point $by,
        #[Field(oneOf: ['tilt', 'depth', 'turn'])] private string $how = 'tilt',
        #[Field] private bool $straight = false,
        #[Field('whether it tilts by steps')] private bool $snap = false,
        #[Field] private Scope $scope = Scope::Playhead,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $turn = 180 / $composition->width;
        $isLevel = abs($this->by->x) >= abs($this->by->y);
        $by = match ($this->how) {
            'depth' => ['z' => -$this->by->y / $composition->height * (new View($composition))->distance],
            'turn' => ['rotation' => $this->by->x * $turn],
            default => [
                // The face goes with the pointer: to the right, its right edge goes away; down, its lower one.
                'tiltX' => $this->straight && $isLevel ? 0.0 : -$this->by->y * $turn,
                'tiltY' => $this->straight && ! $isLevel ? 0.0 : $this->by->x * $turn,
            ],
        };
        foreach ($composition->layers->tree()->outermost($this->layers) as $id) {
            $layer = $composition->layer($id);
            if (! isset($layer->properties['z']) || ! $layer->kind->isSeen()) {
                throw new Refusal("“{$layer->name}” has no place in space");
            }
            foreach (array_filter($by, fn (float $one): bool => $one !== 0.0) as $name => $more) {
                $layer = $composition->layer($id);
                $to = $layer->number($name, $this->frame) + $more;
                $target = PropertyTarget::of($layer, $name);
                $composition = $target->set($composition, $this->frame, $target->definition($layer)->read(
                    new Node($name === 'z' ? round($to) : Turning::rounded($to, $this->snap), $name),
                ), $this->scope);
            }
        }

        return $composition;
    }

    public function title(): string
    {
        return match ($this->how) {
            'depth' => 'move away',
            'turn' => 'turn',
            default => 'tilt',
        };
    }
}
