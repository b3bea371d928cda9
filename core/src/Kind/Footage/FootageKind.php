<?php

namespace Ricamo\Core\Kind\Footage;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\LayerKind;
use Ricamo\Core\Kind\Materials;
use Ricamo\Core\Time\Fraction;

/** A clip. */
final class FootageKind extends LayerKind
{
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

    /** At its own length and as large as fits. */
    public function newLayer(Node $layer, Composition $composition, MediaLibrary $media, int $in): array
    {
        $content = $this->readContent($layer);
        $facts = $media->get($content->media)->known();
        $scale = 100 * $facts->size()->scaleToFit(new Size($composition->width, $composition->height));

        return [
            'scale' => [$scale, $scale],
            'out' => min($in + $facts->lengthAt($composition->rate, $content->from->floor()), max($composition->length, $in + 1)),
        ];
    }

    public function artist(Materials $materials): FootageArtist
    {
        return new FootageArtist($materials->media);
    }
}
