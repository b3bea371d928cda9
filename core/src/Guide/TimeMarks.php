<?php

declare(strict_types=1);

namespace Ricamo\Core\Guide;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\LayerFacts;

/** The moments that things in time are drawn to: both ends of the composition and of its layers, markers of both, and the playhead. */
final readonly class TimeMarks
{
    /** @param  list<int>  $frames */
    private function __construct(public array $frames)
    {
    }

    /**
     * @param  list<string>  $except  layers that are on the move
     * @param  list<int>  $more  other frames, such as those of keyframes
     */
    public static function of(Composition $composition, array $except, ?int $playhead, array $more = []): self
    {
        $moving = array_fill_keys($except, true);
        $frames = [0, $composition->length, ...$composition->markers->frames(), ...$more];
        if ($playhead !== null) {
            $frames[] = $playhead;
        }
        foreach (array_diff_key($composition->layers->spans(), $moving) as $span) {
            array_push($frames, $span->in, $span->out);
        }

        foreach ($composition->layers->where(fn (LayerFacts $facts): bool => $facts->hasMarkers) as $layer) {
            if (! isset($moving[$layer->id])) {
                array_push($frames, ...$layer->markers->movedBy($layer->span->in)->frames());
            }
        }

        return new self($frames);
    }

    /**
     * All that a playhead is drawn to, which goes no further than the last frame.
     *
     * @param  list<string>  $keyframesOf  layers whose keyframes are among them; those that are not there are none
     * @return list<int>
     */
    public static function forPlayhead(Composition $composition, array $keyframesOf): array
    {
        $keyframes = [];
        foreach (array_filter($keyframesOf, $composition->layers->has(...)) as $id) {
            $layer = $composition->layer($id);
            foreach ($layer->properties as $property) {
                array_push($keyframes, ...array_keys($property->course($layer->span)));
            }
        }
        $frames = array_unique([...self::of($composition, [], null, $keyframes)->frames, $composition->range()->last()]);
        sort($frames);

        return array_values(array_filter($frames, $composition->range()->contains(...)));
    }

    /**
     * The first of these frames that stands on a mark.
     *
     * @param  list<int>  $frames
     */
    public function met(array $frames): ?int
    {
        return array_values(array_intersect($frames, $this->frames))[0] ?? null;
    }

    /**
     * How many whole frames to go so that one of $frames meets a mark, or where none is near, as far as was asked for.
     *
     * @param  list<int>  $frames
     * @param  float  $by  how far is asked for, in frames
     * @param  float  $within  how near, in frames, a mark draws in
     */
    public function distance(array $frames, float $by, float $within): int
    {
        $best = (int) round($by);
        foreach ($frames as $frame) {
            foreach ($this->frames as $mark) {
                $off = abs($frame + $by - $mark);
                if ($off < $within) {
                    [$best, $within] = [$mark - $frame, $off];
                }
            }
        }

        return $best;
    }
}
