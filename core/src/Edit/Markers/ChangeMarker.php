<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Markers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Dye;
use Ricamo\Core\Document\Marker;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Together;

/** Moves the marker on frame `marker` to frame `to`, names it, or gives it another colour; with `layer` one of a layer's. */
final readonly class ChangeMarker implements CompositionEdit
{
    public function __construct(
        #[Together] private MarkerOwner $owner,
        #[Frame] private int $marker,
        #[Field('a frame', of: 'int')] private ?Node $to = null,
        #[Field(longest: 200)] private ?string $name = null,
        #[Field] private ?Dye $label = null,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $markers = $this->owner->markers($composition);
        $marker = $markers->on($this->marker);
        $changed = new Marker(
            $this->to?->int(...$this->owner->range($composition)) ?? $marker->frame, $this->name ?? $marker->name,
            $this->label ?? $marker->label,
        );

        return $this->owner->with($composition, $markers->without([$this->marker])->with($changed));
    }

    public function title(): string
    {
        return $this->to !== null ? 'move marker' : 'change marker';
    }
}
