<?php

declare(strict_types=1);

namespace App\Http;

/**
 * The names that this server is meant to be reached by. Other names are refused: a page elsewhere could have its own name
 * lead here (DNS rebinding). An address, in digits, cannot be made to lead anywhere else.
 */
final class OwnNames
{
    /** @return list<string> names, in lower case, without ports */
    public static function all(): array
    {
        $url = (string) parse_url((string) config('app.url'), PHP_URL_HOST);

        return array_values(array_unique(array_map(
            strtolower(...), array_filter(['localhost', (string) config('ricamo.host'), trim($url, '[]')]),
        )));
    }

    /** Whether it is reached by any address that this machine has. */
    public static function takesAnyAddress(): bool
    {
        return ! self::isLoopback((string) config('ricamo.host'));
    }

    /** @param  string  $host  without a port; an IPv6 address may stand in brackets */
    public static function has(string $host): bool
    {
        $host = strtolower(trim($host, '[]'));
        $isAddress = filter_var($host, FILTER_VALIDATE_IP) !== false;

        return in_array($host, self::all(), true) || ($isAddress && (self::isLoopback($host) || self::takesAnyAddress()));
    }

    private static function isLoopback(string $address): bool
    {
        return $address === '::1' || preg_match('/^127\.\d+\.\d+\.\d+$/', $address) === 1;
    }
}
