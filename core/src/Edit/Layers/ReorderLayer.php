<?php

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;

/** Moves a layer to place `to` in the stack, 0 being the bottom. */
final readonly class ReorderLayer implements CompositionEdit
{
    private function __construct(private string $layer, private Node $to)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layer', 'to']);

        return new self($args->field('layer')->string(64), $args->field('to'));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $from = $composition->indexOf($this->layer);
        $to = $this->to->int(0, count($composition->layers) - 1);

        return $composition->withLayers($composition->layers->moving($from, $to));
    }

    public function title(): string
    {
        return 'reorder layers';
    }
}
