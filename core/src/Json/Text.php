<?php

declare(strict_types=1);

namespace Ricamo\Core\Json;

/** Writes JSON as text, for what is written thousands of times a second: without an array for each object and list. */
final class Text
{
    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE;

    /** A number, rounded to so many decimals. It is written as PHP writes floats, which JSON reads. */
    public static function number(float $number, int $decimals): string
    {
        return (string) round($number, $decimals);
    }

    /** Any value, by PHP's own encoder. */
    public static function of(mixed $value): string
    {
        return json_encode($value, self::FLAGS);
    }

    /** @param  array<string, string>  $members  JSON by name; names are plain words */
    public static function object(array $members): string
    {
        $text = '';
        foreach ($members as $name => $json) {
            $text .= ($text === '' ? '{"' : ',"')."$name\":$json";
        }

        return $text === '' ? '{}' : "$text}";
    }

    /** @param  list<string>  $items  JSON */
    public static function list(array $items): string
    {
        return '['.implode(',', $items).']';
    }
}
