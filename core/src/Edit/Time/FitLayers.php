<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Time;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Misfit;
use Ricamo\Core\Kind\Playing\Ramp;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;

/**
 * Trims or lengthens layers to something else: to what lies `beneath` each (the next one below that is not among them), to
 * the `composition`, to the end of the `content` that plays in it, or with one end to frame `at`, which becomes the `first` or the
 * `last` that is seen.
 */
final readonly class FitLayers implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private FitTo $to, private int $at)
    {
    }

    /**
     * @param  non-empty-list<string>  $layers
     *
     * @throws Refusal where its arguments do not go together
     */
    public static function from(
        #[LayerIds] array $layers,
        #[Field] FitTo $to,
        #[Frame] ?int $at = null,
    ): self {
        return $to->needsFrame() && $at === null ? throw Misfit::missing('at') : new self($layers, $to, $at ?? 0);
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            $span = $this->span($layer, $composition, $evaluator->media);
            $composition = $composition->replacing(Trimmed::to($layer, $span->in, $span->out, $composition->rate, $evaluator->media));
        }

        return $composition;
    }

    public function title(): string
    {
        return match ($this->to) {
            FitTo::Beneath => 'match length to what lies beneath',
            FitTo::Composition => 'match length to composition',
            FitTo::Content => 'match length to what plays',
            FitTo::First, FitTo::Last => 'trim to playhead',
        };
    }

    private function span(Layer $layer, Composition $composition, MediaLibrary $media): FrameRange
    {
        return match ($this->to) {
            FitTo::Beneath => $this->beneath($layer, $composition),
            FitTo::Composition => $composition->range(),
            FitTo::Content => $this->untilTheEnd($layer, $composition, $media),
            FitTo::First => $this->at < $layer->span->out
                ? new FrameRange($this->at, $layer->span->out)
                : throw new Refusal("“{$layer->name}” ends before frame {$this->at}"),
            FitTo::Last => $this->at >= $layer->span->in
                ? new FrameRange($layer->span->in, $this->at + 1)
                : throw new Refusal("“{$layer->name}” begins after frame {$this->at}"),
        };
    }

    private function untilTheEnd(Layer $layer, Composition $composition, MediaLibrary $media): FrameRange
    {
        $length = Plays::in($layer, $media)[0]->lasts($composition->rate, $media, Ramp::of($layer))
            ?? throw new Refusal("what plays in “{$layer->name}” never ends");

        return new FrameRange($layer->span->in, $layer->span->in + $length);
    }

    private function beneath(Layer $layer, Composition $composition): FrameRange
    {
        $below = array_slice($composition->layers->ids(), 0, $composition->indexOf($layer->id));
        foreach (array_reverse($below) as $id) {
            if (! in_array($id, $this->layers, true)) {
                return $composition->layers->spans()[$id];
            }
        }
        throw new Refusal("nothing lies beneath “{$layer->name}”");
    }
}
