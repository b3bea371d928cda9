<?php

declare(strict_types=1);

namespace App\Media;

/** A file's name as it is shown: without folders or control characters. */
final class MediaName
{
    private const LONGEST = 200;

    public static function clean(string $name): string
    {
        $name = mb_scrub(basename(str_replace('\\', '/', $name)));
        $name = trim((string) preg_replace('/[\p{Cc}\p{Cf}]/u', '', $name));

        return mb_substr($name !== '' ? $name : 'clip', 0, self::LONGEST);
    }
}
