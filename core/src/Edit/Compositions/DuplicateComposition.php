<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Compositions;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Id;

/** Puts a copy of a composition right behind it. */
final readonly class DuplicateComposition implements ProjectEdit
{
    public function __construct(
        #[Id] private string $composition,
    ) {
    }

    public function apply(Project $project): Project
    {
        $compositions = $project->compositions;
        $original = $compositions->get($this->composition);
        $copy = $original->withId($compositions->freeId())->with(['name' => $compositions->freeName($original->name)]);

        return $project->with(['compositions' => $compositions->inserting($copy, $compositions->indexOf($this->composition) + 1)]);
    }

    public function title(): string
    {
        return 'duplicate composition';
    }
}
