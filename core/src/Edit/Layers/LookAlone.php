<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;

/** Shows, and renders, only some layers; with an empty list all again. */
final readonly class LookAlone implements CompositionEdit
{
    /** @param  list<string>  $layers */
    private function __construct(private array $layers)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layers']);

        return new self(array_values(array_unique(array_map(fn (Node $id): string => $id->string(64), $args->field('layers')->items(2000)))));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        array_map($composition->indexOf(...), $this->layers);

        return $composition->with(['alone' => $this->layers]);
    }

    public function title(): string
    {
        return $this->layers === [] ? 'look at all layers' : 'look at layers alone';
    }
}
