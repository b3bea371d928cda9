<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;

/** Some keyframes, of one property or of several, named by the composition frames they are on. */
final readonly class KeyframeSelection
{
    /** @var list<array{PropertyTarget, Node}> properties, each with the node of its frames */
    private array $chosen;

    /** @param  list<Node>  $keyframes  {layer, property, frames} */
    public function __construct(#[Field('of {layer, property, frames}', longest: 1000, fewest: 1)] array $keyframes)
    {
        $this->chosen = array_map(
            fn (Node $item): array => [PropertyTarget::read($item->allow(['layer', 'property', 'frames'])), $item->field('frames')],
            $keyframes,
        );
    }

    /** @return list<int> the composition frames they are on */
    public function frames(): array
    {
        return array_merge(...array_map(
            fn (array $one): array => array_map(fn (Node $frame): int => self::frame($frame), $one[1]->items(10_000)), $this->chosen,
        ));
    }

    /** @return list<int> the composition frames of those of one property */
    public function framesOf(string $layer, string $property): array
    {
        $frames = [];
        foreach ($this->chosen as [$target, $nodes]) {
            if ($target->layer === $layer && $target->property === $property) {
                array_push($frames, ...array_map(self::frame(...), $nodes->items(10_000)));
            }
        }

        return $frames;
    }

    private static function frame(Node $frame): int
    {
        return $frame->int(-Composition::LONGEST, 2 * Composition::LONGEST);
    }

    /**
     * Replaces each selected keyframe by what $change makes of it; null removes it. A keyframe that lands on another
     * takes its place, and a property that loses its last one keeps that value.
     *
     * @param  callable(Keyframe, Layer): ?Keyframe  $change
     */
    public function change(Composition $composition, callable $change): Composition
    {
        return $this->rearrange($composition, fn (array $selected, Layer $layer): array => array_values(array_filter(
            array_map(fn (Keyframe $keyframe): ?Keyframe => $change($keyframe, $layer), $selected),
        )));
    }

    /**
     * Replaces the selected keyframes of each property by what $arrange makes of them, which are in order of time.
     *
     * @param  callable(non-empty-list<Keyframe>, Layer, PropertyTarget): list<Keyframe>  $arrange
     */
    public function rearrange(Composition $composition, callable $arrange): Composition
    {
        foreach ($this->chosen as [$target, $frames]) {
            $change = function (Property $property, Layer $layer) use ($target, $frames, $arrange): Property {
                $selected = [];
                foreach ($frames->items(10_000) as $frame) {
                    $selected[self::frame($frame)] = $target->keyframeOn($layer, self::frame($frame), $frame);
                }
                ksort($selected);

                return $selected === []
                    ? $property
                    : $property->replacing(array_keys($selected), $arrange(array_values($selected), $layer, $target), $layer->span);
            };
            $composition = $target->change($composition, $change);
        }

        return $composition;
    }
}
