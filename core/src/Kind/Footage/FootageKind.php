<?php

namespace Ricamo\Core\Kind\Footage;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\LayerKind;
use Ricamo\Core\Kind\Materials;
use Ricamo\Core\Time\Fraction;
use Ricamo\Core\Time\FrameRate;

/** A clip, or a picture. */
final class FootageKind extends LayerKind
{
    /** How long a picture lasts where nothing is said, in seconds. */
    private const STILL_SECONDS = 5;

    public function name(): string
    {
        return 'footage';
    }

    public function linksScale(): bool
    {
        return true;
    }

    protected function ownProperties(): array
    {
        return [];
    }

    public function readContent(Node $layer): FootageContent
    {
        $from = $layer->optional('from');

        return new FootageContent(
            $layer->field('media')->name(64),
            $from === null ? new Fraction(0) : FootageContent::readFrom($from),
            $layer->optional('sound')?->bool() ?? true,
        );
    }

    public function contentSchema(): array
    {
        return [
            'media' => ['type' => 'string', 'minLength' => 1, 'maxLength' => 64],
            'from' => [
                'description' => 'the frame of the clip at the layer\'s in point; a fraction where it begins within a frame',
                'anyOf' => [
                    ['type' => 'integer', 'minimum' => 0, 'maximum' => FootageContent::LATEST],
                    ['type' => 'string', 'pattern' => '^[0-9]{1,18}/[1-9][0-9]{0,11}$'],
                ],
            ],
            'sound' => ['type' => 'boolean'],
        ];
    }

    public function requiredContent(): array
    {
        return ['media'];
    }

    public function newName(Node $layer, MediaLibrary $media): string
    {
        return pathinfo($media->get($layer->field('media')->string())->name, PATHINFO_FILENAME) ?: 'Footage';
    }

    /** At its own length and as large as fits; a picture that is smaller than the frame stays as it is. */
    public function newLayer(Node $layer, Composition $composition, MediaLibrary $media, int $in): array
    {
        $content = $this->readContent($layer);
        $facts = $media->get($content->media)->known();
        $fitted = $facts->size()->scaleToFit(new Size($composition->width, $composition->height));
        $scale = 100 * ($facts->isStill() ? min(1, $fitted) : $fitted);
        $length = $facts->isStill()
            ? $composition->rate->nearestFrame(self::STILL_SECONDS, new FrameRate(1))
            : $facts->lengthAt($composition->rate, $content->from->floor());

        return ['scale' => [$scale, $scale], 'out' => min($in + $length, max($composition->length, $in + 1))];
    }

    public function artist(Materials $materials): FootageArtist
    {
        return new FootageArtist($materials->media);
    }
}
