<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Time;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;

/** Moves layers in time, together, so that the `first` or the `last` frame of them all comes to frame `at`. */
final readonly class PlaceLayers implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private bool $isFirst, private int $at)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layers', 'edge', 'at']);
        $edge = $args->field('edge')->enum(FitTo::class);
        if (! $edge->needsFrame()) {
            $args->field('edge')->refuse('must be first or last');
        }

        return new self(LayerIds::read($args), $edge === FitTo::First, $args->field('at')->int(-Composition::LONGEST, Composition::LONGEST));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $spans = array_map(fn (string $id) => $composition->layer($id)->span, $this->layers);
        $by = $this->isFirst ? $this->at - min(array_column($spans, 'in')) : $this->at + 1 - max(array_column($spans, 'out'));

        return MoveLayers::read(new Node(['layers' => $this->layers, 'by' => $by]))->apply($composition, $evaluator);
    }

    public function title(): string
    {
        return 'move to playhead';
    }
}
