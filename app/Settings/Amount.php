<?php

declare(strict_types=1);

namespace App\Settings;

/** Amounts as people write and read them: `500 MB`, `8 GB`, `4 h`, `90 min`. */
final class Amount
{
    /** Decimal, as disks are sold; the binary ones by their own names. */
    private const BYTES = [
        '' => 1, 'b' => 1, 'kb' => 1e3, 'mb' => 1e6, 'gb' => 1e9, 'tb' => 1e12, 'kib' => 1024, 'mib' => 1024 ** 2,
        'gib' => 1024 ** 3, 'tib' => 1024 ** 4,
    ];

    private const SECONDS = ['' => 1, 'ms' => 0.001, 's' => 1, 'min' => 60, 'h' => 3600, 'd' => 86_400];

    /** @return ?float null for what is no amount of bytes */
    public static function bytes(string $text): ?float
    {
        return self::read($text, self::BYTES);
    }

    /** @return ?float null for what is no length of time */
    public static function seconds(string $text): ?float
    {
        return self::read($text, self::SECONDS);
    }

    public static function saidBytes(float $bytes): string
    {
        foreach (['TB' => 1e12, 'GB' => 1e9, 'MB' => 1e6, 'kB' => 1e3] as $unit => $size) {
            if ($bytes >= $size) {
                return self::short($bytes / $size)." $unit";
            }
        }

        return self::short($bytes).($bytes == 1 ? ' byte' : ' bytes');
    }

    public static function saidSeconds(float $seconds): string
    {
        foreach (['hours' => 3600, 'minutes' => 60] as $unit => $length) {
            if ($seconds >= $length) {
                return self::short($seconds / $length).' '.($seconds == $length ? substr($unit, 0, -1) : $unit);
            }
        }

        return self::short($seconds).($seconds == 1 ? ' second' : ' seconds');
    }

    /** With three digits that count. */
    private static function short(float $number): string
    {
        $text = number_format($number, max(0, 2 - (int) floor(log10(max(1, $number)))), '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }

    /** @param  array<string, float|int>  $units */
    private static function read(string $text, array $units): ?float
    {
        return preg_match('/^\s*(\d{1,18}(?:[_,]\d{3})*(?:\.\d+)?)\s*([a-z]*)\s*$/i', $text, $parts) === 1
            && isset($units[strtolower($parts[2])])
            ? (float) str_replace(['_', ','], '', $parts[1]) * $units[strtolower($parts[2])]
            : null;
    }
}
