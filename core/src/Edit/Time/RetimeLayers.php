<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Time;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\MediaFacts;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Misfit;
use Ricamo\Core\Kind\Playing\Pace;
use Ricamo\Core\Kind\Playing\Ramp;
use Ricamo\Core\Kind\Playing\RampedPace;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\Fraction;
use Ricamo\Core\Time\FrameRate;

/**
 * Changes how what plays in layers goes on, while the layers stay where they are in time: at a `speed` of its own, from what is
 * shown at the in point on, the stretch turned round first below nought; in `reverse`, the stretch that is shown from its end to
 * its beginning; with `freeze` it stands still on what is shown on frame `at`; and with `fill` it goes as fast as makes it last
 * from its beginning to the layer's end.
 */
final readonly class RetimeLayers implements CompositionEdit
{
    /** Speeds are given to a thousandth of a per cent. */
    private const FINEST = 1000;

    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private Retiming $to, private Fraction $speed, private int $at)
    {
    }

    /**
     * @param  non-empty-list<string>  $layers
     *
     * @throws Refusal where its arguments do not go together
     */
    public static function from(
        #[LayerIds] array $layers,
        #[Field] Retiming $to,
        #[Field('per cent', -Pace::FASTEST, Pace::FASTEST)] ?float $speed = null,
        #[Frame('that is frozen')] ?int $at = null,
    ): self {
        if ($to === Retiming::Speed && $speed === null || $to === Retiming::Freeze && $at === null) {
            throw Misfit::missing($to === Retiming::Speed ? 'speed' : 'at');
        }
        $speed = $to === Retiming::Speed ? $speed : 100.0;

        return new self($layers, $to, new Fraction((int) round($speed * self::FINEST), self::FINEST), $to === Retiming::Freeze ? $at : 0);
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            [$content, $facts] = Plays::in($layer, $evaluator->media);
            $ramped = $content->ramped(Ramp::of($layer), $facts, $composition->rate);
            [$pace, $length] = [$content->pace(), $layer->span->length()];
            $isTurned = $this->to === Retiming::Reverse || $this->to === Retiming::Speed && $this->turns($pace);
            if ($isTurned) {
                $pace = $ramped?->reversed($length) ?? $pace->reversed($length, $facts->rate, $composition->rate);
            }
            $composition = $composition->replacing(($isTurned ? Ramp::reversed($layer) : $layer)->withContent($content->paced(
                match ($this->to) {
                    Retiming::Speed => $pace->with(speed: $this->speed),
                    Retiming::Reverse => $pace,
                    Retiming::Freeze => $this->frozen($pace, $ramped, $layer, $facts, $composition->rate),
                    Retiming::Fill => $this->filling($pace, $ramped, $layer, $facts, $composition->rate),
                },
            )));
        }

        return $composition;
    }

    public function title(): string
    {
        return $this->to->title();
    }

    /** Whether a speed goes the other way. */
    private function turns(Pace $pace): bool
    {
        return $pace->speed->numerator * $this->speed->numerator < 0;
    }

    private function frozen(Pace $pace, ?RampedPace $ramped, Layer $layer, MediaFacts $facts, FrameRate $rate): Pace
    {
        if (! $layer->span->contains($this->at)) {
            throw new Refusal("“{$layer->name}” is not on at frame {$this->at}");
        }
        $after = $this->at - $layer->span->in;
        $asked = $ramped?->asked($after) ?? $pace->later($after, $facts->rate, $rate)->from->floor();
        $shown = $pace->beyond->shown($asked, $facts->frames) ?? throw new Refusal("“{$layer->name}” shows nothing on frame {$this->at}");

        return $pace->with(from: new Fraction($shown), speed: new Fraction(0));
    }

    private function filling(Pace $pace, ?RampedPace $ramped, Layer $layer, MediaFacts $facts, FrameRate $rate): Pace
    {
        $isBack = $pace->speed->numerator < 0;
        // Backwards it is what it would be forwards from the clip's first frame on, turned round.
        $left = $isBack ? new Fraction($pace->from->floor() + 1) : (new Fraction($facts->frames))->plus($pace->from->negative());
        if ($left->numerator <= 0) {
            throw new Refusal("nothing of what plays in “{$layer->name}” is left to fill it");
        }
        $length = $layer->span->length();
        if ($ramped !== null) {
            return $pace->with(speed: $ramped->filling($length) ?? throw new Refusal("“{$layer->name}” does not go on to the clip's end"));
        }
        $speed = $left->dividedBy($facts->rate->per($rate)->times(new Fraction($length)))->times(new Fraction(100));
        if ($speed->toFloat() > Pace::FASTEST) {
            throw new Refusal('that would be too fast');
        }

        return $isBack ? $pace->with(new Fraction(0), $speed)->reversed($length, $facts->rate, $rate) : $pace->with(speed: $speed);
    }
}
