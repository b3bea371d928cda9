<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Sound;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\LayerKind;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\DrawnKind;
use Ricamo\Core\Kind\Materials;
use Ricamo\Core\Kind\Playing\Pace;
use Ricamo\Core\Kind\Playing\PlayedFields;
use Ricamo\Core\Kind\Unseen;

/** Music, a voice, a noise: what is heard and not seen. */
final class SoundKind extends LayerKind implements DrawnKind
{
    public function name(): string
    {
        return 'sound';
    }

    public function linksScale(): bool
    {
        return false;
    }

    public function isSeen(): bool
    {
        return false;
    }

    protected function ownProperties(): array
    {
        return SoundContent::playedProperties();
    }

    public function readContent(Node $layer): SoundContent
    {
        return new SoundContent($layer->field('media')->name(64), Pace::read($layer), $layer->optional('sound')?->bool() ?? true);
    }

    public function contentSchema(): array
    {
        return PlayedFields::schema();
    }

    public function requiredContent(): array
    {
        return ['media'];
    }

    public function newName(Node $layer, MediaLibrary $media): string
    {
        return pathinfo($media->get($layer->field('media')->string())->name, PATHINFO_FILENAME) ?: 'Sound';
    }

    /** As long as it goes on, and no longer than the composition. */
    public function newLayer(Node $layer, Composition $composition, MediaLibrary $media, int $in, float $lasts = self::LASTS): array
    {
        $content = $this->readContent($layer);
        $media->get($content->media)->checkSound();
        $length = $content->lasts($composition->rate, $media) ?? $composition->length;

        return ['out' => min($in + $length, max($composition->length, $in + 1))];
    }

    public function madeOf(Media $media, ?Point $position): ?array
    {
        return $media->known()->isSound() ? ['media' => $media->id] : null;
    }

    public function artist(Materials $materials): Unseen
    {
        return new Unseen;
    }
}
