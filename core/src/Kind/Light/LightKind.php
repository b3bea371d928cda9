<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Light;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\LayerKind;
use Ricamo\Core\Document\Light;
use Ricamo\Core\Document\LightSource;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Document\Resized;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\DrawnKind;
use Ricamo\Core\Kind\Materials;
use Ricamo\Core\Kind\Unseen;

/** What shades the layers of its composition while it is on. */
final class LightKind extends LayerKind implements DrawnKind
{
    public function name(): string
    {
        return 'light';
    }

    public function linksScale(): bool
    {
        return false;
    }

    public function isSeen(): bool
    {
        return false;
    }

    public function lights(): bool
    {
        return true;
    }

    protected function ownProperties(): array
    {
        return Light::properties();
    }

    public function readContent(Node $layer): LightContent
    {
        return new LightContent($layer->field('source')->enum(LightSource::class));
    }

    public function contentSchema(): array
    {
        return ['source' => [
            'description' => 'from where it comes', 'type' => 'string', 'enum' => array_column(LightSource::cases(), 'value'),
        ]];
    }

    public function requiredContent(): array
    {
        return ['source'];
    }

    public function newName(Node $layer, MediaLibrary $media): string
    {
        return $layer->field('source')->enum(LightSource::class)->title().' light';
    }

    /** So that what lies in the picture faces it. */
    public function startsAt(Composition $composition): array
    {
        return Light::fromViewer($composition);
    }

    public function resized(Layer $layer, Resized $by): Layer
    {
        return Light::resized($layer, $by);
    }

    public function artist(Materials $materials): Unseen
    {
        return new Unseen;
    }
}
