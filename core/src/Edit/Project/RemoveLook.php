<?php

namespace Ricamo\Core\Edit\Project;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** Forgets the look at place `look`, 0 being the first. Layers that have its effects keep them. */
final readonly class RemoveLook implements ProjectEdit
{
    private function __construct(private Node $look)
    {
    }

    public static function read(Node $args): self
    {
        return new self($args->allow(['look'])->field('look'));
    }

    public function apply(Project $project): Project
    {
        $looks = $project->looks;
        if ($looks === []) {
            throw new Refusal('the project keeps no looks');
        }
        array_splice($looks, $this->look->int(0, count($looks) - 1), 1);

        return $project->with(['looks' => $looks]);
    }

    public function title(): string
    {
        return 'forget look';
    }
}
