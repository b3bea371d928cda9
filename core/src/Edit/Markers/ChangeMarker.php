<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Markers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Dye;
use Ricamo\Core\Document\Marker;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;

/** Moves the marker on frame `marker` to frame `to`, names it, or gives it another colour; with `layer` one of a layer's. */
final readonly class ChangeMarker implements CompositionEdit
{
    private function __construct(private MarkerOwner $owner, private int $marker, private ?Node $to, private ?string $name, private ?Dye $label)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layer', 'marker', 'to', 'name', 'label']);

        return new self(
            MarkerOwner::read($args),
            $args->field('marker')->int(-Composition::LONGEST, 2 * Composition::LONGEST),
            $args->optional('to'),
            $args->has('name') ? trim($args->field('name')->string(200)) : null,
            $args->optional('label')?->enum(Dye::class),
        );
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $markers = $this->owner->markers($composition);
        $marker = $markers->on($this->marker);
        $changed = new Marker(
            $this->to?->int(...$this->owner->range($composition)) ?? $marker->frame, $this->name ?? $marker->name, $this->label ?? $marker->label,
        );

        return $this->owner->with($composition, $markers->without([$this->marker])->with($changed));
    }

    public function title(): string
    {
        return $this->to !== null ? 'move marker' : 'change marker';
    }
}
