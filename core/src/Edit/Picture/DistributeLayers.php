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
use Ricamo\Core\Geometry\Axis;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Refusal;

/** Moves the layers between the two outermost along an axis, so that the gaps between them are equal. */
final readonly class DistributeLayers implements CompositionEdit
{
    private const LEAST = 3;

    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Frame] private int $frame,
        #[Field] private Axis $axis,
        #[Field] private Scope $scope = Scope::Playhead,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        if (count($this->layers) < self::LEAST) {
            throw new Refusal('spacing things evenly takes three of them');
        }
        $extents = [];
        foreach ($this->layers as $id) {
            [$from, , $to] = $this->axis->lines($evaluator->pose($composition->layer($id), $composition, $this->frame)->bounds());
            $extents[$id] = [$from, $to];
        }
        uasort($extents, fn (array $a, array $b): int => [$a[0] + $a[1], $a[0]] <=> [$b[0] + $b[1], $b[0]]);
        $first = reset($extents);
        $last = end($extents);
        $taken = array_sum(array_map(fn (array $extent): float => $extent[1] - $extent[0], $extents));
        $gap = ($last[1] - $first[0] - $taken) / (count($extents) - 1);
        $at = $first[0];
        foreach ($extents as $id => [$from, $to]) {
            $composition = $this->moved($composition, (string) $id, $at - $from);
            $at += $to - $from + $gap;
        }

        return $composition;
    }

    public function title(): string
    {
        return 'space evenly';
    }

    private function moved(Composition $composition, string $id, float $by): Composition
    {
        // Rounding moves nobody.
        if (abs($by) < 1e-6) {
            return $composition;
        }
        $layer = $composition->layer($id);
        $place = $layer->point('position', $this->frame)->plus($composition->asCounted(
            $this->axis === Axis::X ? new Point($by, 0) : new Point(0, $by), $id, $this->frame,
        ));

        return PropertyTarget::put($composition, $layer, 'position', $this->frame, $place, $this->scope);
    }
}
