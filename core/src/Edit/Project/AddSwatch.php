<?php

namespace Ricamo\Core\Edit\Project;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Document\Swatch;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** Keeps a colour at hand, behind the others; without a name it is called by its own code. */
final readonly class AddSwatch implements ProjectEdit
{
    private function __construct(private Colour $colour, private ?string $name)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['colour', 'name']);

        return new self(Swatch::readColour($args->field('colour')), $args->optional('name')?->name());
    }

    public function apply(Project $project): Project
    {
        foreach ($project->swatches as $swatch) {
            if ((string) $swatch->colour === (string) $this->colour) {
                throw new Refusal("{$this->colour} is kept already, as “{$swatch->name}”");
            }
        }
        if (count($project->swatches) >= Project::MOST_SWATCHES) {
            throw new Refusal('a project keeps at most '.Project::MOST_SWATCHES.' colours');
        }

        return $project->with(['swatches' => [...$project->swatches, new Swatch($this->name ?? (string) $this->colour, $this->colour)]]);
    }

    public function title(): string
    {
        return 'keep colour';
    }
}
