<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Markers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Together;
use Ricamo\Core\Refusal;

/** Takes the markers on some frames away; without `frames`, all. With `layer` those of a layer. */
final readonly class RemoveMarkers implements CompositionEdit
{
    /** @param  ?list<int>  $frames */
    public function __construct(
        #[Together] private MarkerOwner $owner,
        #[Field(
            'where they stand; all, where nothing is said', -Composition::LONGEST, 2 * Composition::LONGEST, longest: 2000, of: 'int',
        )] private ?array $frames = null,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $markers = $this->owner->markers($composition);
        $frames = $this->frames ?? $markers->frames();
        array_map($markers->on(...), $frames);

        return $frames === [] ? throw new Refusal('there are no markers') : $this->owner->with($composition, $markers->without($frames));
    }

    public function title(): string
    {
        return $this->frames !== null && count($this->frames) === 1 ? 'remove marker' : 'remove markers';
    }
}
