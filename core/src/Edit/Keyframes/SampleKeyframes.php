<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Animation\Easing\Linear;
use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Together;
use Ricamo\Core\Refusal;

/**
 * Writes the course between keyframes out as a keyframe every so many frames, straight from one to the next; the first
 * and the last stay where they are.
 */
final readonly class SampleKeyframes implements CompositionEdit
{
    private const MOST = 10_000;

    public function __construct(
        #[Together] private KeyframeSelection $keyframes,
        #[Field(least: 1, most: Composition::LONGEST)] private int $every,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return $this->keyframes->rearrange($composition, function (array $selected, Layer $layer, PropertyTarget $target): array {
            $property = $target->in($layer);
            $last = $selected[count($selected) - 1];
            [$from, $to] = [$selected[0]->frame($layer->span), $last->frame($layer->span)];
            if (($to - $from) / $this->every > self::MOST) {
                throw new Refusal('that would be more than '.number_format(self::MOST).' keyframes');
            }
            $written = [];
            for ($frame = $from; $frame < $to; $frame += $this->every) {
                $written[] = new Keyframe(
                    $frame - $selected[0]->pin->origin($layer->span), $property->at($frame, $layer->span), new Linear, $selected[0]->pin,
                );
            }

            return [...$written, $last];
        });
    }

    public function title(): string
    {
        return 'write keyframes out';
    }
}
