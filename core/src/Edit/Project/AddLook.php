<?php

namespace Ricamo\Core\Edit\Project;

use Ricamo\Core\Document\NamedLook;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** Keeps effects at hand under a name, behind the others; a look that has the name already gives way in its place. */
final readonly class AddLook implements ProjectEdit
{
    private function __construct(private NamedLook $look)
    {
    }

    public static function read(Node $args): self
    {
        return new self(NamedLook::read($args));
    }

    public function apply(Project $project): Project
    {
        $looks = $project->looks;
        $place = array_search($this->look->name, array_map(fn (NamedLook $one): string => $one->name, $looks), true);
        if ($place === false && count($looks) >= Project::MOST_LOOKS) {
            throw new Refusal('a project keeps at most '.Project::MOST_LOOKS.' looks');
        }
        $looks[$place === false ? count($looks) : $place] = $this->look;

        return $project->with(['looks' => array_values($looks)]);
    }

    public function title(): string
    {
        return 'keep look';
    }
}
