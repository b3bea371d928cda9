<?php

namespace Ricamo\Core\Edit\Markers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Marker;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;

/** Drops markers. One that stands on a frame already is replaced. */
final readonly class AddMarkers implements CompositionEdit
{
    /** @param  non-empty-list<Marker>  $markers */
    private function __construct(private Node $args, private array $markers)
    {
    }

    public static function read(Node $args): self
    {
        $markers = array_map(Marker::read(...), $args->allow(['markers'])->field('markers')->items(2000));

        return new self($args, $markers === [] ? $args->field('markers')->refuse('is empty') : $markers);
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->markers as $index => $marker) {
            if ($marker->frame >= $composition->length) {
                $this->args->field('markers')->items()[$index]->field('frame')->refuse("{$marker->frame} is outside 0..{$composition->range()->last()}");
            }
        }

        return $composition->with(['markers' => $composition->markers->with(...$this->markers)]);
    }

    public function title(): string
    {
        return count($this->markers) === 1 ? 'add marker' : 'add markers';
    }
}
