<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Window;

use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaFacts;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Kind\Bundle\BundleContent;
use Ricamo\Core\Kind\Footage\FootageContent;
use Ricamo\Core\Kind\Pans;
use Ricamo\Core\Kind\Places;
use Ricamo\Core\Kind\Playing\Heard;
use Ricamo\Core\Kind\Playing\Pace;
use Ricamo\Core\Kind\Playing\Played;
use Ricamo\Core\Kind\Playing\Ramp;
use Ricamo\Core\Kind\Playing\RampedPace;
use Ricamo\Core\Kind\Replaceable;
use Ricamo\Core\Kind\SaysIdle;
use Ricamo\Core\Kind\Shape\ShapeForm;
use Ricamo\Core\Layout\Fitting;
use Ricamo\Core\Property\References;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Time\FrameRate;

/** A form through which a clip, a picture or another composition is seen, or nothing so far. */
final readonly class WindowContent implements Heard, Pans, Places, Played, Replaceable, SaysIdle
{
    public function __construct(
        public ShapeForm $form,
        public FootageContent|BundleContent|null $shown = null,
        public Fitting $fitting = Fitting::Fill,
    ) {
    }

    public function showing(FootageContent|BundleContent|null $shown): self
    {
        return new self($this->form, $shown, $this->fitting);
    }

    public function showsAnything(): bool
    {
        return $this->shown !== null;
    }

    public function idle(Layer $layer, MediaLibrary $media): array
    {
        $playing = match (true) {
            $this->shown instanceof FootageContent => $this->shown->idle($layer, $media),
            $this->shown instanceof BundleContent => [Ramp::PROPERTY],
            default => ['level', Ramp::PROPERTY],
        };

        return [...$this->form->idle(), ...$playing];
    }

    public function placed(): ?BundleContent
    {
        return $this->shown instanceof BundleContent ? $this->shown : null;
    }

    /** In the frame that what was shown before had. */
    public function replacedIn(Layer $layer, ?Media $old, Media $new): Layer
    {
        $new->checkPicture();
        if (! $this->shown instanceof FootageContent || $old === null) {
            return $layer->with([
                'content' => $this->showing(new FootageContent($new->id)),
                'name' => pathinfo($new->name, PATHINFO_FILENAME) ?: $layer->name,
            ]);
        }
        $from = $this->shown->pace->from->times($new->known()->rate->per($old->known()->rate));

        return $layer->withContent($this->showing(new FootageContent(
            $new->id, $this->shown->pace->with(from: $from), $this->shown->sound,
        )));
    }

    public function media(): array
    {
        return $this->shown instanceof FootageContent ? $this->shown->media() : [];
    }

    public function usingMedia(array $ids): static
    {
        return $this->shown instanceof FootageContent ? $this->showing($this->shown->usingMedia($ids)) : $this;
    }

    /** An empty window is a picture that stands still. */
    public function plays(MediaLibrary $media): MediaFacts
    {
        return $this->shown?->plays($media) ?? new MediaFacts(1, 1, new FrameRate(25), 1, false);
    }

    public function pace(): Pace
    {
        return $this->shown->pace ?? new Pace;
    }

    public function paced(Pace $pace): static
    {
        return $this->showing($this->shown?->paced($pace));
    }

    public function ramped(?Ramp $ramp, MediaFacts $facts, FrameRate $rate): ?RampedPace
    {
        return $this->shown?->ramped($ramp, $facts, $rate);
    }

    public function frameShownAfter(int $after, FrameRate $rate, MediaLibrary $media, ?Ramp $ramp = null): ?int
    {
        return $this->shown?->frameShownAfter($after, $rate, $media, $ramp);
    }

    public function room(FrameRate $rate, MediaLibrary $media, ?Ramp $ramp = null): int
    {
        return $this->shown?->room($rate, $media, $ramp) ?? PHP_INT_MAX >> 1;
    }

    public function begunLater(int $frames, FrameRate $rate, MediaLibrary $media, ?Ramp $ramp = null): static
    {
        return $this->showing($this->shown?->begunLater($frames, $rate, $media, $ramp));
    }

    public function lasts(FrameRate $rate, MediaLibrary $media, ?Ramp $ramp = null): ?int
    {
        return $this->shown?->lasts($rate, $media, $ramp);
    }

    /** @return list<FrameRange> */
    public function missing(FrameRange $span, FrameRate $rate, MediaLibrary $media, ?Ramp $ramp = null): array
    {
        return $this->shown?->missing($span, $rate, $media, $ramp) ?? [];
    }

    public function passages(int $after, int $length, FrameRate $rate, MediaLibrary $media, ?Ramp $ramp = null): array
    {
        return $this->shown?->passages($after, $length, $rate, $media, $ramp) ?? [];
    }

    public function toJson(): array
    {
        return ['form' => $this->form->value, 'fitting' => $this->fitting->value, ...($this->shown?->toJson() ?? [])];
    }

    public function refersTo(): References
    {
        return $this->shown?->refersTo() ?? new References;
    }
}
