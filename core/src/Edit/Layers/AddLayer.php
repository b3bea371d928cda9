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
use Ricamo\Core\Json\Node;

/**
 * Puts a layer on top of the stack. `layer` holds at least its kind and content; whatever else it leaves out is filled
 * in: in the middle of the frame, from frame `at` (or the start) to the composition's end, a clip at its own length and
 * as large as fits, a still picture for `lasts` seconds.
 */
final readonly class AddLayer implements CompositionEdit
{
    private function __construct(private Node $layer, private int $at, private float $lasts)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layer', 'at', 'lasts']);

        return new self(
            $args->field('layer'),
            $args->optional('at')?->int(0, Composition::LONGEST - 1) ?? 0,
            $args->optional('lasts')?->number(0, 36_000) ?? LayerKind::LASTS,
        );
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $kind = Kinds::read($this->layer->field('kind'));
        $in = $this->layer->optional('in')?->int(-Composition::LONGEST, Composition::LONGEST) ?? min($this->at, $composition->range()->last());
        $defaults = [
            'id' => $composition->layers->freeId(),
            'name' => $kind->newName($this->layer, $evaluator->media),
            'in' => $in,
            'out' => max($composition->length, $in + 1),
            ...($kind->isSeen() ? ['position' => [$composition->width / 2, $composition->height / 2]] : []),
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
