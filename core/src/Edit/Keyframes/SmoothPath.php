<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Animation\Bend;
use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Together;
use Ricamo\Core\Refusal;

/**
 * Makes a motion path smooth at keyframes: along the line from the keyframe before to the one after, each handle a third of
 * the way to its own neighbour. With `sharp` its handles are taken away, and it goes straight there and on.
 */
final readonly class SmoothPath implements CompositionEdit
{
    public function __construct(
        #[Together] private KeyframeSelection $keyframes,
        #[Field] private bool $sharp = false,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return $this->keyframes->rearrange($composition, function (array $selected, Layer $layer, PropertyTarget $target): array {
            $property = $target->in($layer);
            if (! $property->type->travels()) {
                throw new Refusal("{$target->property} goes no path");
            }

            return array_map(fn (Keyframe $keyframe): Keyframe => $keyframe->bent($this->sharp ? null : $this->smooth(
                $keyframe, $property->keyframeBefore($keyframe->frame($layer->span) - 1, $layer->span),
                $property->keyframeAfter($keyframe->frame($layer->span), $layer->span),
            )), $selected);
        });
    }

    public function title(): string
    {
        return $this->sharp ? 'make path sharp' : 'make path smooth';
    }

    private function smooth(Keyframe $keyframe, ?Keyframe $before, ?Keyframe $after): ?Bend
    {
        $here = $keyframe->value;
        [$from, $to] = [$before->value ?? $here, $after->value ?? $here];
        assert($here instanceof Point && $from instanceof Point && $to instanceof Point);
        $along = $to->minus($from);
        $long = hypot($along->x, $along->y);
        if ($long < 1e-9) {
            return null;
        }
        $third = fn (Point $other): float => hypot($other->x - $here->x, $other->y - $here->y) / 3 / $long;

        return new Bend(
            new Point(-$along->x * $third($from), -$along->y * $third($from)),
            new Point($along->x * $third($to), $along->y * $third($to)),
        );
    }
}
