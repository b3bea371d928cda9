<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Project;

use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Motion;
use Ricamo\Core\Document\NamedMotion;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Name;
use Ricamo\Core\Json\Node;

/** Keeps how a `layer`, as a document holds it, moves at hand under a name, relative to where it rests. */
final readonly class AddMotion implements ProjectEdit
{
    private function __construct(private NamedMotion $motion)
    {
    }

    public static function from(
        #[Name] string $name,
        #[Field('as documents hold it')] Node $layer,
    ): self {
        return new self(new NamedMotion($name, Motion::of(Layer::read($layer))));
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
