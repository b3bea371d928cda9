<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Windows;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Dye;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Misfit;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\LayerKinds;
use Ricamo\Core\Layout\ScreenCells;
use Ricamo\Core\Refusal;

/**
 * Splits the picture: layers become windows that lie in its cells, in the order in which they are named; cells that are left over
 * get empty windows from frame `at` on. Of the cells one is large, where that is chosen, with so many rows and columns in all.
 * Where the windows lie and how large they are is said by the cells, and nothing else.
 */
final readonly class SplitScreen implements CompositionEdit
{
    private const MOST = 10;

    /** @param  list<string>  $layers */
    private function __construct(
        private array $layers,
        private ScreenCells $cells,
        private int $rows,
        private int $columns,
        private float $gap,
        private float $margin,
        private float $rounding,
        private int $at,
    ) {
    }

    /**
     * @param  list<string>  $layers
     *
     * @throws Refusal where its arguments do not go together
     */
    public static function from(
        #[Field(least: 1, most: self::MOST)] int $rows,
        #[Field(least: 1, most: self::MOST)] int $columns,
        #[LayerIds(fewest: 0)] array $layers = [],
        #[Field] ScreenCells $cells = ScreenCells::Grid,
        #[Field('pixels', 0, 2000)] float $gap = 0.0,
        #[Field('pixels', 0, 2000)] float $margin = 0.0,
        #[Field('pixels', 0, 2000)] float $rounding = 0.0,
        #[Field(least: 0, most: Composition::LONGEST - 1)] int $at = 0,
    ): self {
        return count($layers) <= self::MOST ** 2
            ? new self($layers, $cells, $rows, $columns, $gap, $margin, $rounding, $at)
            : throw new Misfit('layers', 'must be '.self::MOST ** 2 .' or fewer');
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $cells = $this->cells->of($composition->width, $composition->height, $this->rows, $this->columns, $this->margin, $this->gap);
        if (count($this->layers) > count($cells)) {
            throw new Refusal(count($this->layers).' layers do not go into '.count($cells).' cells');
        }
        foreach ($cells as $cell) {
            if ($cell->width() < 1 || $cell->height() < 1) {
                throw new Refusal('margin and gaps leave no room for the cells');
            }
        }
        foreach ($this->layers as $index => $id) {
            $window = Windowed::of($composition->layer($id), $evaluator->media);
            if ($window->group !== null) {
                throw new Refusal("“{$window->name}” is in a group; cells are those of the frame");
            }
            $composition = $composition->replacing($this->placed($window, $cells[$index]));
        }
        foreach (array_slice($cells, count($this->layers)) as $cell) {
            $composition = $composition->withLayers($composition->layers->inserting(
                $this->placed($this->empty($composition), $cell), count($composition->layers),
            ));
        }

        return $composition;
    }

    public function title(): string
    {
        return 'split screen';
    }

    private function empty(Composition $composition): Layer
    {
        return Layer::read(new Node([
            'kind' => LayerKinds::all()['window']->name(), 'form' => 'rectangle', 'id' => $composition->layers->freeId(),
            'name' => 'Window',
            'in' => min($this->at, $composition->range()->last()), 'out' => $composition->length,
            'label' => Dye::forNumber(count($composition->layers))->value,
        ]));
    }

    private function placed(Layer $window, Box $cell): Layer
    {
        $middle = $cell->centre();

        return Layer::read(new Node([
            ...$window->toJson(),
            'position' => [$middle->x, $middle->y], 'scale' => [100, 100], 'rotation' => 0, 'anchor' => [0, 0],
            'size' => [$cell->width(), $cell->height()], 'rounding' => $this->rounding,
        ]));
    }
}
