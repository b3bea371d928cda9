<?php

declare(strict_types=1);

namespace Ricamo\Core\Value;

/** How a face of a font is told: by its id, such as `karla-bold`, or as `media:` with the id of the media that it is. */
final class Face
{
    private const MEDIA = 'media:';

    /** The id of one that ships with the project, as a regular expression. */
    public const ID = '^[a-z0-9][a-z0-9-]{0,63}$';

    /** An id, one of the media, or nothing. */
    public const TOLD = '^([a-z0-9][a-z0-9-]{0,63}|media:.{1,64})?$';

    public static function ofMedia(string $id): string
    {
        return self::MEDIA.$id;
    }

    /** The media that it is, by their id; null where it ships with the project. */
    public static function media(string $face): ?string
    {
        return str_starts_with($face, self::MEDIA) ? substr($face, strlen(self::MEDIA)) : null;
    }
}
