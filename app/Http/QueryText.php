<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Ricamo\Core\Refusal;

/** A part of an address's query as text; a list, which PHP makes of `name[]=`, counts as absent. */
final class QueryText
{
    /** @throws Refusal for bytes that are no text */
    public static function of(Request $request, string $name): ?string
    {
        $value = $request->query($name);
        if (! is_string($value)) {
            return null;
        }

        return mb_check_encoding($value, 'UTF-8') ? $value : throw new Refusal("$name is not valid UTF-8");
    }

    /**
     * A whole number of up to ten digits.
     *
     * @throws Refusal for anything else
     */
    public static function int(Request $request, string $name, int $default = 0): int
    {
        $value = $request->query($name) ?? (string) $default;

        return is_string($value) && preg_match('/^-?\d{1,10}$/', $value) === 1
            ? (int) $value
            : throw new Refusal("$name is not a whole number that can be used here");
    }
}
