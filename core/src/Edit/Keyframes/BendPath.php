<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Animation\Bend;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Picture\OnPicture;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Handle\PointSpace;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Together;
use Ricamo\Core\Refusal;

/**
 * Puts a handle of a motion path, `arrive` or `leave`, of the keyframe on a frame: to a distance from it in composition pixels. The
 * other handle goes along in the opposite direction, as long as it was, unless the corner is to be `sharp`.
 */
final readonly class BendPath implements CompositionEdit
{
    private function __construct(
        private PropertyTarget $target,
        private Node $frame,
        private string $handle,
        private Point $to,
        private bool $sharp,
        private ?int $seen,
    ) {
    }

    public static function from(
        #[Together] PropertyTarget $target,
        #[Field('a frame', of: 'int')] Node $frame,
        #[Field(oneOf: ['arrive', 'leave'])] string $handle,
        #[OnPicture] Point $to,
        #[Field] bool $sharp = false,
        #[Frame('on which it is looked at, where that is another')] ?int $seen = null,
    ): self {
        $frame->int(-Composition::LONGEST, 2 * Composition::LONGEST);

        return new self($target, $frame, $handle, $to, $sharp, $seen);
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $frame = $this->frame->int(-Composition::LONGEST, 2 * Composition::LONGEST);

        $space = PointSpace::of(
            $composition->layer($this->target->layer), $this->target->property, $composition, $this->seen ?? $frame, $frame, $evaluator,
        );
        $to = $space->inverse()->applyToDistance($this->to);

        return $this->target->change($composition, function (Property $property, Layer $layer) use ($frame, $to): Property {
            if (! $property->type->travels()) {
                throw new Refusal("{$this->target->property} goes no path");
            }
            $keyframe = $this->target->keyframeOn($layer, $frame, $this->frame);
            $bend = $keyframe->bend ?? new Bend(new Point(0, 0), new Point(0, 0));
            $other = $this->handle === 'arrive' ? $bend->leave : $bend->arrive;
            $other = $this->sharp ? $other : self::opposite($other, $to);

            return $property->with(
                $keyframe->bent($this->handle === 'arrive' ? new Bend($to, $other) : new Bend($other, $to)), $layer->span,
            );
        });
    }

    public function title(): string
    {
        return 'bend path';
    }

    private static function opposite(Point $other, Point $to): Point
    {
        $long = hypot($to->x, $to->y);
        if ($long < 1e-9) {
            return $other;
        }
        $length = hypot($other->x, $other->y);
        $factor = -($length > 1e-9 ? $length : $long) / $long;

        return new Point($to->x * $factor, $to->y * $factor);
    }
}
