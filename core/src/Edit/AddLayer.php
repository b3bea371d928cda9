<?php

namespace Ricamo\Core\Edit;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Dye;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\LayerKind;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Node;

/**
 * Puts a layer on top of the stack. `layer` holds at least its kind and content; whatever else it leaves out is filled
 * in: in the middle of the frame, from frame `at` (or the start) to the composition's end, a clip at its own length and
 * as large as fits.
 */
final readonly class AddLayer implements Edit
{
    private function __construct(private Node $layer, private int $at)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layer', 'at']);

        return new self($args->field('layer'), $args->optional('at')?->int(0, Composition::LONGEST - 1) ?? 0);
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $kind = $this->layer->field('kind')->enum(LayerKind::class);
        $in = $this->layer->optional('in')?->int(-Composition::LONGEST, Composition::LONGEST) ?? min($this->at, $composition->range()->last());
        $defaults = [
            'id' => $composition->freeLayerId(),
            'name' => $this->name($kind, $evaluator),
            'in' => $in,
            'out' => max($composition->length, $in + 1),
            'position' => [$composition->width / 2, $composition->height / 2],
            'label' => Dye::forNumber(count($composition->layers))->value,
            ...($kind === LayerKind::Footage ? $this->clipDefaults($composition, $evaluator, $in) : []),
        ];
        $given = array_filter($this->layer->object(), fn (mixed $value): bool => $value !== null);
        $layer = Layer::read(new Node([...$defaults, ...$given], $this->layer));
        foreach ($composition->layers as $other) {
            if ($other->id === $layer->id) {
                $this->layer->field('id')->refuse("\"{$layer->id}\" is already the id of another layer");
            }
        }

        return $composition->inserting($layer, count($composition->layers));
    }

    public function title(): string
    {
        return 'add layer';
    }

    private function name(LayerKind $kind, Evaluator $evaluator): string
    {
        return match ($kind) {
            LayerKind::Footage => pathinfo($evaluator->media->get($this->layer->field('media')->string())->name, PATHINFO_FILENAME) ?: 'Footage',
            LayerKind::Shape => ucfirst($this->layer->field('form')->string()),
            LayerKind::Text => mb_substr(trim(strtok($this->layer->field('text')->string(5000), "\n") ?: ''), 0, 60) ?: 'Text',
        };
    }

    /** @return array<string, mixed> */
    private function clipDefaults(Composition $composition, Evaluator $evaluator, int $in): array
    {
        $facts = $evaluator->media->get($this->layer->field('media')->string(64))->known();
        $scale = 100 * $facts->size()->scaleToFit(new Size($composition->width, $composition->height));
        $from = $this->layer->optional('from')?->int(0, 100_000_000) ?? 0;

        return [
            'scale' => [$scale, $scale],
            'out' => min($in + $facts->lengthAt($composition->rate, $from), max($composition->length, $in + 1)),
        ];
    }
}
