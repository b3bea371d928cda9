<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Adjusting;

use Ricamo\Core\Document\Content;
use Ricamo\Core\Property\References;

/** Nothing: effects and masks say it all. */
final readonly class AdjustingContent implements Content
{
    public function toJson(): array
    {
        return [];
    }

    public function refersTo(): References
    {
        return new References;
    }
}
