<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Tree;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Groups\Rehoused;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Misfit;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/**
 * Moves a layer to place `to` in the stack, 0 being the bottom, or between the layers `above` and `beneath` it, one of which is left
 * out at the end of the stack. The layers `with` it come to lie right around it, in their order. With `group` they come to be in that
 * group, or with null in none; between two layers in the group of both, at the edge of a group in the outer one, and right beneath a
 * group that shows what is in it, or that is empty, in that. They stay where they are in the picture at frame `frame`.
 */
final readonly class ReorderLayer implements CompositionEdit
{
    /** @param  list<string>  $with */
    private function __construct(
        private string $layer,
        private array $with,
        private ?Node $to,
        private ?string $above,
        private ?string $beneath,
        private bool $isRehoused,
        private ?string $group,
        private int $frame,
    ) {
    }

    /**
     * @param  list<string>  $with
     *
     * @throws Refusal where its arguments do not go together
     */
    public static function from(
        #[Id] string $layer,
        #[Field('its place, 0 at the bottom', of: 'int')] ?Node $to = null,
        #[Id('the layer that it comes to lie beneath, in place of to')] ?string $above = null,
        #[Id('the layer that it comes to lie above, in place of to')] ?string $beneath = null,
        #[LayerIds('others that come to lie right around it', fewest: 0)] array $with = [],
        #[Field('the id of the one that they come to be in, or null for none', of: 'string', isNullSaid: true)] ?Node $group = null,
        #[Frame] int $frame = 0,
    ): self {
        $isBetween = $above !== null || $beneath !== null;
        if ($to === null && ! $isBetween) {
            throw Misfit::missing('to');
        }
        if ($isBetween && ($to !== null || $group !== null)) {
            throw new Misfit($to === null ? 'group' : 'to', 'follows from what is above and beneath');
        }

        return new self(
            $layer, $with, $to, $above, $beneath, $group !== null, $group?->value === null ? null : $group->string(64), $frame,
        );
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $chosen = [$this->layer, ...$this->with];
        array_map($composition->indexOf(...), [...$chosen, ...array_filter([$this->above, $this->beneath], is_string(...))]);
        $tree = $composition->layers->tree();
        [$to, $group] = $this->to === null
            ? [$this->placeBetween($composition, $tree), $this->groupBetween($composition, $tree)]
            : [$this->to->int(0, count($composition->layers) - 1), $this->group];
        $isRehoused = $this->isRehoused || ($this->to === null && ! ($tree->isFlat() && $group === null));

        $composition = $composition->withLayers($composition->layers->gathering($this->layer, $this->with, $to));
        foreach ($isRehoused ? $composition->layers->tree()->outermost($chosen) : [] as $id) {
            if ($group !== null && in_array($group, [$id, ...$composition->layers->tree()->within($id)], true)) {
                throw new Refusal("“{$composition->layer($id)->name}” cannot be in itself");
            }
            $composition = Rehoused::in($group, $id, $composition, $this->frame);
        }

        return $composition;
    }

    /** @throws Refusal where one of the two is moved itself */
    private function placeBetween(Composition $composition, Tree $tree): int
    {
        $ids = $composition->layers->ids();
        $moved = $tree->withAll([$this->layer, ...$this->with]);
        foreach (array_intersect([$this->above, $this->beneath], $moved) as $id) {
            throw new Refusal("“{$composition->layer((string) $id)->name}” is moved itself");
        }
        $place = $this->beneath === null ? 0 : 1 + (int) array_search($this->beneath, array_values(array_diff($ids, $moved)), true);

        return $place + (int) array_search($this->layer, array_values(array_intersect($ids, $moved)), true);
    }

    private function groupBetween(Composition $composition, Tree $tree): ?string
    {
        if ($this->above === null) {
            return null;
        }
        $isShown = $this->beneath !== null && $tree->groupOf($this->beneath) === $this->above;
        if ($isShown || ($composition->layer($this->above)->kind->holdsLayers() && $tree->members($this->above) === [])) {
            return $this->above;
        }
        if ($this->beneath === null) {
            return null;
        }

        return $tree->groupOf(count($tree->above($this->above)) < count($tree->above($this->beneath)) ? $this->above : $this->beneath);
    }

    public function title(): string
    {
        return 'reorder layers';
    }
}
