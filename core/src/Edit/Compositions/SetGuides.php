<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Compositions;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\PlacedGuide;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;

/** Puts guides across the frame, in place of those that are there. */
final readonly class SetGuides implements CompositionEdit
{
    /** @param  list<PlacedGuide>  $guides */
    private function __construct(private array $guides)
    {
    }

    public static function read(Node $args): self
    {
        return new self(array_map(PlacedGuide::read(...), $args->allow(['guides'])->field('guides')->items(PlacedGuide::MOST)));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return $composition->with(['guides' => $this->guides]);
    }

    public function title(): string
    {
        return 'change guides';
    }
}
