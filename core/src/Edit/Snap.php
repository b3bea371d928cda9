<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Guide\TimeMarks;
use Ricamo\Core\Json\Field;

/** That a drag in time is drawn in by what it comes near to. */
final readonly class Snap
{
    /**
     * @param  float  $within  frames
     * @param  list<int>  $marks
     */
    public function __construct(
        #[Field('frames', 0, Composition::LONGEST)] private float $within,
        #[Frame] private ?int $playhead = null,
        #[Field(
            'further frames that draw in', -Composition::LONGEST, 2 * Composition::LONGEST, longest: 5000, of: 'int',
        )] private array $marks = [],
    ) {
    }

    /**
     * @param  list<string>  $except  layers that are on the move
     * @param  list<int>  $frames  what may meet a mark
     */
    public function distance(Composition $composition, array $except, array $frames, float $by): int
    {
        return $this->marks($composition, $except)->distance($frames, $by, $this->within);
    }

    /**
     * The mark that one of the frames has come to; null where nothing draws in.
     *
     * @param  list<string>  $except  layers that are on the move
     * @param  list<int>  $frames
     */
    public function met(Composition $composition, array $except, array $frames): ?int
    {
        return $this->within > 0 ? $this->marks($composition, $except)->met($frames) : null;
    }

    /** @param  list<string>  $except */
    private function marks(Composition $composition, array $except): TimeMarks
    {
        return TimeMarks::of($composition, $except, $this->playhead, $this->marks);
    }
}
