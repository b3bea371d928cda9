<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Playing;

use Ricamo\Core\Document\MediaFacts;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Property\References;

/**
 * What plays one of the media at a pace, and may be heard.
 *
 * @property-read string $media
 * @property-read Pace $pace
 * @property-read bool $sound
 */
trait PlaysMedia
{
    use GoesOn;

    public function media(): array
    {
        return ['media' => $this->media];
    }

    public function usingMedia(array $ids): static
    {
        return new self($ids[$this->media] ?? $this->media, $this->pace, $this->sound);
    }

    public function paced(Pace $pace): static
    {
        return new self($this->media, $pace, $this->sound);
    }

    public function plays(MediaLibrary $media): MediaFacts
    {
        return $media->get($this->media)->known();
    }

    private function source(): string
    {
        return $this->media;
    }

    public function refersTo(): References
    {
        return new References(media: [$this->media]);
    }
}
