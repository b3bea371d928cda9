<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Group;

use Ricamo\Core\Cascade\Units;
use Ricamo\Core\Document\LayerKind;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\DrawnKind;
use Ricamo\Core\Kind\Materials;

/** Layers that are placed, seen and animated as one. They say themselves which group they are in. */
final class GroupKind extends LayerKind implements DrawnKind
{
    public function name(): string
    {
        return 'group';
    }

    public function linksScale(): bool
    {
        return true;
    }

    public function holdsLayers(): bool
    {
        return true;
    }

    public function units(): array
    {
        return [Units::Layers];
    }

    protected function ownProperties(): array
    {
        return [];
    }

    public function readContent(Node $layer): GroupContent
    {
        return new GroupContent($layer->optional('isolated')?->bool() ?? false);
    }

    public function contentSchema(): array
    {
        return ['isolated' => ['description' => 'whether what blends in it blends with nothing beneath it', 'type' => 'boolean']];
    }

    public function requiredContent(): array
    {
        return [];
    }

    public function newName(Node $layer, MediaLibrary $media): string
    {
        return 'Group';
    }

    public function artist(Materials $materials): GroupArtist
    {
        return new GroupArtist($materials);
    }
}
