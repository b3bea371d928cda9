<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Compositions;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Refusal;

/** Takes compositions out of the project, which keeps at least one. Those that are placed in others that stay, stay. */
final readonly class RemoveCompositions implements ProjectEdit
{
    /** @param  non-empty-list<string>  $compositions */
    public function __construct(
        #[CompositionIds] private array $compositions,
    ) {
    }

    public function apply(Project $project): Project
    {
        $left = $this->compositions;
        while ($left !== []) {
            $free = array_values(array_filter($left, fn (string $one): bool => $project->placingsOf($one) === []));
            // Those that only others of them show go once these are gone.
            $project = self::without($project, $free[0] ?? $left[0]);
            $left = array_values(array_diff($left, [$free[0] ?? $left[0]]));
        }

        return $project;
    }

    private static function without(Project $project, string $id): Project
    {
        $compositions = $project->compositions;
        $index = $compositions->indexOf($id);
        $name = $compositions->entry($id)->name;
        if (count($compositions) === 1) {
            throw new Refusal("“{$name}” is the only composition of its project; remove the project instead.");
        }
        $placings = $project->placingsOf($id);
        if ($placings !== []) {
            throw new Refusal("“{$name}” is placed elsewhere: ".implode(', ', $placings).'; remove it there first.');
        }
        $ids = $compositions->ids();
        array_splice($ids, $index, 1);

        return $project->with(['compositions' => $compositions->ordered($ids)]);
    }

    public function title(): string
    {
        return count($this->compositions) === 1 ? 'remove composition' : 'remove compositions';
    }
}
