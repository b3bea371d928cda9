<?php

namespace Ricamo\Core\Edit\Project;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** Forgets the curve at place `curve`, 0 being the first. What was eased with it stays as it is. */
final readonly class RemoveCurve implements ProjectEdit
{
    private function __construct(private Node $curve)
    {
    }

    public static function read(Node $args): self
    {
        return new self($args->allow(['curve'])->field('curve'));
    }

    public function apply(Project $project): Project
    {
        $curves = $project->curves;
        if ($curves === []) {
            throw new Refusal('the project keeps no curves');
        }
        array_splice($curves, $this->curve->int(0, count($curves) - 1), 1);

        return $project->with(['curves' => $curves]);
    }

    public function title(): string
    {
        return 'forget curve';
    }
}
