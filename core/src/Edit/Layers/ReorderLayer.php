<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Groups\Rehoused;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/**
 * Moves a layer to place `to` in the stack, 0 being the bottom; the layers `with` it come to lie right around it, in their
 * order. With `group` they come to be in that group, or with null in none, and stay where they are in the picture at frame `frame`.
 */
final readonly class ReorderLayer implements CompositionEdit
{
    /** @param  list<string>  $with */
    private function __construct(private string $layer, private array $with, private Node $to, private bool $isRehoused, private ?string $group, private int $frame)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layer', 'with', 'to', 'group', 'frame']);

        return new self(
            $args->field('layer')->string(64),
            array_map(fn (Node $id): string => $id->string(64), $args->optional('with')?->items(2000) ?? []),
            $args->field('to'),
            array_key_exists('group', $args->object()),
            $args->optional('group')?->string(64),
            $args->optional('frame')?->int(-Composition::LONGEST, Composition::LONGEST) ?? 0,
        );
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        array_map($composition->indexOf(...), [$this->layer, ...$this->with]);
        $to = $this->to->int(0, count($composition->layers) - 1);

        $composition = $composition->withLayers($composition->layers->gathering($this->layer, $this->with, $to));
        foreach ($this->isRehoused ? $composition->layers->tree()->outermost([$this->layer, ...$this->with]) : [] as $id) {
            if ($this->group !== null && in_array($this->group, [$id, ...$composition->layers->tree()->within($id)], true)) {
                throw new Refusal("“{$composition->layer($id)->name}” cannot be in itself");
            }
            $composition = Rehoused::in($this->group, $id, $composition, $this->frame);
        }

        return $composition;
    }

    public function title(): string
    {
        return 'reorder layers';
    }
}
