<?php

declare(strict_types=1);

namespace App\Serving;

use Illuminate\Support\Facades\File;

/**
 * The processes of a server, written down before they begin, so that the next one on the same port can end what is left
 * of them: where a supervisor and nginx's master are killed together, nginx's workers stay and hold the port.
 */
final readonly class Leftovers
{
    /** How often it is looked whether they are gone, each time a fiftieth of a second later. */
    private const WAITS = 500;

    /** @param  string  $folder  the server's own */
    public function __construct(private string $folder)
    {
    }

    /**
     * Ends what is left of the server before.
     *
     * @return bool false where its supervisor is still there
     */
    public function end(): bool
    {
        [$supervisor, $groups] = $this->read();
        if ($supervisor !== null && self::startOf($supervisor['id']) === $supervisor['start']) {
            return false;
        }
        foreach ($groups as $group) {
            // A group keeps its number as long as one of its processes is there; another that has it has a leader of another age.
            $leader = self::startOf($group['id']);
            if ($leader === null || $leader === $group['start']) {
                posix_kill(-$group['id'], SIGKILL);
            }
        }
        for ($wait = 0; $wait < self::WAITS && array_intersect(self::groups(), array_column($groups, 'id')) !== []; $wait++) {
            usleep(20_000);
        }
        File::delete($this->file());

        return true;
    }

    /** @param  list<int>  $groups  ids of the process groups that were started; each is its leader's */
    public function note(array $groups): void
    {
        $told = fn (int $id): array => ['id' => $id, 'start' => self::startOf($id)];
        File::ensureDirectoryExists($this->folder);
        File::replace(
            $this->file(),
            (string) json_encode(['supervisor' => $told((int) getmypid()), 'groups' => array_map($told, $groups)]),
        );
    }

    public function forget(): void
    {
        File::delete($this->file());
    }

    /** @return array{?array{id: int, start: ?int}, list<array{id: int, start: ?int}>} */
    private function read(): array
    {
        $noted = is_file($this->file()) ? json_decode((string) File::get($this->file()), true) : null;
        $known = fn (mixed $one): bool => is_array($one) && is_int($one['id'] ?? null) && $one['id'] > 1 && is_int($one['start'] ?? null);
        $supervisor = is_array($noted) && $known($noted['supervisor'] ?? null) ? $noted['supervisor'] : null;

        return [$supervisor, is_array($noted) ? array_values(array_filter((array) ($noted['groups'] ?? []), $known)) : []];
    }

    /** When a process was started, in the kernel's ticks since it booted; null where there is none, or only its remains. */
    private static function startOf(int $id): ?int
    {
        $stat = self::stat($id);

        return $stat === [] || $stat[0] === 'Z' ? null : (int) ($stat[19] ?? 0);
    }

    /** @return list<int> the process groups in which something runs */
    private static function groups(): array
    {
        $stats = array_map(fn (string $folder): array => self::stat((int) basename($folder)), glob('/proc/[0-9]*') ?: []);

        return array_values(array_unique(array_map(
            fn (array $stat): int => (int) $stat[2],
            array_filter($stats, fn (array $stat): bool => $stat !== [] && $stat[0] !== 'Z'),
        )));
    }

    /**
     * @return list<string> what the kernel tells of a process behind its name, which may hold anything: its state, its parent,
     *     its group…
     */
    private static function stat(int $id): array
    {
        $stat = @file_get_contents("/proc/$id/stat");

        return $stat === false ? [] : explode(' ', substr($stat, (int) strrpos($stat, ')') + 2));
    }

    private function file(): string
    {
        return "$this->folder/processes.json";
    }
}
