<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Move\PlacedAccent;
use Ricamo\Core\Refusal;

/**
 * Sets the accents of layers: a list of {accent, at, length?} in place of those that are there, or with `add` one more.
 * `at` is a frame of the composition.
 */
final readonly class SetAccents implements CompositionEdit
{
    /**
     * @param  non-empty-list<string>  $layers
     * @param  ?list<Node>  $accents
     */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Field(longest: PlacedAccent::MOST)] private ?array $accents = null,
        #[Field] private ?Node $add = null,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $placed = fn (Node $node): PlacedAccent => PlacedAccent::read($node, $composition->rate);
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            if (! $layer->kind->isMoved()) {
                throw new Refusal("“{$layer->name}” is not seen; it has no accents");
            }
            $given = array_map($placed, [...($this->accents ?? []), ...($this->add === null ? [] : [$this->add])]);
            $accents = array_map(fn (PlacedAccent $one): PlacedAccent => $one->movedBy(-$layer->span->in), $given);
            $kept = is_array($this->accents) ? [] : $layer->life->accents;
            $composition = $composition->replacing($layer->living($layer->life->withAccents([...$kept, ...$accents])));
        }

        return $composition;
    }

    public function title(): string
    {
        return $this->add !== null ? 'add accent' : 'set accents';
    }
}
