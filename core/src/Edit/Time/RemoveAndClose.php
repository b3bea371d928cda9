<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Time;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Time\FrameRange;

/** Takes layers out, and moves what begins after them earlier by the time that they took. */
final readonly class RemoveAndClose implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $gaps = self::union(array_map(fn (string $id): FrameRange => $composition->layer($id)->span, $this->layers));
        $composition = $composition->withLayers($composition->layers->without($this->layers));
        foreach ($composition->layers->spans() as $id => $span) {
            $closed = array_filter($gaps, fn (FrameRange $gap): bool => $gap->out <= $span->in);
            $by = array_sum(array_map(fn (FrameRange $gap): int => $gap->length(), $closed));
            if ($by > 0) {
                $composition = $composition->replacing($composition->layer((string) $id)->withSpan(
                    new FrameRange($span->in - $by, $span->out - $by),
                ));
            }
        }

        return $composition;
    }

    public function title(): string
    {
        return 'remove and close the gap';
    }

    /**
     * @param  non-empty-list<FrameRange>  $ranges
     * @return list<FrameRange> the frames of any of them, in ranges that do not touch
     */
    private static function union(array $ranges): array
    {
        usort($ranges, fn (FrameRange $a, FrameRange $b): int => $a->in <=> $b->in);
        $union = [];
        foreach ($ranges as $range) {
            $last = end($union);
            if ($last !== false && $range->in <= $last->out) {
                array_pop($union);
                $range = new FrameRange($last->in, max($last->out, $range->out));
            }
            $union[] = $range;
        }

        return $union;
    }
}
