<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Markers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Marker;
use Ricamo\Core\Document\Markers;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Refusal;

/**
 * Drops a marker without a name on a frame: of the composition, or of each of some layers that is on there, in the layer's label
 * colour. One that stands there already stays as it is.
 */
final readonly class DropMarkers implements CompositionEdit
{
    /** @param  list<string>  $layers */
    public function __construct(
        #[Frame] private int $frame,
        #[LayerIds('without it the composition\'s', fewest: 0)] private array $layers = [],
    ) {
    }

    /** @throws Refusal where the composition, or each of the layers, is over or has not begun */
    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        if ($this->layers === []) {
            if (! $composition->range()->contains($this->frame)) {
                throw new Refusal("frame $this->frame is outside 0..{$composition->range()->last()}");
            }

            return $composition->with(['markers' => $this->dropped($composition->markers, new Marker($this->frame))]);
        }
        $on = array_filter(
            array_map($composition->layer(...), $this->layers), fn (Layer $one): bool => $one->span->contains($this->frame),
        );
        if ($on === []) {
            throw new Refusal("no layer that is selected is on at frame $this->frame");
        }
        foreach ($on as $layer) {
            $marker = new Marker($this->frame - $layer->span->in, label: $layer->switches->label);
            $composition = $composition->replacing($layer->with(['markers' => $this->dropped($layer->markers, $marker)]));
        }

        return $composition;
    }

    private function dropped(Markers $markers, Marker $marker): Markers
    {
        return in_array($marker->frame, $markers->frames(), true) ? $markers : $markers->with($marker);
    }

    public function title(): string
    {
        return count($this->layers) > 1 ? 'drop markers' : 'drop marker';
    }
}
