<?php

declare(strict_types=1);

namespace Ricamo\Core\Property;

/** Something that a layer has, with settings that can be keyframed: an effect, a mask. */
interface Attached
{
    /** Its own in the layer. Its settings are the layer's properties `id.setting`. */
    public function id(): string;

    public function title(): string;

    /** The part of the Sheet that its settings stand in. */
    public function section(): string;

    /** @return list<PropertyDefinition> named as documents write them within it */
    public function settings(): array;

    /** @return array<string, mixed> whose keys are its fields in documents besides its settings */
    public function fields(): array;

    /** @return array<string, mixed> without its settings */
    public function toJson(): array;

    public function refersTo(): References;
}
