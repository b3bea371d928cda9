<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Media;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Refusal;

/** Takes media from the project, unless something uses them. */
final readonly class RemoveMedia implements ProjectEdit
{
    /** How many uses are named before the rest is only hinted at. */
    private const NAMED = 5;

    /** @param  non-empty-list<string>  $media */
    public function __construct(
        #[MediaIds] private array $media,
    ) {
    }

    public function apply(Project $project): Project
    {
        $library = $project->media;
        foreach ($this->media as $id) {
            $uses = $project->usesOf($id);
            if ($uses !== []) {
                throw new Refusal(
                    "“{$library->get($id)->name}” is in use: ".implode(
                        ', ', array_slice($uses, 0, self::NAMED),
                    ).(count($uses) > self::NAMED ? ', …' : '').'. Remove those layers first.',
                );
            }
            $library = $library->replacing($library->get($id)->with(['removed' => true]));
        }

        return $project->with(['media' => $library]);
    }

    public function title(): string
    {
        return 'remove media';
    }
}
