<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

/** Content that takes values from layers of the same composition. */
interface TakesFromLayers
{
    /**
     * A copy that refers to the new ids of layers.
     *
     * @param  array<string, string>  $ids  the new id of each
     */
    public function amongLayers(array $ids): static;

    /**
     * A copy that takes nothing from layers that are gone.
     *
     * @param  list<string>  $ids
     */
    public function withoutLayers(array $ids): static;
}
