<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Property\References;

/** What others need to know of a layer: kept beside its JSON where it is stored, so that it need not be read for that. */
final readonly class LayerFacts
{
    /**
     * @param  ?string  $group  the id of the group that it says to be in
     * @param  bool  $hasMarkers  whether it has markers of its own
     */
    public function __construct(
        public LayerKind $kind,
        public ?string $group = null,
        public References $refersTo = new References,
        public bool $hasMarkers = false,
    ) {
    }

    /** Whether what it shows depends on compositions, or on layers that are in no group with it. */
    public function dependsOnOthers(): bool
    {
        return $this->refersTo->compositions !== [] || $this->refersTo->layers !== [];
    }
}
