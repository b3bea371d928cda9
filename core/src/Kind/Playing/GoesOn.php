<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Playing;

use Ricamo\Core\Document\MediaFacts;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\Section;
use Ricamo\Core\Time\Fraction;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Time\FrameRate;
use Ricamo\Core\Value\Type\NumberType;

/**
 * What goes on in time at a pace, and may be heard, whatever it is that plays.
 *
 * @property-read Pace $pace
 * @property-read bool $sound
 */
trait GoesOn
{
    /** What there is of it. */
    abstract public function plays(MediaLibrary $media): MediaFacts;

    /** The id of what plays. */
    abstract private function source(): string;

    abstract public function paced(Pace $pace): static;

    /** A clip that goes round faster than this, in seconds, is not heard: it would be a tone, and no sound of it. */
    private const SHORTEST_ROUND = 0.5;

    /** @return list<PropertyDefinition> what everything that plays media has */
    public static function playedProperties(): array
    {
        return [Ramp::property(), ...self::soundProperties()];
    }

    /** @return list<PropertyDefinition> what everything that is heard has */
    public static function soundProperties(): array
    {
        return [new PropertyDefinition('level', new NumberType, 100.0, 0, 400, 'Level', Section::Sound, '%')];
    }

    public function pace(): Pace
    {
        return $this->pace;
    }

    public function frameShownAfter(int $after, FrameRate $rate, MediaLibrary $media, ?Ramp $ramp = null): ?int
    {
        $facts = $this->plays($media);
        $asked = $this->ramped($ramp, $facts, $rate)?->asked($after)
            ?? $this->pace->from->plusTimesFloored($after, $this->pace->step($facts->rate, $rate));

        return $this->pace->beyond->shown($asked, $facts->frames);
    }

    public function room(FrameRate $rate, MediaLibrary $media, ?Ramp $ramp = null): int
    {
        $facts = $this->plays($media);

        return $this->ramped($ramp, $facts, $rate)?->room() ?? $this->paceOf($facts)->room($facts->frames, $facts->rate, $rate);
    }

    public function begunLater(int $frames, FrameRate $rate, MediaLibrary $media, ?Ramp $ramp = null): static
    {
        $facts = $this->plays($media);

        return $this->paced($facts->isStill() ? $this->pace : (
            $this->ramped($ramp, $facts, $rate)?->later($frames) ?? $this->pace->later($frames, $facts->rate, $rate)
        ));
    }

    public function lasts(FrameRate $rate, MediaLibrary $media, ?Ramp $ramp = null): ?int
    {
        $facts = $this->plays($media);
        $ramped = $this->ramped($ramp, $facts, $rate);

        return $ramped === null ? $this->paceOf($facts)->lasts($facts->frames, $facts->rate, $rate) : $ramped->lasts();
    }

    public function missing(FrameRange $span, FrameRate $rate, MediaLibrary $media, ?Ramp $ramp = null): array
    {
        $facts = $this->plays($media);

        return $this->ramped($ramp, $facts, $rate)?->missing($span)
            ?? $this->paceOf($facts)->missing($span, $facts->frames, $facts->rate, $rate);
    }

    /** What is asked for along a ramp; null where there is none, or nothing that goes on. */
    public function ramped(?Ramp $ramp, MediaFacts $facts, FrameRate $rate): ?RampedPace
    {
        return $ramp === null || $facts->isStill() ? null : new RampedPace($this->pace, $ramp, $facts->frames, $facts->rate, $rate);
    }

    public function passages(int $after, int $length, FrameRate $rate, MediaLibrary $media, ?Ramp $ramp = null): array
    {
        $facts = $this->plays($media);
        $speed = $this->pace->speed->toFloat() / 100;
        if (! $this->sound || ! $facts->sound || $speed == 0) {
            return [];
        }
        $ramped = $this->ramped($ramp, $facts, $rate);
        if ($ramp !== null && $ramped !== null) {
            return (new RampedSound($this->source(), $ramped, $ramp, $this->pace->beyond, $facts, $rate))->passages($after, $length);
        }
        $begin = $facts->rate->seconds($this->pace->from->toFloat()) + $speed * $rate->seconds($after);
        $round = $this->pace->beyond->goesOn() ? $facts->rate->seconds($facts->frames) : null;
        $end = $begin + $speed * $rate->seconds($length);
        $rounds = match (true) {
            $round === null => [0],
            $round < self::SHORTEST_ROUND * abs($speed) => [],
            default => range((int) floor($begin / $round), (int) floor($end / $round)),
        };
        $passages = array_map(fn (int $count): ?Passage => $this->passage($count, $round, $begin, $end, $speed, $facts), $rounds);

        return array_values(array_filter($passages));
    }

    /** The part of one round through the clip that lies between two moments, which are counted on over all rounds. */
    private function passage(int $count, ?float $round, float $begin, float $end, float $speed, MediaFacts $facts): ?Passage
    {
        $isBack = $this->pace->beyond === Beyond::Turn && $count % 2 !== 0;
        $first = $count * ($round ?? 0.0);
        // In the file the round goes from 0 on, or from its end back; and a sound may end before its picture does.
        $inFile = fn (float $moment): float => $isBack ? $first + $round - $moment : $moment - $first;
        $heard = min($round ?? INF, $facts->soundSeconds());
        $from = max(min($begin, $end), $isBack ? $first + $round - $heard : $first);
        $to = min(max($begin, $end), $isBack ? $first + $round : $first + $heard);
        if ($to - $from < 1e-9) {
            return null;
        }
        $start = $speed > 0 ? $from : $to;

        return new Passage(
            $this->source(), $inFile($start), ($start - $begin) / $speed, ($to - $from) / abs($speed), $isBack ? -$speed : $speed,
        );
    }

    /** A picture stands still however it is to be played. */
    private function paceOf(MediaFacts $facts): Pace
    {
        return $facts->isStill() ? $this->pace->with(speed: new Fraction(0)) : $this->pace;
    }
}
