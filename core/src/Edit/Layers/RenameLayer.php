<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;

final readonly class RenameLayer implements CompositionEdit
{
    private function __construct(private string $layer, private string $name)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layer', 'name']);

        return new self($args->field('layer')->string(64), $args->field('name')->name());
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return $composition->replacing($composition->layer($this->layer)->named($this->name));
    }

    public function title(): string
    {
        return 'rename layer';
    }
}
