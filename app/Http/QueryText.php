<?php

namespace App\Http;

use Illuminate\Http\Request;

/** A part of an address's query as text; a list, which PHP makes of `name[]=`, counts as absent. */
final class QueryText
{
    public static function of(Request $request, string $name): ?string
    {
        $value = $request->query($name);

        return is_string($value) ? $value : null;
    }
}
