<?php

declare(strict_types=1);

namespace Ricamo\Core\Property;

use Ricamo\Core\Json\Fields;

/** Something that a layer has, with settings that can be keyframed: an effect, a mask. */
interface Attached
{
    /** Its own in the layer. Its settings are the layer's properties `id.setting`. */
    public function id(): string;

    public function title(): string;

    /** The part of the Sheet that its settings stand in. */
    public function section(): Section;

    /** @return list<PropertyDefinition> named as documents write them within it */
    public function settings(): array;

    /**
     * What documents say of one of its form besides its settings.
     *
     * @return Fields<covariant self>
     */
    public function fields(): Fields;

    public function refersTo(): References;
}
