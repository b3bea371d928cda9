<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Document\Axes;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Refusal;

/**
 * Puts a layer's anchor, the point that it turns and scales about, to a place `to` on the picture, in composition
 * pixels. Its position changes by as much, so that it rests on this frame where it did; where that is keyframed, on each of
 * its keyframes, too. Where both cannot be had by these keyframes alone, the frame gets one. What a move or an accent does
 * about the anchor it does about the new one.
 */
final readonly class MoveAnchor implements CompositionEdit
{
    /** In pixels; places are kept in thousandths. */
    private const NEAR = 0.002;

    public function __construct(
        #[Id] private string $layer,
        #[Frame] private int $frame,
        #[OnPicture] private Point $to,
        #[Field] private Scope $scope = Scope::Playhead,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $layer = $composition->layer($this->layer);
        if (InPlane::isTilted($layer, $this->frame) && (InPlane::goes($layer) || $layer->properties['anchor']->isAnimated())) {
            throw new Refusal("“{$layer->name}” is tilted and moves: with another anchor it would be seen elsewhere");
        }
        $to = $composition->space($layer->id, $this->frame)->inverse()->apply(
            InPlane::at($layer, $composition, $this->frame, $this->to),
        );
        $anchor = $layer->matrix($this->frame)->inverse()->apply($to);
        $moved = PropertyTarget::put($composition, $layer, 'anchor', $this->frame, $anchor, $this->scope);
        if ($layer->properties['anchor']->isAnimated() || Axes::frames($layer) === []) {
            return InPlane::kept(
                PropertyTarget::put($moved, $layer, 'position', $this->frame, $to, $this->scope), $layer, $this->frame, $this->scope,
            );
        }
        $by = $moved->layer($layer->id)->point('anchor', $this->frame)->minus($layer->point('anchor', $this->frame));

        return $this->settled($moved->replacing($this->along($moved->layer($layer->id), $by)), $layer);
    }

    /** With the layer where it was on this frame. */
    private function settled(Composition $composition, Layer $before): Composition
    {
        $layer = $composition->layer($before->id);
        $anchor = $layer->point('anchor', $this->frame);
        $off = $before->matrix($this->frame)->apply($anchor)->minus($layer->matrix($this->frame)->apply($anchor));

        return hypot($off->x, $off->y) < self::NEAR ? $composition
            : PropertyTarget::put(
                $composition, $layer, 'position', $this->frame, $layer->point('position', $this->frame)->plus($off), Scope::Playhead,
            );
    }

    /**
     * With every keyframe of its way as far elsewhere as its anchor, as large and as turned as it is there: at none of them
     * it moves. A way that it turns along is moved as a whole, so that it leads in the same directions.
     */
    private function along(Layer $layer, Point $by): Layer
    {
        $moved = function (Keyframe $keyframe) use ($layer, $by): Keyframe {
            assert($keyframe->value instanceof Point);
            $to = $keyframe->value->plus(
                $layer->matrix($layer->switches->turnsAlong ? $this->frame : $keyframe->frame($layer->span))->applyToDistance($by),
            );

            return $keyframe->withValue(new Point(round($to->x, 3), round($to->y, 3)));
        };

        return Axes::through(
            $layer, fn (Layer $along): Layer => $along->withProperty('position', $along->properties['position']->mapKeyframes($moved)),
        );
    }

    public function title(): string
    {
        return 'move anchor';
    }
}
