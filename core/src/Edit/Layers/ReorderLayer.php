<?php

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;

/** Moves a layer to place `to` in the stack, 0 being the bottom; the layers `with` it come to lie right around it, in their order. */
final readonly class ReorderLayer implements CompositionEdit
{
    /** @param  list<string>  $with */
    private function __construct(private string $layer, private array $with, private Node $to)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layer', 'with', 'to']);

        return new self($args->field('layer')->string(64), array_map(fn (Node $id): string => $id->string(64), $args->optional('with')?->items(2000) ?? []), $args->field('to'));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        array_map($composition->indexOf(...), [$this->layer, ...$this->with]);
        $to = $this->to->int(0, count($composition->layers) - 1);

        return $composition->withLayers($composition->layers->gathering($this->layer, $this->with, $to));
    }

    public function title(): string
    {
        return 'reorder layers';
    }
}
