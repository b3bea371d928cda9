<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect;

use Ricamo\Core\Display\Operation;
use Ricamo\Core\Property\PropertyDefinition;

/** Something that is done to what a layer shows. A new one is a class, and is listed in `Effects`. */
interface Effect
{
    /** As documents write it. */
    public function name(): string;

    /** As the interface calls it. */
    public function title(): string;

    /** @return list<PropertyDefinition> each can be keyframed */
    public function settings(): array;

    /** How many times it draws what the layer shows. */
    public function times(): int;

    /**
     * @param  non-empty-list<Operation>  $operations  what the layer shows, in the pixels that are drawn
     * @return list<Operation>
     */
    public function apply(array $operations, Values $values, Place $place): array;
}
