<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Markers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Markers;
use Ricamo\Core\Json\Id;

/**
 * Whose markers an edit is about: the composition's own, or with `layer` those of a layer. Edits speak of frames of the
 * composition; a layer keeps its markers from its in point on, so that they go where it goes.
 */
final readonly class MarkerOwner
{
    public function __construct(#[Id('whose markers they are; the composition\'s, where nothing is said')] private ?string $layer = null)
    {
    }

    /** On frames of the composition. */
    public function markers(Composition $composition): Markers
    {
        if ($this->layer === null) {
            return $composition->markers;
        }
        $layer = $composition->layer($this->layer);

        return $layer->markers->movedBy($layer->span->in);
    }

    /** @param  Markers  $markers  on frames of the composition */
    public function with(Composition $composition, Markers $markers): Composition
    {
        if ($this->layer === null) {
            return $composition->with(['markers' => $markers]);
        }
        $layer = $composition->layer($this->layer);

        return $composition->replacing($layer->with(['markers' => $markers->movedBy(-$layer->span->in)]));
    }

    /** @return array{int, int} the first and the last frame on which one may stand */
    public function range(Composition $composition): array
    {
        $range = $this->layer === null ? $composition->range() : $composition->layer($this->layer)->span;

        return [$range->in, $range->last()];
    }
}
