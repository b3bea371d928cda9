<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Compositions;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\All;
use Ricamo\Core\Json\Node;

/** Puts an empty composition behind the others. Whatever is left out of its size, rate and length is that of the first. */
final readonly class AddComposition implements ProjectEdit
{
    private const FIELDS = ['name', 'width', 'height', 'rate', 'length', 'background'];

    public function __construct(#[All(ref: 'Composition', names: self::FIELDS)] private Node $args)
    {
    }

    public function apply(Project $project): Project
    {
        $first = $project->composition();
        $given = $this->args->object();
        $composition = Composition::read(new Node([
            ...array_diff_key($first->headJson(), ['background' => true, 'markers' => true]),
            'name' => $project->compositions->freeName('Composition '.(count($project->compositions) + 1)),
            ...$given,
            'id' => $project->compositions->freeId(),
        ], $this->args));

        return $project->with(['compositions' => $project->compositions->inserting($composition, count($project->compositions))]);
    }

    public function title(): string
    {
        return 'new composition';
    }
}
