<?php

namespace Ricamo\Core\Edit\Paths;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Line\PlacedBrush;

/** Gives the outlines of layers a brush, as documents hold it, or `null` for none. */
final readonly class SetBrush implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private ?Node $brush)
    {
    }

    public static function read(Node $args): self
    {
        return new self(LayerIds::read($args->allow(['layers', 'brush'])), $args->optional('brush'));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            [$brush, $settings] = PlacedBrush::readOf($this->brush, $layer->kind);
            $composition = $composition->replacing($layer->having(['brush' => $brush], $settings));
        }

        return $composition;
    }

    public function title(): string
    {
        return $this->brush === null ? 'no brush' : 'brush';
    }
}
