<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

/** Content that refers to media of the project. */
interface UsesMedia
{
    /** @return array<string, string> the ids of the media, by the field that names each */
    public function media(): array;

    /** @param  array<string, string>  $ids  the new id of each of the media */
    public function usingMedia(array $ids): static;
}
