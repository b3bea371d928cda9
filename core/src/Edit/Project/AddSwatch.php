<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Project;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Document\Kept;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Document\Swatch;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Name;
use Ricamo\Core\Refusal;
use Ricamo\Core\Value\Type\ColourType;
use Ricamo\Core\Value\Type\OfType;

/** Keeps a colour at hand, behind the others; without a name it is called by its own code. */
final readonly class AddSwatch implements ProjectEdit
{
    public function __construct(
        #[OfType(new ColourType)] private Colour $colour,
        #[Name] private ?string $name = null,
    ) {
    }

    public function apply(Project $project): Project
    {
        foreach ($project->kept->swatches as $swatch) {
            if ((string) $swatch->colour === (string) $this->colour) {
                throw new Refusal("{$this->colour} is kept already, as “{$swatch->name}”");
            }
        }
        if (count($project->kept->swatches) >= Kept::MOST) {
            throw new Refusal('a project keeps at most '.Kept::MOST.' colours');
        }

        return $project->with(['kept' => $project->kept->having(swatches: [
            ...$project->kept->swatches, new Swatch($this->name ?? (string) $this->colour, $this->colour),
        ])]);
    }

    public function title(): string
    {
        return 'keep colour';
    }
}
