<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Guide\TimeMarks;
use Ricamo\Core\Json\Node;

/** That a drag in time is drawn in by what it comes near to. */
final readonly class Snap
{
    /**
     * @param  float  $within  frames
     * @param  list<int>  $marks
     */
    private function __construct(private float $within, private ?int $playhead, private array $marks)
    {
    }

    /** @param  ?Node  $node an object {within, playhead?, marks?}, the last being further frames that draw in */
    public static function read(?Node $node): ?self
    {
        $node?->allow(['within', 'playhead', 'marks']);

        return $node === null ? null : new self(
            $node->field('within')->number(0, Composition::LONGEST),
            $node->optional('playhead')?->int(-Composition::LONGEST, 2 * Composition::LONGEST),
            array_map(fn (Node $mark): int => $mark->int(-Composition::LONGEST, 2 * Composition::LONGEST), $node->optional('marks')?->items(5000) ?? []),
        );
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
