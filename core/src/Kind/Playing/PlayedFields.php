<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Playing;

/** The fields of content that plays one of the media. */
final class PlayedFields
{
    /** @return array<string, array<string, mixed>> JSON Schema by field */
    public static function schema(): array
    {
        return [
            'media' => ['type' => 'string', 'minLength' => 1, 'maxLength' => 64],
            ...Pace::schema(),
            'sound' => ['description' => 'whether it is heard', 'type' => 'boolean'],
        ];
    }
}
