<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\Keyframes\KeyframeSelection;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Guide\TimeMarks;
use Ricamo\Core\Json\Field;

/** That a drag in time is drawn in by what it comes near to. */
final readonly class Snap
{
    /** @param  list<string>  $keyframesOf */
    public function __construct(
        #[Field('frames', 0, Composition::LONGEST)] private float $within,
        #[Frame] private ?int $playhead = null,
        #[LayerIds(
            'layers whose keyframes draw in, too, where they are not on the move themselves', fewest: 0,
        )] private array $keyframesOf = [],
    ) {
    }

    /**
     * @param  list<int>  $frames  what may meet a mark
     * @param  list<string>  $layers  those that are on the move
     * @param  ?KeyframeSelection  $keyframes  those that are on the move
     */
    public function distance(
        Composition $composition, array $frames, float $by, array $layers = [], ?KeyframeSelection $keyframes = null,
    ): int {
        return $this->marks($composition, $layers, $keyframes)->distance($frames, $by, $this->within);
    }

    /**
     * The mark that one of the frames has come to; null where nothing draws in.
     *
     * @param  list<int>  $frames
     * @param  list<string>  $layers  those that are on the move
     * @param  ?KeyframeSelection  $keyframes  those that are on the move
     */
    public function met(Composition $composition, array $frames, array $layers = [], ?KeyframeSelection $keyframes = null): ?int
    {
        return $this->within > 0 ? $this->marks($composition, $layers, $keyframes)->met($frames) : null;
    }

    /** @param  list<string>  $layers */
    private function marks(Composition $composition, array $layers, ?KeyframeSelection $keyframes): TimeMarks
    {
        $resting = [];
        foreach (array_diff($this->keyframesOf, $layers) as $id) {
            $layer = $composition->layer($id);
            foreach ($layer->properties as $name => $property) {
                array_push($resting, ...array_diff(array_keys($property->course($layer->span)), $keyframes?->framesOf($id, $name) ?? []));
            }
        }

        return TimeMarks::of($composition, $layers, $this->playhead, array_values(array_unique($resting)));
    }
}
