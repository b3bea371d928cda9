<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Effects;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\FittedEffect;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Effects;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Refusal;

/** Puts an effect behind those that layers have, with the settings that it is known for. */
final readonly class AddEffect implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Field(of: Effects::class)] private Effect $effect,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            if (! $layer->kind->isSeen()) {
                throw new Refusal("“{$layer->name}” is not seen; it has no effects");
            }
            $box = $evaluator->pose($layer, $composition, $layer->span->in)->box;
            $composition = $composition->replacing(FittedEffect::added($layer, $this->effect, $box));
        }

        return $composition;
    }

    public function title(): string
    {
        return 'add '.lcfirst($this->effect->title());
    }
}
