<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Windows;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;

/**
 * Makes windows of clips and pictures, as large as they are, and empty ones of shapes, in their form: what a clip shows can be
 * framed apart from how it moves then.
 */
final readonly class MakeWindows implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $composition = $composition->replacing(Windowed::of($composition->layer($id), $evaluator->media));
        }

        return $composition;
    }

    public function title(): string
    {
        return 'make windows';
    }
}
