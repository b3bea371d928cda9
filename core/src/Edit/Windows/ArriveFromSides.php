<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Windows;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Edit\Time\Trimmed;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Move\Phase;
use Ricamo\Core\Refusal;

/**
 * Has layers slide in, each from the side of the frame that it is nearest to at frame `frame`; from a corner, from the side
 * that fewer have come from. With `by` each begins so many frames after the one before it, and ends when it did.
 */
final readonly class ArriveFromSides implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Field(least: 1, most: 10_000)] private int $length,
        #[Frame] private int $frame = 0,
        #[Field(least: 0, most: 10_000)] private int $by = 0,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $came = [0 => 0, 90 => 0, 180 => 0, 270 => 0];
        foreach ($this->layers as $index => $id) {
            $layer = $composition->layer($id);
            if (! $layer->kind->isSeen()) {
                throw new Refusal("“{$layer->name}” is not seen; it cannot arrive");
            }
            $angle = self::side($evaluator->pose($layer, $composition, $this->frame)->bounds()->centre(), $composition, $came);
            $came[$angle]++;
            $phase = Phase::read(new Node(['length' => $this->length, 'moves' => [['move' => 'slide', 'angle' => $angle]]]));
            $in = min($layer->span->in + $index * $this->by, $layer->span->last());
            $later = Trimmed::to($layer, $in, $layer->span->out, $composition->rate, $evaluator->media);
            $composition = $composition->replacing($later->with(['life' => $later->life->arriving($phase)]));
        }

        return $composition;
    }

    public function title(): string
    {
        return 'arrive from the sides';
    }

    /**
     * Distances count in halves of the frame, so that in a grid of two by two every cell is as near to two sides.
     *
     * @param  array<int, int>  $came  how many came from each side, by its angle clockwise from the right
     */
    private static function side(Point $middle, Composition $composition, array $came): int
    {
        $x = 2 * $middle->x / $composition->width - 1;
        $y = 2 * $middle->y / $composition->height - 1;
        $sides = [180 => -$x, 270 => -$y, 0 => $x, 90 => $y];
        $nearest = array_filter($sides, fn (float $near): bool => max($sides) - $near < 0.01);
        uksort($nearest, fn (int $a, int $b): int => $came[$a] <=> $came[$b]);

        return (int) array_key_first($nearest);
    }
}
