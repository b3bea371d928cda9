<?php

namespace App\Demo;

use App\Media\Intake;
use App\Models\Composition;
use App\Models\Project;
use Ricamo\Core\Document\Composition as Document;

/** The demo project, "Depot Nine". */
final readonly class DemoProject
{
    public const NAME = 'Depot Nine';

    public function __construct(private Intake $intake)
    {
    }

    public function exists(): bool
    {
        return Project::query()->where('name', self::NAME)->exists();
    }

    public function create(DemoFootage $footage): Project
    {
        [$street, $workshop] = [$footage->street(), $footage->workshop()];

        $project = Project::query()->create(['name' => self::NAME]);
        $clip = $this->intake->take($project, $street, 'Street in the evening.mp4');
        $this->intake->take($project, $workshop, 'Workshop.mp4');
        $this->add($project, LowerThird::composition($clip->key(), 'Marta Oldani', 'Depot electrician'), 0);

        return $project;
    }

    private function add(Project $project, Document $document, int $place): void
    {
        Composition::store($project->id, $document->withId('c'.($place + 1)), $place);
    }
}
