<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Values;

use Ricamo\Core\Document\Axes;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Refusal;

/**
 * Lets layers go along one path, or gives x and y keyframes of their own (`apart`); no frame changes. Where that takes a
 * keyframe on each frame, it is refused with how many these are, unless `write` says that they are welcome.
 */
final readonly class SetAxes implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Field] private bool $apart,
        #[Field] private bool $write = false,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            if (! $layer->kind->isSeen()) {
                throw new Refusal("“{$layer->name}” is not seen and has no place");
            }
            [$changed, $written] = $this->apart ? Axes::apart($layer) : Axes::together($layer);
            if ($written > 0 && ! $this->write) {
                $why = $this->apart ? 'goes a way that x and y cannot go by themselves' : 'goes along x and y at a different pace';
                throw new Refusal("“{$layer->name}” $why; with a keyframe on each of $written frames nothing would change");
            }
            $composition = $composition->replacing($changed);
        }

        return $composition;
    }

    public function title(): string
    {
        return $this->apart ? 'separate x and y' : 'x and y as one path';
    }
}
