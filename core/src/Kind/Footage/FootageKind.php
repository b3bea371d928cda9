<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Footage;

use Ricamo\Core\Document\Ability;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\LayerKind;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\DrawnKind;
use Ricamo\Core\Kind\Materials;
use Ricamo\Core\Kind\Playing\Pace;
use Ricamo\Core\Kind\Playing\PlayedFields;
use Ricamo\Core\Refusal;

/** A clip, or a picture. */
final class FootageKind extends LayerKind implements DrawnKind
{
    public function name(): string
    {
        return 'footage';
    }

    public function linksScale(): bool
    {
        return true;
    }

    protected function ownAbilities(): array
    {
        return [Ability::Marks, Ability::Frames, Ability::TakesMedia];
    }

    protected function ownProperties(): array
    {
        return FootageContent::playedProperties();
    }

    public function readContent(Node $layer): FootageContent
    {
        return new FootageContent($layer->field('media')->name(64), Pace::read($layer), $layer->optional('sound')?->bool() ?? true);
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
        return pathinfo($media->get($layer->field('media')->string())->name, PATHINFO_FILENAME) ?: 'Footage';
    }

    /**
     * At its own length and as large as fits; a picture that is smaller than the frame stays as it is.
     *
     * @throws Refusal for media without a picture
     */
    public function newLayer(Node $layer, Composition $composition, MediaLibrary $media, int $in, float $lasts = self::LASTS): array
    {
        $content = $this->readContent($layer);
        $one = $media->get($content->media);
        $facts = $one->known();
        if ($facts->width === 0) {
            throw new Refusal("“{$one->name}” has no picture");
        }
        $fitted = $facts->size()->scaleToFit(new Size($composition->width, $composition->height));
        $scale = 100 * ($facts->isStill() ? min(1, $fitted) : $fitted);
        $length = $facts->isStill()
            ? max(1, (int) round($lasts * $composition->rate->perSecond()))
            : $content->lasts($composition->rate, $media) ?? $composition->length;

        return ['scale' => [$scale, $scale], 'out' => min($in + $length, max($composition->length, $in + 1))];
    }

    public function madeOf(Media $media, ?Point $position): ?array
    {
        $facts = $media->known();

        return $facts->width === 0 ? null : [
            'media' => $media->id,
            // A clip fills the frame wherever it is dropped.
            ...($position === null || ! $facts->isStill() ? [] : ['position' => [$position->x, $position->y]]),
        ];
    }

    public function artist(Materials $materials): FootageArtist
    {
        return new FootageArtist($materials->media);
    }
}
