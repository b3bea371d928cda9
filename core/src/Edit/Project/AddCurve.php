<?php

namespace Ricamo\Core\Edit\Project;

use Ricamo\Core\Document\NamedCurve;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** Keeps an easing at hand under a name, behind the others; one that has the name already gives way in its place. */
final readonly class AddCurve implements ProjectEdit
{
    private function __construct(private NamedCurve $curve)
    {
    }

    public static function read(Node $args): self
    {
        return new self(NamedCurve::read($args));
    }

    public function apply(Project $project): Project
    {
        $curves = $project->curves;
        $place = array_search($this->curve->name, array_map(fn (NamedCurve $one): string => $one->name, $curves), true);
        if ($place === false && count($curves) >= Project::MOST_CURVES) {
            throw new Refusal('a project keeps at most '.Project::MOST_CURVES.' curves');
        }
        $curves[$place === false ? count($curves) : $place] = $this->curve;

        return $project->with(['curves' => array_values($curves)]);
    }

    public function title(): string
    {
        return 'keep curve';
    }
}
