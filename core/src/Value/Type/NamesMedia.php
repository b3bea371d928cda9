<?php

declare(strict_types=1);

namespace Ricamo\Core\Value\Type;

/** A type whose values may be media of the project. */
interface NamesMedia extends ValueType
{
    /** @return ?string the id of the media that a value is; null where it is none */
    public function media(mixed $value): ?string;

    /**
     * The same value with the new ids of media.
     *
     * @param  array<string, string>  $ids  the new id of each; what is not among them keeps its own
     */
    public function usingMedia(mixed $value, array $ids): mixed;
}
