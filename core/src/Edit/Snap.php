<?php

namespace Ricamo\Core\Edit;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Guide\TimeMarks;
use Ricamo\Core\Json\Node;

/** That a drag in time is drawn in by what it comes near to. */
final readonly class Snap
{
    /** @param  float  $within  frames */
    private function __construct(private float $within, private ?int $playhead)
    {
    }

    /** @param  ?Node  $node an object {within, playhead?} */
    public static function read(?Node $node): ?self
    {
        $node?->allow(['within', 'playhead']);

        return $node === null ? null : new self(
            $node->field('within')->number(0, Composition::LONGEST),
            $node->optional('playhead')?->int(-Composition::LONGEST, 2 * Composition::LONGEST),
        );
    }

    /**
     * @param  list<string>  $except  layers that are on the move
     * @param  list<int>  $frames  what may meet a mark
     */
    public function distance(Composition $composition, array $except, array $frames, float $by): int
    {
        return TimeMarks::of($composition, $except, $this->playhead)->distance($frames, $by, $this->within);
    }
}
