<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Compositions;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\PlacedGuide;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;

/** Puts guides across the frame, in place of those that are there. */
final readonly class SetGuides implements CompositionEdit
{
    /** @param  list<PlacedGuide>  $guides */
    public function __construct(
        #[Field('of {axis, at}', longest: PlacedGuide::MOST, of: PlacedGuide::class)] private array $guides,
    ) {
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
