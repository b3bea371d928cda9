<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Camera;

use Ricamo\Core\Document\Camera;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\LayerKind;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Document\Resized;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\DrawnKind;
use Ricamo\Core\Kind\Materials;
use Ricamo\Core\Kind\Unseen;

/** What its composition is seen through while it is on. */
final class CameraKind extends LayerKind implements DrawnKind
{
    public function name(): string
    {
        return 'camera';
    }

    public function linksScale(): bool
    {
        return false;
    }

    public function isSeen(): bool
    {
        return false;
    }

    public function looks(): bool
    {
        return true;
    }

    protected function ownProperties(): array
    {
        return Camera::properties();
    }

    public function readContent(Node $layer): CameraContent
    {
        return new CameraContent;
    }

    public function contentSchema(): array
    {
        return [];
    }

    public function requiredContent(): array
    {
        return [];
    }

    public function newName(Node $layer, MediaLibrary $media): string
    {
        return 'Camera';
    }

    /** So that everything is seen as it was. */
    public function startsAt(Composition $composition): array
    {
        return Camera::atRest($composition);
    }

    public function resized(Layer $layer, Resized $by): Layer
    {
        return Camera::resized($layer, $by);
    }

    public function artist(Materials $materials): Unseen
    {
        return new Unseen;
    }
}
