<?php

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;

/**
 * Puts a layer's anchor, the point that it turns and scales about, to a place `to` on the picture, in composition
 * pixels. Its position changes by as much, so that nothing moves on this frame.
 */
final readonly class MoveAnchor implements CompositionEdit
{
    private function __construct(private string $layer, private int $frame, private Point $to, private Scope $scope)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layer', 'frame', 'to', 'scope']);

        return new self(
            $args->field('layer')->string(64),
            $args->field('frame')->int(-Composition::LONGEST, Composition::LONGEST),
            new Point(...PointNode::read($args->field('to'))),
            $args->optional('scope')?->enum(Scope::class) ?? Scope::Playhead,
        );
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $layer = $composition->layer($this->layer);
        $to = $composition->space($layer->id, $this->frame)->inverse()->apply($this->to);
        $anchor = $layer->matrix($this->frame)->inverse()->apply($to);
        // An anchor that stays put over time moves the whole path along; one that is keyframed makes a keyframe of both.
        $scope = $layer->properties['anchor']->isAnimated() ? $this->scope : Scope::Whole;
        $composition = PropertyTarget::put($composition, $layer, 'anchor', $this->frame, $anchor, $this->scope);

        return PropertyTarget::put($composition, $layer, 'position', $this->frame, $to, $scope);
    }

    public function title(): string
    {
        return 'move anchor';
    }
}
