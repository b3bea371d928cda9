<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Compositions;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Node;

/** Puts a copy of a composition right behind it. */
final readonly class DuplicateComposition implements ProjectEdit
{
    private function __construct(private string $composition)
    {
    }

    public static function read(Node $args): self
    {
        return new self($args->allow(['composition'])->field('composition')->string(64));
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
