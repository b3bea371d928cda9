<?php

namespace Ricamo\Core\Edit\Paths;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Line\PlacedOutline;

/** Gives layers more outlines than the one that all have, as documents hold them, in place of those there are. */
final readonly class SetOutlines implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private Node $outlines)
    {
    }

    public static function read(Node $args): self
    {
        return new self(LayerIds::read($args->allow(['layers', 'outlines'])), $args->field('outlines'));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            [$outlines, $settings] = PlacedOutline::readAll($this->outlines, $layer->kind);
            $composition = $composition->replacing($layer->having(['outlines' => $outlines], $settings));
        }

        return $composition;
    }

    public function title(): string
    {
        return 'outlines';
    }
}
