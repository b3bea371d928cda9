<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Markers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Marker;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;

/** Drops markers on the composition, or with `layer` on a layer. One that stands on a frame already is replaced. */
final readonly class AddMarkers implements CompositionEdit
{
    /** @param  non-empty-list<Marker>  $markers */
    private function __construct(private Node $args, private MarkerOwner $owner, private array $markers)
    {
    }

    public static function read(Node $args): self
    {
        $markers = array_map(Marker::readOfLayer(...), $args->allow(['layer', 'markers'])->field('markers')->items(2000));

        return new self($args, MarkerOwner::read($args), $markers === [] ? $args->field('markers')->refuse('is empty') : $markers);
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        [$first, $last] = $this->owner->range($composition);
        foreach ($this->markers as $index => $marker) {
            if ($marker->frame < $first || $marker->frame > $last) {
                $this->args->field('markers')->items()[$index]->field('frame')->refuse("{$marker->frame} is outside $first..$last");
            }
        }

        return $this->owner->with($composition, $this->owner->markers($composition)->with(...$this->markers));
    }

    public function title(): string
    {
        return count($this->markers) === 1 ? 'add marker' : 'add markers';
    }
}
