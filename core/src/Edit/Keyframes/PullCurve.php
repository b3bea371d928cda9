<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Animation\Easing\Handles;
use Ricamo\Core\Animation\KeyframeSegment;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/**
 * Pulls a handle, of the `begin` or the `end`, of the segment that begins with the keyframe on a frame, to the time
 * `at`, in frames: to a `value` of one of the numbers that the property's value is made of (`channel`, 0 being the
 * first), or to a `speed` in units a frame. The segment becomes a cubic Bézier.
 */
final readonly class PullCurve implements CompositionEdit
{
    private const MOST = 1e9;

    private function __construct(private PropertyTarget $target, private Node $frame, private bool $ofEnd, private float $at, private int $channel, private ?float $value, private float $speed)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layer', 'property', 'frame', 'handle', 'at', 'channel', 'value', 'speed']);
        $handle = $args->field('handle');
        in_array($handle->value, ['begin', 'end'], true) || $handle->refuse('must be "begin" or "end"');
        $args->has('value') !== $args->has('speed') || $args->refuse('has to say either a value or a speed');

        return new self(
            PropertyTarget::read($args), $args->field('frame'), $handle->value === 'end',
            $args->field('at')->number(-Composition::LONGEST, 2 * Composition::LONGEST),
            $args->optional('channel')?->int(0, 100) ?? 0,
            $args->optional('value')?->number(-self::MOST, self::MOST),
            $args->optional('speed')?->number(0, self::MOST) ?? 0.0,
        );
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return $this->target->change($composition, function (Property $property, Layer $layer): Property {
            $keyframe = $this->target->keyframeOn($layer, $this->frame->int(-Composition::LONGEST, 2 * Composition::LONGEST), $this->frame);
            $next = $property->keyframeAfter($keyframe->frame($layer->span), $layer->span);
            $handles = Handles::of($keyframe->easing);
            if ($next === null || $handles === null) {
                throw new Refusal($next === null ? 'no segment begins with the last keyframe' : "what is eased by $keyframe->easing has no handles");
            }
            $stretch = new KeyframeSegment($property->type, $keyframe, $next, $layer->span);
            $along = $stretch->along($this->at);
            $pulled = $this->value === null
                ? $handles->atSpeed($this->ofEnd, $along, $stretch->share($this->speed))
                : $handles->placed($this->ofEnd, $along, $stretch->progress($this->value, $this->channel));

            return $property->with($keyframe->withEasing($pulled->curve()), $layer->span);
        });
    }

    public function title(): string
    {
        return 'pull curve';
    }
}
