<?php

declare(strict_types=1);

namespace App\Settings;

use Closure;
use Illuminate\Support\Env;

/**
 * Settings as they stand in the environment or in `.env`, each read once. One that cannot be what it is said to be counts as
 * its default until somebody asks for `problems`, which a server does before it begins.
 */
final class Settings
{
    private const LONGEST_PORT = 65_535;

    /** @var array<string, string> what is wrong, by the setting's name */
    private static array $problems = [];

    /** @return array<string, string> what is wrong, by the setting's name, in a sentence that begins with the name */
    public static function problems(): array
    {
        return self::$problems;
    }

    public static function bytes(string $name, string $default): int
    {
        return (int) self::read($name, $default, function (string $text): ?float {
            $bytes = Amount::bytes($text);

            return $bytes !== null && $bytes >= 1 && $bytes <= 1e15 ? $bytes : null;
        }, 'an amount of bytes from 1 to 1000 TB, such as 500 MB or 8 GB');
    }

    public static function seconds(string $name, string $default, float $most = 1e7): float
    {
        return (float) self::read($name, $default, function (string $text) use ($most): ?float {
            $seconds = Amount::seconds($text);

            return $seconds !== null && $seconds > 0 && $seconds <= $most ? $seconds : null;
        }, 'a length of time above nought and up to '.Amount::saidSeconds($most).', such as 20 s, 90 min or 4 h');
    }

    public static function count(string $name, int $default, int $least, int $most): int
    {
        return (int) self::read(
            $name, (string) $default,
            fn (string $text): ?int => preg_match('/^\d{1,12}$/', $text) === 1 && $text >= $least && $text <= $most ? (int) $text : null,
            "a whole number from $least to $most",
        );
    }

    public static function port(string $name, int $default): int
    {
        return self::count($name, $default, 1, self::LONGEST_PORT);
    }

    /** An address to listen at. */
    public static function address(string $name, string $default): string
    {
        return (string) self::read($name, $default, fn (string $text): ?string => match (true) {
            $text === 'localhost' => '127.0.0.1',
            filter_var(trim($text, '[]'), FILTER_VALIDATE_IP) !== false => trim($text, '[]'),
            default => null,
        }, 'an address of this machine, such as 127.0.0.1, 0.0.0.0 or ::1');
    }

    /** A folder, which is made where it is not there; from the project's folder where it does not begin with /. */
    public static function folder(string $name, string $default): string
    {
        return self::path((string) self::read(
            $name, $default, fn (string $text): ?string => self::isPlain($text) ? $text : null,
            'a folder whose name holds no line break, quotation mark or $',
        ));
    }

    /** A file. */
    public static function file(string $name, string $default): string
    {
        return self::path((string) self::read(
            $name, $default, fn (string $text): ?string => self::isPlain($text) || $text === ':memory:' ? $text : null,
            'a file whose name holds no line break',
        ));
    }

    /** @return list<string> addresses and networks of web servers in front that are believed */
    public static function proxies(string $name): array
    {
        $list = (string) self::read($name, '', function (string $text): ?string {
            $all = array_filter(array_map(trim(...), explode(',', $text)));
            $isAddress = fn (string $one): bool => filter_var(explode('/', $one)[0], FILTER_VALIDATE_IP) !== false
                && preg_match('~^[^/]+(/\d{1,3})?$~', $one) === 1;

            return array_filter($all, $isAddress) === $all ? implode(',', $all) : null;
        }, 'a list of addresses or networks, such as 127.0.0.1, 10.0.0.0/8');

        return $list === '' ? [] : explode(',', $list);
    }

    /** An address that begins with http:// or https://. */
    public static function url(string $name, string $default): string
    {
        return (string) self::read(
            $name, $default,
            fn (string $text): ?string => preg_match('~^https?://[^/\s]+/?$~i', $text) === 1 && parse_url($text, PHP_URL_HOST) !== null
                ? rtrim($text, '/')
                : null,
            'an address such as https://ricamo.example',
        );
    }

    /**
     * @template T
     *
     * @param  Closure(string): ?T  $parse  null for what it may not be
     * @param  string  $what  it may be
     * @return T|string
     */
    private static function read(string $name, string $default, Closure $parse, string $what): mixed
    {
        $text = Env::get($name);
        $text = $text === null || $text === '' ? $default : (is_bool($text) ? var_export($text, true) : trim((string) $text));
        $value = $text === $default && $default === '' ? '' : $parse($text);
        if ($value === null) {
            self::$problems[$name] = "$name: “".mb_substr($text, 0, 80)."” is not $what.";
            $value = $parse($default) ?? $default;
        } else {
            unset(self::$problems[$name]);
        }

        return $value;
    }

    private static function isPlain(string $path): bool
    {
        return $path !== '' && preg_match('/[\x00-\x1f"$]/', $path) === 0;
    }

    private static function path(string $path): string
    {
        return str_starts_with($path, '/') || $path === ':memory:' ? rtrim($path, '/') : base_path(rtrim($path, '/'));
    }
}
