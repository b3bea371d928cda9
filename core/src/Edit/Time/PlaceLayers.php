<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Time;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;

/** Moves layers in time, together, so that the `first` or the `last` frame of them all comes to frame `at`. */
final readonly class PlaceLayers implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private bool $isFirst, private int $at)
    {
    }

    /** @param  non-empty-list<string>  $layers */
    public static function from(
        #[LayerIds] array $layers,
        #[Field(oneOf: ['first', 'last'])] string $edge,
        #[Frame] int $at,
    ): self {
        return new self($layers, $edge === 'first', $at);
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $spans = array_map(fn (string $id) => $composition->layer($id)->span, $this->layers);
        $by = $this->isFirst ? $this->at - min(array_column($spans, 'in')) : $this->at + 1 - max(array_column($spans, 'out'));

        return MoveLayers::from($this->layers, $by)->apply($composition, $evaluator);
    }

    public function title(): string
    {
        return 'move to playhead';
    }
}
