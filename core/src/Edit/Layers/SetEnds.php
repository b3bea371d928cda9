<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;

/** Has layers arrive by a `phase` and leave as they came, at once. */
final readonly class SetEnds implements CompositionEdit
{
    private function __construct(private SetArrival $arrival, private SetLeaving $leaving)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layers', 'phase'])->field('phase');

        return new self(SetArrival::read($args), SetLeaving::read(new Node(['layers' => $args->field('layers')->value, 'phase' => ['mirror' => true]], $args)));
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
