<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Attachments;
use Ricamo\Core\Document\Axes;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\LayerPart;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/**
 * Gives layers parts of another one, `from`, as documents hold it: each in the place of what they have of that. Of a part, a layer takes
 * what its kind can have; one that can have nothing of any is refused.
 */
final readonly class GiveParts implements CompositionEdit
{
    /**
     * @param  non-empty-list<string>  $layers
     * @param  list<LayerPart>  $parts
     */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Field] private Node $from,
        #[Field('some of them', longest: 10, of: LayerPart::class)] private array $parts,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        // Read, so that what is given is what a document would hold.
        $from = Layer::read($this->from);
        $given = $from->toJson();
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            $composition = $composition->replacing($this->with($layer, $given, $from, $evaluator->media));
        }

        return $composition;
    }

    public function title(): string
    {
        return 'paste parts';
    }

    /** @param  array<string, mixed>  $given  the JSON of the other layer */
    private function with(Layer $layer, array $given, Layer $from, MediaLibrary $library): Layer
    {
        $keys = [];
        foreach ($this->parts as $part) {
            $keys = [...$keys, ...$part->keys($given, $from->kind)];
        }
        $kind = $layer->kind;
        $possible = [
            ...array_keys($kind->properties()),
            ...array_keys(Attachments::described($kind)->names()),
            ...array_keys($kind->contentFields()),
            ...($kind->isMoved() && $kind->looks() === $from->kind->looks() ? ['arrive', 'leave', 'accents'] : []),
        ];
        $keys = array_values(array_intersect($keys, $possible));
        if ($keys === []) {
            throw new Refusal("“{$layer->name}” can have nothing of that");
        }
        $json = array_diff_key($layer->toJson(), array_fill_keys($keys, true));
        if (array_intersect($keys, [Axes::TOGETHER, ...Axes::APART]) !== []) {
            // A place is one path or x and y apart, never both.
            $json = array_diff_key($json, array_fill_keys([Axes::TOGETHER, ...Axes::APART], true));
        }

        $with = Layer::read(new Node([...$json, ...array_intersect_key($given, array_fill_keys($keys, true))]));
        foreach ($with->media() as $media) {
            if (! $library->has($media) || $library->get($media)->removed) {
                throw new Refusal("“{$from->name}” uses media that are not in this project");
            }
        }

        return $with;
    }
}
