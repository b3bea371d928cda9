<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Groups\Rehoused;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/**
 * Moves a layer to place `to` in the stack, 0 being the bottom; the layers `with` it come to lie right around it, in their
 * order. With `group` they come to be in that group, or with null in none, and stay where they are in the picture at frame `frame`.
 */
final readonly class ReorderLayer implements CompositionEdit
{
    /** @param  list<string>  $with */
    private function __construct(
        private string $layer,
        private array $with,
        private Node $to,
        private bool $isRehoused,
        private ?string $group,
        private int $frame,
    ) {
    }

    /** @param  list<string>  $with */
    public static function from(
        #[Id] string $layer,
        #[Field('its place, 0 at the bottom', of: 'int')] Node $to,
        #[LayerIds('others that come to lie right around it', fewest: 0)] array $with = [],
        #[Field('the id of the one that they come to be in, or null for none', of: 'string', isNullSaid: true)] ?Node $group = null,
        #[Frame] int $frame = 0,
    ): self {
        return new self($layer, $with, $to, $group !== null, $group?->value === null ? null : $group->string(64), $frame);
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
