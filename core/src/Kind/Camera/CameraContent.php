<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Camera;

use Ricamo\Core\Document\Content;
use Ricamo\Core\Property\References;

/** Nothing: where it stands and its lens say it all. */
final readonly class CameraContent implements Content
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
