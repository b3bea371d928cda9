<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Project;

use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Motion;
use Ricamo\Core\Document\NamedMotion;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Node;

/** Keeps how a `layer`, as a document holds it, moves at hand under a name, relative to where it rests. */
final readonly class AddMotion implements ProjectEdit
{
    private function __construct(private NamedMotion $motion)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['name', 'layer']);

        return new self(new NamedMotion($args->field('name')->name(), Motion::of(Layer::read($args->field('layer')))));
    }

    public function apply(Project $project): Project
    {
        return $project->with(['kept' => $project->kept->with($this->motion)]);
    }

    public function title(): string
    {
        return 'keep move';
    }
}
