<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Cookie;

/** The composition that this browser opened last. Its own business: opening one writes nothing here. */
final class LastOpened
{
    private const NAME = 'ricamo-last';

    public static function cookie(int $composition): Cookie
    {
        return Cookie::create(self::NAME, (string) $composition, now()->addYear(), sameSite: Cookie::SAMESITE_STRICT);
    }

    public static function of(Request $request): ?int
    {
        $value = $request->cookies->get(self::NAME);

        return is_string($value) && preg_match('/^\d{1,15}$/', $value) === 1 ? (int) $value : null;
    }
}
