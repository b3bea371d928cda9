<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;

/** Has layers arrive by a `phase` and leave as they came, at once. */
final readonly class SetEnds implements CompositionEdit
{
    private function __construct(private SetArrival $arrival, private SetLeaving $leaving)
    {
    }

    /** @param  non-empty-list<string>  $layers */
    public static function from(
        #[LayerIds] array $layers,
        #[Field(ref: 'Phase')] Node $phase,
    ): self {
        return new self(new SetArrival($layers, $phase), new SetLeaving($layers, new Node(['mirror' => true], $phase)));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return $this->leaving->apply($this->arrival->apply($composition, $evaluator), $evaluator);
    }

    public function title(): string
    {
        return 'arrive and leave';
    }
}
