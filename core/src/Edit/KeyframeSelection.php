<?php

namespace Ricamo\Core\Edit;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Json\Node;

/** Some keyframes of one property, named by the composition frames they are on. */
final readonly class KeyframeSelection
{
    private function __construct(private PropertyTarget $target, private Node $frames)
    {
    }

    /** @param  Node  $args an object with layer, property and frames */
    public static function read(Node $args): self
    {
        return new self(PropertyTarget::read($args), $args->field('frames'));
    }

    /**
     * Replaces each selected keyframe by what $change makes of it; null removes it. A keyframe that lands on another
     * takes its place.
     *
     * @param  callable(Keyframe, Layer): ?Keyframe  $change
     */
    public function change(Composition $composition, callable $change): Composition
    {
        return $this->target->change($composition, function (Property $property, Layer $layer) use ($change): Property {
            $selected = array_map(
                fn (Node $frame): Keyframe => $this->target->keyframeOn($layer, $frame->int(-Composition::LONGEST, 2 * Composition::LONGEST), $frame),
                $this->frames->items(10_000),
            );
            $kept = array_filter($property->keyframes(), fn (Keyframe $keyframe): bool => ! in_array($keyframe, $selected, true));
            $changed = array_filter(array_map(fn (Keyframe $keyframe): ?Keyframe => $change($keyframe, $layer), $selected));
            $all = [...array_values($kept), ...array_values($changed)];

            return $all === [] && $selected !== []
                ? Property::constant($property->type, $selected[0]->value)
                : ($all === [] ? $property : Property::keyframed($property->type, $all));
        });
    }
}
