<?php

declare(strict_types=1);

namespace Ricamo\Raster\Text;

/** Which characters are pictures (Unicode Technical Standard 51). */
final class Emoji
{
    private const VARIATION_SELECTOR = "\u{FE0F}";

    private const JOINER = "\u{200D}";

    /**
     * Whether a character is shown as a picture: by itself, because the selector after it says so, or because it is joined to the
     * one before.
     */
    public static function isOne(string $character, string $before, string $after): bool
    {
        return match (true) {
            strlen($character) === 1 => $after === self::VARIATION_SELECTOR && preg_match('/[0-9#*]/', $character) === 1,
            $after === self::VARIATION_SELECTOR, $before === self::JOINER => preg_match('/\p{Emoji}/u', $character) === 1,
            default => preg_match('/\p{Emoji_Presentation}/u', $character) === 1,
        };
    }
}
