<?php

declare(strict_types=1);

namespace App\Settings;

use App\Work\Problem;
use Illuminate\Support\Facades\Artisan;
use Throwable;

/** What keeps a server from beginning, said before anything of it runs: in sentences, each with what can be done. */
final class Checks
{
    /** Room that a database needs to be written to, in bytes. */
    private const ROOM = 2_000_000;

    private const FOLDERS = [
        'uploads' => 'RICAMO_UPLOADS', 'originals' => 'RICAMO_ORIGINALS', 'previews' => 'RICAMO_PREVIEWS',
        'renders' => 'RICAMO_RENDERS',
    ];

    /** @return list<string> */
    public static function problems(): array
    {
        $problems = array_values(Settings::problems());

        return $problems !== [] ? $problems : [...self::folders(), ...self::database()];
    }

    /** Makes the database what this version needs. @return ?string what stood in the way */
    public static function migrate(): ?string
    {
        try {
            Artisan::call('migrate', ['--force' => true]);

            return null;
        } catch (Throwable $reason) {
            return 'The database '.self::file().' cannot be used: '
                .(Problem::isDiskFull($reason) ? 'its disk is full. Make room and start again.' : Problem::of($reason).'.');
        }
    }

    /**
     * Whether a server can listen there.
     *
     * @return ?string why not
     */
    public static function listening(string $host, int $port): ?string
    {
        $address = str_contains($host, ':') ? "[$host]" : $host;
        $socket = @stream_socket_server("tcp://$address:$port", $code, $reason);
        if ($socket !== false) {
            fclose($socket);

            return null;
        }

        // The number of the error is not always told, its words are.
        return match (strtolower($reason)) {
            'address already in use' => "Port $port is in use, perhaps by another Ricamo; choose one with RICAMO_PORT.",
            'cannot assign requested address' => "$host is no address of this machine; choose one with RICAMO_HOST.",
            'permission denied' => "Port $port may only be used by the system's administrator; choose one above 1023 with RICAMO_PORT.",
            default => "Nothing can listen at $host, port $port: ".strtolower($reason).'.',
        };
    }

    /** @return list<string> */
    private static function folders(): array
    {
        $problems = [];
        foreach (self::FOLDERS as $key => $name) {
            $folder = (string) config("ricamo.$key");
            if (! is_dir($folder) && ! @mkdir($folder, 0775, true) && ! is_dir($folder)) {
                $problems[] = "$name: the folder $folder cannot be made.";
            } elseif (! is_writable($folder)) {
                $problems[] = "$name: nothing can be written in $folder.";
            }
        }

        return $problems;
    }

    /** @return list<string> */
    private static function database(): array
    {
        $file = self::file();
        $folder = dirname($file);

        return match (true) {
            ! is_dir($folder) => ["DB_DATABASE: the folder $folder is not there."],
            is_dir($file) => ["DB_DATABASE: $file is a folder."],
            ! is_writable(is_file($file) ? $file : $folder) || ! is_writable($folder) => ["DB_DATABASE: $file cannot be written."],
            (float) @disk_free_space($folder) < self::ROOM => ["The disk that $file is on is full. Make room and start again."],
            is_file($file) || @touch($file) => [],
            default => ["DB_DATABASE: $file cannot be made."],
        };
    }

    private static function file(): string
    {
        return (string) config('database.connections.sqlite.database');
    }
}
