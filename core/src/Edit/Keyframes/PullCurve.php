<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Animation\Easing\Handles;
use Ricamo\Core\Animation\KeyframeSegment;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frames;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Together;
use Ricamo\Core\Refusal;

/**
 * Pulls a handle, of the `begin` or the `end`, of the segment that begins with the keyframe on a frame, to the time
 * `at`, in frames: to a `value` of one of the numbers that the property's value is made of (`channel`, 0 being the
 * first), or to a `speed` in units a frame. The segment becomes a cubic Bézier.
 */
final readonly class PullCurve implements CompositionEdit
{
    private const MOST = 1e9;

    private function __construct(
        private PropertyTarget $target,
        private Node $frame,
        private bool $ofEnd,
        private float $at,
        private int $channel,
        private ?float $value,
        private float $speed,
    ) {
    }

    /** @throws Refusal where its arguments do not go together */
    public static function from(
        #[Together] PropertyTarget $target,
        #[Field('a frame', of: 'int')] Node $frame,
        #[Field(oneOf: ['begin', 'end'])] string $handle,
        #[Frames] float $at,
        #[Field(least: 0, most: 100)] int $channel = 0,
        #[Field(least: -self::MOST, most: self::MOST)] ?float $value = null,
        #[Field(least: 0, most: self::MOST)] ?float $speed = null,
    ): self {
        return ($value === null) !== ($speed === null)
            ? new self($target, $frame, $handle === 'end', $at, $channel, $value, $speed ?? 0.0)
            : throw new Refusal('has to say either a value or a speed');
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return $this->target->change($composition, function (Property $property, Layer $layer): Property {
            $keyframe = $this->target->keyframeOn($layer, $this->frame->int(-Composition::LONGEST, 2 * Composition::LONGEST), $this->frame);
            $next = $property->keyframeAfter($keyframe->frame($layer->span), $layer->span);
            $handles = Handles::of($keyframe->easing);
            if ($next === null || $handles === null) {
                throw new Refusal(
                    $next === null ? 'no segment begins with the last keyframe' : "what is eased by $keyframe->easing has no handles",
                );
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
