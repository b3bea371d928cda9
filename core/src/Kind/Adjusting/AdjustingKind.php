<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Adjusting;

use Ricamo\Core\Document\LayerKind;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\DrawnKind;
use Ricamo\Core\Kind\Materials;

/** A layer that shows nothing itself: its effects are done to all that lies beneath it in its composition or group. */
final class AdjustingKind extends LayerKind implements DrawnKind
{
    public function name(): string
    {
        return 'adjusting';
    }

    public function linksScale(): bool
    {
        return true;
    }

    public function adjusts(): bool
    {
        return true;
    }

    protected function ownProperties(): array
    {
        return [];
    }

    public function readContent(Node $layer): AdjustingContent
    {
        return new AdjustingContent;
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
        return 'Adjusting layer';
    }

    public function artist(Materials $materials): WholeFrame
    {
        return new WholeFrame;
    }
}
