<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Markers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** Takes the markers on some frames away; without `frames`, all. With `layer` those of a layer. */
final readonly class RemoveMarkers implements CompositionEdit
{
    /** @param  ?list<int>  $frames */
    private function __construct(private MarkerOwner $owner, private ?array $frames)
    {
    }

    public static function read(Node $args): self
    {
        $frames = $args->allow(['layer', 'frames'])->optional('frames')?->items(2000);

        return new self(MarkerOwner::read($args), $frames === null ? null : array_map(fn (Node $frame): int => $frame->int(-Composition::LONGEST, 2 * Composition::LONGEST), $frames));
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
