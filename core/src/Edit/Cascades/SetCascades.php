<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Cascades;

use Ricamo\Core\Cascade\PlacedCascade;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;

/** Gives layers cascades, as documents hold them, in place of those that they have. */
final readonly class SetCascades implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Field(longest: PlacedCascade::MOST, ref: 'Cascade', many: true)] private Node $cascades,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            [$cascades, $settings] = PlacedCascade::readAll($this->cascades, $layer->kind->name(), $layer->units());
            $composition = $composition->replacing($layer->having(['cascades' => $cascades], $settings));
        }

        return $composition;
    }

    public function title(): string
    {
        return 'change cascades';
    }
}
