<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Transitions;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Misfit;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Playing\Played;
use Ricamo\Core\Kind\Playing\Ramp;
use Ricamo\Core\Move\Phase;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;

/**
 * Leads over from one layer to the next across the cut where they meet: both go on for half of `phase` beyond it, the one
 * that lies above arrives over the other by it, or leaves by it, mirrored, where that is the earlier one. What a clip does not
 * have is held; what is pushed pushes the other one out. Asked for again, it takes the place of the one before; with `phase` null
 * the plain cut is back.
 */
final readonly class CrossCut implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private ?Node $phase)
    {
    }

    /**
     * @param  non-empty-list<string>  $layers
     *
     * @throws Refusal where its arguments do not go together
     */
    public static function from(
        #[LayerIds] array $layers,
        #[Field(ref: 'Phase')] ?Node $phase = null,
    ): self {
        return count($layers) === 2 ? new self($layers, $phase) : throw new Misfit('layers', 'must be two layers that meet at a cut');
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $pair = array_map($composition->layer(...), $this->layers);
        usort($pair, fn (Layer $a, Layer $b): int => [$a->span->in, $a->span->out] <=> [$b->span->in, $b->span->out]);
        [$earlier, $later] = $pair;
        $overlap = $earlier->span->out - $later->span->in;
        if (
            ! $earlier->kind->isSeen()
            || ! $later->kind->isSeen()
            || $overlap < 0
            || $later->span->out <= $earlier->span->out
            || ($overlap > 0 && ! self::isCrossed($earlier, $later))
        ) {
            throw new Refusal("“{$earlier->name}” and “{$later->name}” do not meet at a cut");
        }
        $phase = $this->phase === null ? null : Phase::read($this->phase, $composition->rate);
        $length = $phase->length ?? 0;
        $cut = $later->span->in + intdiv($overlap, 2);
        [$begin, $end] = [$cut - intdiv($length, 2), $cut - intdiv($length, 2) + $length];
        if ($begin <= $earlier->span->in || $end >= $later->span->out) {
            throw new Refusal("$length frames are more than “{$earlier->name}” and “{$later->name}” last");
        }
        $isLaterAbove = $composition->indexOf($later->id) > $composition->indexOf($earlier->id);
        $earlier = self::ending($earlier, $end);
        $later = self::beginning($later, $begin, $composition, $evaluator);
        // What pushes moves both, whichever lies above.
        $pushed = $phase?->pushed();
        if ($overlap > 0 || $isLaterAbove || $pushed !== null) {
            $later = $later->with(['life' => $later->life->arriving($isLaterAbove || $pushed !== null ? $phase : null)]);
        }
        if ($overlap > 0 || ! $isLaterAbove || $pushed !== null) {
            $earlier = $earlier->with(['life' => $earlier->life->leavingBy(
                $pushed ?? ($isLaterAbove ? null : $phase?->mirrored()), false,
            )]);
        }

        return $composition->replacing($earlier)->replacing($later);
    }

    public function title(): string
    {
        return $this->phase === null ? 'plain cut' : 'across the cut';
    }

    /** Whether two layers overlap for as long as one of them arrives or leaves over the other. */
    public static function isCrossed(Layer $earlier, Layer $later): bool
    {
        $overlap = $earlier->span->out - $later->span->in;

        return $overlap > 0 && ($later->life->arrive?->length === $overlap || $earlier->life->leave?->length === $overlap);
    }

    private static function ending(Layer $layer, int $out): Layer
    {
        return $layer->withSpan(new FrameRange($layer->span->in, $out));
    }

    /** Further back than a clip begins, too: there its first frame is held. */
    private static function beginning(Layer $layer, int $in, Composition $composition, Evaluator $evaluator): Layer
    {
        $by = $in - $layer->span->in;

        return Ramp::staying($layer, $by, 0)->countedFrom($in)->with([
            'span' => new FrameRange($in, $layer->span->out),
            'content' => $layer->content instanceof Played
                ? $layer->content->begunLater($by, $composition->rate, $evaluator->media, Ramp::of($layer))
                : $layer->content,
        ]);
    }
}
