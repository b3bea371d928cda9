<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Name;

/** Gives a layer another name. */
final readonly class RenameLayer implements CompositionEdit
{
    public function __construct(
        #[Id] private string $layer,
        #[Name] private string $name,
    ) {
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
