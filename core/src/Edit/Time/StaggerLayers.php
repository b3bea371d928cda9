<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Time;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Refusal;

/**
 * Lets layers begin one after another, `by` frames apart; how long each is and what it does stays the same. The one that
 * comes first keeps its time where it is the earliest of them. `order`: as they were chosen (`chosen`), the other way
 * round (`reversed`), from the `middle` outwards, by their `place` from left to right and top to bottom at frame `frame`,
 * or `shuffled` by a `seed`.
 */
final readonly class StaggerLayers implements CompositionEdit
{
    private const ORDERS = ['chosen', 'reversed', 'middle', 'place', 'shuffled'];

    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Frame] private int $by,
        #[Field(oneOf: self::ORDERS)] private string $order = 'chosen',
        #[Field(least: 0, most: 2_000_000_000)] private int $seed = 1,
        #[Frame] private int $frame = 0,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        if (count($this->layers) < 2) {
            throw new Refusal('several layers can be staggered, one cannot');
        }
        $layers = array_map($composition->layer(...), $composition->layers->tree()->outermost($this->layers));
        assert($layers !== []);
        $begin = min(array_map(fn (Layer $layer): int => $layer->span->in, $layers));
        foreach ($this->ranks($layers) as $index => $rank) {
            $layer = $layers[$index];
            $in = $begin + $rank * $this->by;
            $composition = MoveLayers::shifted($composition, [$layer->id], $in - $layer->span->in);
        }

        return $composition;
    }

    public function title(): string
    {
        return 'stagger layers';
    }

    /**
     * @param  list<Layer>  $layers
     * @return list<int> the turn of each, 0 for the first; from the middle outwards two may share one
     */
    private function ranks(array $layers): array
    {
        $places = array_keys($layers);
        $last = count($layers) - 1;

        return match ($this->order) {
            'reversed' => array_reverse($places),
            'middle' => array_map(fn (int $place): int => (int) floor(abs($place - $last / 2)), $places),
            'place' => $this->ranked($places, fn (int $a, int $b): int => $this->position($layers[$a]) <=> $this->position($layers[$b])),
            'shuffled' => $this->shuffled($places),
            default => $places,
        };
    }

    /** @return array{float, float} */
    private function position(Layer $layer): array
    {
        return $layer->kind->isSeen()
            ? [$layer->point('position', $this->frame)->x, $layer->point('position', $this->frame)->y]
            : [INF, 0.0];
    }

    /**
     * @param  list<int>  $places
     * @param  callable(int, int): int  $compare
     * @return list<int>
     */
    private function ranked(array $places, callable $compare): array
    {
        usort($places, $compare);
        $ranks = array_flip($places);
        ksort($ranks);

        return array_values($ranks);
    }

    /**
     * Fisher and Yates' shuffle by a generator of its own (Lehmer, 48271 modulo 2³¹ − 1), so that a seed means the same everywhere.
     *
     * @param  list<int>  $places
     * @return list<int>
     */
    private function shuffled(array $places): array
    {
        $state = $this->seed % 2147483646 + 1;
        for ($i = count($places) - 1; $i > 0; $i--) {
            $state = ($state * 48271) % 2147483647;
            $other = $state % ($i + 1);
            [$places[$i], $places[$other]] = [$places[$other], $places[$i]];
        }

        return array_values($places);
    }
}
