<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

/** Content that takes values from layers of the same composition. */
interface TakesFromLayers
{
    /**
     * The same among layers that have other ids.
     *
     * @param  array<string, string>  $ids  the new id of each
     */
    public function amongLayers(array $ids): static;

    /**
     * The same where some layers are gone.
     *
     * @param  list<string>  $ids
     */
    public function withoutLayers(array $ids): static;
}
