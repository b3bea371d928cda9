<?php

namespace App\Editing;

use App\Models\Change;
use RuntimeException;

/** An edit made on a revision that is no longer the latest; it carries what its maker has missed. */
final class StaleRevision extends RuntimeException
{
    public function __construct(private readonly int $compositionId, private readonly int $known, private readonly int $latest)
    {
        parent::__construct('The composition was changed elsewhere in the meantime.');
    }

    /** @return array<string, mixed> */
    public function toJson(): array
    {
        return [
            'message' => $this->getMessage(),
            'revision' => $this->latest,
            'changes' => self::changesSince($this->compositionId, $this->known),
        ];
    }

    /** @return list<array{revision: int, patch: mixed}> */
    public static function changesSince(int $compositionId, int $revision): array
    {
        return array_values(Change::query()
            ->where('composition_id', $compositionId)->where('revision', '>', $revision)->orderBy('revision')
            ->get(['revision', 'patch'])
            ->map(fn (Change $change): array => ['revision' => $change->revision, 'patch' => json_decode($change->patch)])
            ->all());
    }
}
