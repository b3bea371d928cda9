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
use Ricamo\Core\Json\Field;
use Ricamo\Core\Refusal;

/**
 * Drops a marker without a name on a frame: of the composition, or of each of some layers that is on there, in the layer's label
 * colour. One that stands there already stays as it is; with `toggle`, where all of them have one there, these are taken away.
 */
final readonly class DropMarkers implements CompositionEdit
{
    /** @param  list<string>  $layers */
    public function __construct(
        #[Frame] private int $frame,
        #[LayerIds('without it the composition\'s', fewest: 0)] private array $layers = [],
        #[Field] private bool $toggle = false,
    ) {
    }

    /** @throws Refusal where the composition, or each of the layers, is over or has not begun */
    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        if ($this->layers === []) {
            if (! $composition->range()->contains($this->frame)) {
                throw new Refusal("frame $this->frame is outside 0..{$composition->range()->last()}");
            }

            return $composition->with([
                'markers' => $this->changed($composition->markers, new Marker($this->frame), $composition->markers->has($this->frame)),
            ]);
        }
        $on = array_filter(
            array_map($composition->layer(...), $this->layers), fn (Layer $one): bool => $one->span->contains($this->frame),
        );
        if ($on === []) {
            throw new Refusal("no layer that is selected is on at frame $this->frame");
        }
        $isOnAll = array_filter($on, fn (Layer $one): bool => ! $one->markers->has($this->frame - $one->span->in)) === [];
        foreach ($on as $layer) {
            $marker = new Marker($this->frame - $layer->span->in, label: $layer->switches->label);
            $composition = $composition->replacing($layer->with(['markers' => $this->changed($layer->markers, $marker, $isOnAll)]));
        }

        return $composition;
    }

    /** @param  bool  $isOnAll  whether one stands there already on all that this is about */
    private function changed(Markers $markers, Marker $marker, bool $isOnAll): Markers
    {
        return match (true) {
            $this->toggle && $isOnAll => $markers->without([$marker->frame]),
            $markers->has($marker->frame) => $markers,
            default => $markers->with($marker),
        };
    }

    public function title(): string
    {
        $what = count($this->layers) > 1 ? 'markers' : 'marker';

        return $this->toggle ? "drop or remove $what" : "drop $what";
    }
}
