<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Bundle;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\KeepsSpace;
use Ricamo\Core\Document\MediaFacts;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Document\Stay;
use Ricamo\Core\Json\Altered;
use Ricamo\Core\Kind\Places;
use Ricamo\Core\Kind\Playing\Beyond;
use Ricamo\Core\Kind\Playing\GoesOn;
use Ricamo\Core\Kind\Playing\Heard;
use Ricamo\Core\Kind\Playing\Pace;
use Ricamo\Core\Kind\Playing\Played;
use Ricamo\Core\Kind\Playing\Ramp;
use Ricamo\Core\Kind\Playing\RampedPace;
use Ricamo\Core\Property\References;
use Ricamo\Core\Time\Fraction;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Time\FrameRate;

/** Another composition, by reference, played at a pace like a clip. */
final readonly class BundleContent implements Heard, KeepsSpace, Places, Played
{
    use GoesOn {
        room as private roomBefore;
    }

    /** More frames than anything asks for. */
    private const ANY = 1_000_000_000;

    /**
     * @param  string  $composition  the id of the one that is placed
     * @param  bool  $sound  whether it is heard
     * @param  ?int  $length  for how many of its own frames it is made to go on, its stay taking up the difference; null for as
     *     long as it is
     * @param  bool  $stretches  whether that length changes when an edge is pulled at which it begins or ends
     * @param  bool  $mirrors  whether it goes as it came, backwards, instead of how it goes itself
     * @param  bool  $crop  whether what lies outside of its frame is left out, where it is a flat picture
     * @param  bool  $space  whether its layers keep their depth, and are seen with those around it
     */
    public function __construct(
        public string $composition,
        public Pace $pace = new Pace,
        public bool $sound = true,
        public ?int $length = null,
        public bool $stretches = true,
        public bool $mirrors = false,
        public bool $crop = true,
        public bool $space = false,
    ) {
    }

    public function keepsSpace(): bool
    {
        return $this->space;
    }

    public function placed(): self
    {
        return $this;
    }

    /** The composition as it goes on here. */
    public function lasting(MediaLibrary $media): Composition
    {
        $own = $media->composition($this->composition);
        $length = $this->length ?? $own->length;
        // Mirrored it never goes by itself: its own going lies beyond the end.
        $lasts = $this->mirrors ? $length + max(0, $own->length - Stay::of($own)->to) : $length;

        return Lasting::for($own, $lasts, $media);
    }

    public function plays(MediaLibrary $media): MediaFacts
    {
        $own = $media->composition($this->composition);

        return new MediaFacts($own->width, $own->height, $own->rate, $this->length ?? $own->length, true, $own->background === null);
    }

    /** The frame of the composition that is shown $after frames after the layer's in point; null for none. */
    public function frameShownAfter(int $after, FrameRate $rate, MediaLibrary $media, ?Ramp $ramp = null): ?int
    {
        $own = $media->composition($this->composition);
        $length = $this->length ?? $own->length;
        $shown = $this->pace->beyond->shown($this->pace->from->plusTimesFloored($after, $this->pace->step($own->rate, $rate)), $length);

        return $shown !== null && $this->mirrors && $length - 1 - $shown < Stay::of($own)->from
            ? min($shown, $length - 1 - $shown)
            : $shown;
    }

    public function pace(): Pace
    {
        return $this->pace;
    }

    public function paced(Pace $pace): static
    {
        return Altered::copy($this, ['pace' => $pace]);
    }

    /**
     * What it becomes when the ends of its layer are pulled by so many frames. Where it begins or ends at that end, it goes on
     * for longer or less long; where it is cut there, more or less of it is shown.
     *
     * @param  FrameRange  $span  of the layer as it was
     * @param  FrameRate  $rate  of the composition that the layer is in
     */
    public function pulled(FrameRange $span, int $in, int $out, FrameRate $rate, MediaLibrary $media): self
    {
        if (! $this->isElastic()) {
            return $this->begunLater($in, $rate, $media);
        }
        $facts = $this->plays($media);
        $step = $this->pace->step($facts->rate, $rate);
        $isBack = $step->numerator < 0;
        $frames = fn (int $by): int => (int) round($by * abs($step->toFloat()));
        $begins = $this->begins($facts);
        $ends = $this->pace->lasts($facts->frames, $facts->rate, $rate) === $span->length();
        $longer = ($ends ? $frames($out) : 0) - ($begins ? $frames($in) : 0);
        $length = max(1, $facts->frames + $longer);
        $pulled = $begins ? $this : $this->begunLater($in, $rate, $media);

        return $pulled->lastingFor($length, $isBack ? $length - $facts->frames : 0);
    }

    /** A bundle that can go on for longer has as much room as is wished. */
    public function room(FrameRate $rate, MediaLibrary $media, ?Ramp $ramp = null): int
    {
        return $this->isElastic() && $this->begins($this->plays($media)) ? self::ANY : $this->roomBefore($rate, $media);
    }

    /** A composition goes at its speed all the time. */
    public function ramped(?Ramp $ramp, MediaFacts $facts, FrameRate $rate): ?RampedPace
    {
        return null;
    }

    private function isElastic(): bool
    {
        return $this->stretches && $this->pace->speed->numerator !== 0 && $this->pace->beyond === Beyond::Hold;
    }

    /** Whether the layer begins where the composition does, or its end where that is played backwards. */
    private function begins(MediaFacts $facts): bool
    {
        return $this->pace->from->floor() === ($this->pace->speed->numerator < 0 ? $facts->frames - 1 : 0);
    }

    /** @param  int  $later  by how many frames what is shown first lies later then */
    private function lastingFor(int $length, int $later): self
    {
        $pace = $this->pace->with(from: $this->pace->from->plus(new Fraction($later)));

        return Altered::copy($this, ['pace' => $pace, 'length' => $length]);
    }

    public function mirroring(bool $mirrors): self
    {
        return Altered::copy($this, ['mirrors' => $mirrors]);
    }

    public function toJson(): array
    {
        return [
            'composition' => $this->composition,
            ...$this->pace->toJson(),
            'sound' => $this->sound,
            ...($this->length === null ? [] : ['length' => $this->length]),
            ...($this->stretches ? [] : ['stretches' => false]),
            ...($this->mirrors ? ['mirrors' => true] : []),
            ...($this->crop ? [] : ['crop' => false]),
            ...($this->space ? ['space' => true] : []),
        ];
    }

    private function source(): string
    {
        return $this->composition;
    }

    public function refersTo(): References
    {
        return new References(compositions: [$this->composition]);
    }
}
