<?php

namespace Ricamo\Core\Kind\Adjusting;

use Ricamo\Core\Document\References;
use Ricamo\Core\Kind\Content;

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
