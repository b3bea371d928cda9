<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Bundle;

use Ricamo\Core\Document\Ability;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\LayerKind;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\DrawnKind;
use Ricamo\Core\Kind\Materials;
use Ricamo\Core\Kind\Playing\Pace;

/** Another composition, placed by reference: what is changed there is changed wherever it is placed. */
final class BundleKind extends LayerKind implements DrawnKind
{
    public function name(): string
    {
        return 'bundle';
    }

    public function linksScale(): bool
    {
        return true;
    }

    protected function ownAbilities(): array
    {
        return [Ability::Frames];
    }

    protected function ownProperties(): array
    {
        return BundleContent::soundProperties();
    }

    public function readContent(Node $layer): BundleContent
    {
        $flag = fn (string $name, bool $otherwise): bool => $layer->optional($name)?->bool() ?? $otherwise;

        return new BundleContent(
            $layer->field('composition')->name(64), Pace::read($layer), $flag('sound', true),
            $layer->optional('length')?->int(1, Composition::LONGEST), $flag('stretches', true), $flag('mirrors', false),
            $flag('crop', true), $flag('space', false),
        );
    }

    public function contentSchema(): array
    {
        $flag = fn (string $description): array => ['description' => $description, 'type' => 'boolean'];

        return [
            'composition' => ['description' => 'the id of the one that is placed', 'type' => 'string', 'minLength' => 1, 'maxLength' => 64],
            ...Pace::schema(),
            'sound' => $flag('whether it is heard'),
            'length' => [
                'description' => 'for how many of its own frames it is made to go on, its stay taking up the difference; as long as it is where there is none',
                'type' => ['integer', 'null'],
                'minimum' => 1,
                'maximum' => Composition::LONGEST,
            ],
            'stretches' => $flag('whether that length changes when an edge is pulled'),
            'mirrors' => $flag('whether it goes as it came, backwards'),
            'crop' => $flag('whether what lies outside of its frame is left out, where it is a flat picture'),
            'space' => $flag('whether its layers keep their depth, and are seen with those around it'),
        ];
    }

    public function requiredContent(): array
    {
        return ['composition'];
    }

    public function newName(Node $layer, MediaLibrary $media): string
    {
        return $media->composition($layer->field('composition')->string())->name;
    }

    /** At its own length; one that is larger than the frame as large as fits. */
    public function newLayer(Node $layer, Composition $composition, MediaLibrary $media, int $in, float $lasts = self::LASTS): array
    {
        $content = $this->readContent($layer);
        $scale = 100 * min(1, $content->plays($media)->size()->scaleToFit(new Size($composition->width, $composition->height)));

        return ['scale' => [$scale, $scale], 'out' => $in + ($content->lasts($composition->rate, $media) ?? $composition->length)];
    }

    public function artist(Materials $materials): BundleArtist
    {
        return new BundleArtist($materials);
    }
}
