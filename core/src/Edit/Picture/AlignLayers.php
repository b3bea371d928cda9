<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Guide\Lines;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Refusal;

/**
 * Moves each layer so that its bounds lie at a side or in the middle along an axis or both: of the `frame`, of the title-`safe`
 * area, or of the `selection` as a whole; `margin` pixels inside it. With `together` they are moved as one block.
 */
final readonly class AlignLayers implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(
        private array $layers,
        private int $frame,
        private AlignTo $to,
        private ?AxisPlace $x,
        private ?AxisPlace $y,
        private float $margin,
        private bool $together,
        private Scope $scope,
    ) {
    }

    /**
     * @param  non-empty-list<string>  $layers
     *
     * @throws Refusal where its arguments do not go together
     */
    public static function from(
        #[LayerIds] array $layers,
        #[Frame] int $frame,
        #[Field] AlignTo $to = AlignTo::Frame,
        #[Field] ?AxisPlace $x = null,
        #[Field] ?AxisPlace $y = null,
        #[Field(least: -10_000, most: 10_000)] float $margin = 0.0,
        #[Field] bool $together = false,
        #[Field] Scope $scope = Scope::Playhead,
    ): self {
        return $x === null && $y === null
            ? throw new Refusal('an alignment needs an x or a y')
            : new self($layers, $frame, $to, $x, $y, $margin, $together, $scope);
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        if ($this->together) {
            return $this->asOne($composition, Block::of($composition, $evaluator, $this->layers, $this->frame));
        }
        $bounds = [];
        foreach ($this->layers as $id) {
            $bounds[$id] = $evaluator->pose($composition->layer($id), $composition, $this->frame)->bounds();
        }
        $area = $this->area($composition, array_values($bounds))->grown(-$this->margin);
        foreach ($bounds as $id => $box) {
            $by = $this->distance($box, $area);
            $layer = $composition->layer((string) $id);
            $composition = PropertyTarget::put(
                $composition,
                $layer,
                'position',
                $this->frame,
                $layer->point('position', $this->frame)->plus($composition->asCounted($by, (string) $id, $this->frame)),
                $this->scope,
            );
        }

        return $composition;
    }

    private function asOne(Composition $composition, Block $block): Composition
    {
        if ($block->bounds === null) {
            return $composition;
        }
        $by = $this->distance($block->bounds, $this->area($composition, [$block->bounds])->grown(-$this->margin));

        return $block->placed($composition, 1.0, new Point(0, 0), $by, $this->scope);
    }

    private function distance(Box $box, Box $area): Point
    {
        return new Point(
            $this->x?->distance($box->left, $box->right, $area->left, $area->right) ?? 0.0,
            $this->y?->distance($box->top, $box->bottom, $area->top, $area->bottom) ?? 0.0,
        );
    }

    public function title(): string
    {
        return $this->x !== null && $this->y !== null ? 'place' : 'align';
    }

    /** @param  non-empty-list<Box>  $bounds */
    private function area(Composition $composition, array $bounds): Box
    {
        return match ($this->to) {
            AlignTo::Frame => new Box(0, 0, $composition->width, $composition->height),
            AlignTo::Safe => Lines::titleSafe($composition),
            AlignTo::Selection => array_reduce($bounds, fn (Box $all, Box $one): Box => $all->union($one), $bounds[0]),
        };
    }
}
