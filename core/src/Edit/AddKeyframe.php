<?php

namespace Ricamo\Core\Edit;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;

/** Makes a keyframe of the value that a property has at a frame. */
final readonly class AddKeyframe implements Edit
{
    private function __construct(private PropertyTarget $target, private int $frame)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layer', 'property', 'frame']);

        return new self(PropertyTarget::read($args), $args->field('frame')->int(-Composition::LONGEST, Composition::LONGEST));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return $this->target->change($composition, fn (Property $property, Layer $layer): Property => $property->with(
            PropertyTarget::keyframeAt($property, $layer, $this->frame),
        ));
    }

    public function title(): string
    {
        return 'add keyframe';
    }
}
