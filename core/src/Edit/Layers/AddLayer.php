<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Dye;
use Ricamo\Core\Document\Kinds;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\LayerKind;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;

/**
 * Puts a layer on top of the stack. `layer` holds at least its kind and content; whatever else it leaves out is filled
 * in: in the middle of the frame, from frame `at` (or the start) to the composition's end, a clip at its own length and
 * as large as fits, a still picture for `lasts` seconds.
 */
final readonly class AddLayer implements CompositionEdit
{
    public function __construct(
        #[Field] private Node $layer,
        #[Field(least: 0, most: Composition::LONGEST - 1)] private int $at = 0,
        #[Field(least: 0, most: 36_000)] private float $lasts = LayerKind::LASTS,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $kind = Kinds::read($this->layer->field('kind'));
        $in = $this->layer->optional('in')?->int(
            -Composition::LONGEST, Composition::LONGEST,
        ) ?? min($this->at, $composition->range()->last());
        $defaults = [
            'id' => $composition->layers->freeId(),
            'name' => $kind->newName($this->layer, $evaluator->media),
            'in' => $in,
            'out' => max($composition->length, $in + 1),
            ...$kind->startsAt($composition),
            'label' => Dye::forNumber(count($composition->layers))->value,
            ...$kind->newLayer($this->layer, $composition, $evaluator->media, $in, $this->lasts),
        ];
        $given = array_filter($this->layer->object(), fn (mixed $value): bool => $value !== null);
        $layer = Layer::read(new Node([...$defaults, ...$given], $this->layer));
        if ($composition->layers->has($layer->id)) {
            $this->layer->field('id')->refuse("\"{$layer->id}\" is already the id of another layer");
        }

        return $composition->withLayers($composition->layers->inserting($layer, count($composition->layers)));
    }

    public function title(): string
    {
        return 'add layer';
    }
}
