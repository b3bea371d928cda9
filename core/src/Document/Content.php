<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Property\References;

/** What a layer shows, apart from the properties that can be keyframed. */
interface Content
{
    /** @return array<string, mixed> its fields in a layer's JSON */
    public function toJson(): array;

    public function refersTo(): References;
}
