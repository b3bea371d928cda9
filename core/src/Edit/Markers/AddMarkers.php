<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Markers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Marker;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Together;

/** Drops markers on the composition, or with `layer` on a layer. One that stands on a frame already is replaced. */
final readonly class AddMarkers implements CompositionEdit
{
    /** @param  non-empty-list<Node>  $markers */
    public function __construct(
        #[Together] private MarkerOwner $owner,
        #[Field('of {frame, name, label}', longest: 2000, fewest: 1)] private array $markers,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        [$first, $last] = $this->owner->range($composition);
        $markers = [];
        foreach ($this->markers as $node) {
            $marker = Marker::read($node, isOfLayer: true);
            if ($marker->frame < $first || $marker->frame > $last) {
                $node->field('frame')->refuse("{$marker->frame} is outside $first..$last");
            }
            $markers[] = $marker;
        }

        return $this->owner->with($composition, $this->owner->markers($composition)->with(...$markers));
    }

    public function title(): string
    {
        return count($this->markers) === 1 ? 'add marker' : 'add markers';
    }
}
