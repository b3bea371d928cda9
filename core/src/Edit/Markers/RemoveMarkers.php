<?php

namespace Ricamo\Core\Edit\Markers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** Takes the markers on some frames away; without `frames`, all. */
final readonly class RemoveMarkers implements CompositionEdit
{
    /** @param  ?list<int>  $frames */
    private function __construct(private ?array $frames)
    {
    }

    public static function read(Node $args): self
    {
        $frames = $args->allow(['frames'])->optional('frames')?->items(2000);

        return new self($frames === null ? null : array_map(fn (Node $frame): int => $frame->int(0, Composition::LONGEST), $frames));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $frames = $this->frames ?? $composition->markers->frames();
        array_map($composition->markers->on(...), $frames);

        return $frames === [] ? throw new Refusal('there are no markers') : $composition->with(['markers' => $composition->markers->without($frames)]);
    }

    public function title(): string
    {
        return $this->frames !== null && count($this->frames) === 1 ? 'remove marker' : 'remove markers';
    }
}
