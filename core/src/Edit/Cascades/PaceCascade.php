<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Cascades;

use Ricamo\Core\Cascade\PlacedCascade;
use Ricamo\Core\Cascade\Timing;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Refusal;

/** Sets how long each unit of a cascade takes, in frames; how long all take follows from it and from how much they overlap. */
final readonly class PaceCascade implements CompositionEdit
{
    public function __construct(
        #[Id] private string $layer,
        #[Field(longest: 8)] private string $cascade,
        #[Field(least: 0.01, most: PlacedCascade::LONGEST)] private float $each,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $layer = $composition->layer($this->layer);
        $cascades = $layer->attached->cascades;
        foreach ($cascades as $index => $one) {
            if ($one->id === $this->cascade && $one->mirrors === null) {
                $whole = Timing::whole($this->each, $one->overlap / 100, $evaluator->units($layer, $composition, $one));
                $cascades[$index] = $one->with(['length' => max(1, min(PlacedCascade::LONGEST, (int) round($whole)))]);

                return $composition->replacing($layer->attaching(['cascades' => array_values($cascades)]));
            }
        }
        throw new Refusal("“{$layer->name}” has no cascade \"{$this->cascade}\" with a pace of its own");
    }

    public function title(): string
    {
        return 'pace of cascade';
    }
}
