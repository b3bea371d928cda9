<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Groups;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Name;
use Ricamo\Core\Json\Node;

/**
 * Puts layers into a new group, in the place of the topmost of them, which turns and grows about their middle at frame `frame`. No
 * frame changes where no other layer lies between them, all were in the same group, and cameras and lights pass all of them by or none.
 */
final readonly class GroupLayers implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Frame] private int $frame = 0,
        #[Name] private ?string $name = null,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        array_map($composition->indexOf(...), $this->layers);
        $tree = $composition->layers->tree();
        $wanted = array_fill_keys($tree->outermost($this->layers), true);
        $ids = array_values(array_filter($composition->layers->ids(), fn (string $id): bool => isset($wanted[$id])));
        assert($ids !== []);
        $topmost = $composition->layer($ids[count($ids) - 1]);
        foreach ($ids as $id) {
            $composition = Rehoused::in($topmost->group, $id, $composition, $this->frame);
        }
        $group = $this->group($ids, $topmost, $composition);
        $composition = $composition->withLayers($composition->layers->inserting($group, $composition->indexOf($topmost->id) + 1));
        foreach ($ids as $id) {
            $composition = $composition->replacing($composition->layer($id)->with(['group' => $group->id]));
        }

        return $this->centred($group->id, $composition, $evaluator);
    }

    public function title(): string
    {
        return 'group';
    }

    /** @param  non-empty-list<string>  $ids */
    private function group(array $ids, Layer $topmost, Composition $composition): Layer
    {
        $layers = array_map($composition->layer(...), $ids);
        $spans = array_map(fn (Layer $layer) => $layer->span, $layers);
        $seen = array_filter($layers, fn (Layer $layer): bool => $layer->kind->isSeen());
        $isFlat = $seen !== [] && array_filter($seen, fn (Layer $layer): bool => ! $layer->switches->flat) === [];

        return Layer::read(new Node([
            'kind' => 'group', 'id' => $composition->layers->freeId(), 'name' => $this->name ?? 'Group',
            'in' => min(array_column($spans, 'in')), 'out' => max(array_column($spans, 'out')),
            'label' => $topmost->switches->label->value, ...($isFlat ? ['flat' => true] : []),
            ...($topmost->group === null ? [] : ['group' => $topmost->group]),
        ]));
    }

    /** With position and anchor in the middle of what is in the group, where they do nothing. */
    private function centred(string $id, Composition $composition, Evaluator $evaluator): Composition
    {
        $group = $composition->layer($id);
        $middle = $evaluator->pose($group, $composition, $this->frame)->box->centre();
        $at = [round($middle->x, 3), round($middle->y, 3)];

        return $composition->replacing(Layer::read(new Node([...$group->toJson(), 'position' => $at, 'anchor' => $at])));
    }
}
