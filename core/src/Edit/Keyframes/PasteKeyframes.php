<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Animation\Easing\Easings;
use Ricamo\Core\Animation\Easing\Linear;
use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Pin;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Refusal;

/**
 * Puts copied keyframes into layers, the first of them at frame `at`, or with `backwards` in reverse. `copied` is a list of
 * {layer, property, keyframes: [{frame, value, easing?}]}. Of several layers that were copied from, each goes to the one
 * that was chosen in its place; of one, to all. With `property` the values go to that one instead.
 */
final readonly class PasteKeyframes implements CompositionEdit
{
    private const MOST = 10_000;

    /**
     * @param  non-empty-list<string>  $layers
     * @param  list<Node>  $copied
     */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Frame] private int $at,
        #[Field('of {layer, property, keyframes}', longest: 1000, fewest: 1)] private array $copied,
        #[Field] private bool $backwards = false,
        #[Field('that all are put into', of: 'string')] private ?Node $property = null,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        [$first, $last] = $this->ends();
        $before = $composition;
        $sources = array_values(array_unique(array_map(fn (Node $one): string => $one->field('layer')->string(64), $this->copied)));
        foreach ($this->copied as $one) {
            $one->allow(['layer', 'property', 'keyframes']);
            $place = (int) array_search($one->field('layer')->string(64), $sources, true);
            foreach (count($sources) === 1 ? $this->layers : array_slice($this->layers, $place, 1) as $id) {
                $target = PropertyTarget::named($id, $this->property ?? $one->field('property'));
                // A layer of another kind may have no such property.
                if ($this->property !== null || isset($composition->layer($id)->properties[$target->property])) {
                    $composition = $target->change($composition, fn (Property $property, Layer $layer): Property => $property->replacing(
                        [], $this->keyframes($one->field('keyframes'), $target->definition($layer), $layer, $first, $last), $layer->span,
                    ));
                }
            }
        }

        return $composition !== $before ? $composition : throw new Refusal('the chosen layers have none of these properties');
    }

    public function title(): string
    {
        return 'paste keyframes';
    }

    /** @return array{int, int} the first and the last frame of all that was copied */
    private function ends(): array
    {
        $frames = array_merge(...array_map(
            fn (Node $one): array => array_map(self::frame(...), $one->field('keyframes')->items(self::MOST)), $this->copied,
        ));

        return $frames === [] ? throw new Refusal('there are no keyframes to paste') : [min($frames), max($frames)];
    }

    private static function frame(Node $keyframe): int
    {
        return $keyframe->field('frame')->int(-Composition::LONGEST, 2 * Composition::LONGEST);
    }

    /** @return list<Keyframe> */
    private function keyframes(Node $list, PropertyDefinition $definition, Layer $layer, int $first, int $last): array
    {
        $items = $list->items(self::MOST);
        usort($items, fn (Node $a, Node $b): int => self::frame($a) <=> self::frame($b));
        $easings = array_map(
            fn (Node $item): mixed => $item->optional('easing') === null ? new Linear : Easings::read($item->field('easing')), $items,
        );
        $keyframes = [];
        foreach ($items as $index => $item) {
            $item->allow(['frame', 'value', 'easing', 'pin']);
            $by = $this->backwards ? $last - self::frame($item) : self::frame($item) - $first;
            $pin = Pin::between(null, null, $this->at + $by, $layer->span);
            $easing = ! $this->backwards ? $easings[$index] : ($index > 0 ? $easings[$index - 1]->reversed() : new Linear);
            $keyframes[] = new Keyframe(
                $this->at + $by - $pin->origin($layer->span), $definition->read($item->field('value')), $easing, $pin,
            );
        }

        return $keyframes;
    }
}
