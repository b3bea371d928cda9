<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Animation\Easing\Linear;
use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Together;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Value\Type\ValueType;

/**
 * Leaves out keyframes that the others make up for: on every frame the course stays within `tolerance` of what it is, in
 * the property's own unit (Ramer 1972, Douglas & Peucker 1973, over time and value). Where some were left out it runs
 * straight from one to the next; elsewhere easings and bends stay.
 */
final readonly class ThinKeyframes implements CompositionEdit
{
    private const TRIES = 12;

    public function __construct(
        #[Together] private KeyframeSelection $keyframes,
        #[Field(least: 0, most: 1e6)] private float $tolerance,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return $this->keyframes->rearrange($composition, function (array $selected, Layer $layer, PropertyTarget $target): array {
            $property = $layer->properties[$target->property];
            $frames = array_map(fn (Keyframe $one): int => $one->frame($layer->span), $selected);
            // What glides goes by its neighbours, of which some may be gone: then fewer are left out.
            for ([$try, $within] = [0, $this->tolerance]; $try < self::TRIES; $try++, $within /= 2) {
                $thinned = $this->thinned($selected, $frames, $property, $layer->span, $within);
                if ($this->farthest($property, $property->replacing($frames, $thinned, $layer->span), $layer->span) <= $this->tolerance) {
                    return $thinned;
                }
            }

            return $selected;
        });
    }

    /**
     * @param  non-empty-list<Keyframe>  $selected
     * @param  non-empty-list<int>  $frames  of each
     * @return non-empty-list<Keyframe>
     */
    private function thinned(array $selected, array $frames, Property $property, FrameRange $span, float $within): array
    {
        $last = count($selected) - 1;
        $kept = [0 => true, $last => true] + $this->kept($frames, 0, $last, $property, $span, $within);
        ksort($kept);
        $thinned = [];
        $before = null;
        foreach (array_keys($kept) as $index) {
            $keyframe = $selected[$index];
            $isStraight = $before !== null && $before < $index - 1;
            if ($isStraight) {
                $previous = array_pop($thinned);
                assert($previous instanceof Keyframe);
                $thinned[] = $previous->withEasing(new Linear)->bent($previous->bend?->leavingStraight());
                $keyframe = $keyframe->bent($keyframe->bend?->arrivingStraight());
            }
            $thinned[] = $keyframe;
            $before = $index;
        }

        return $thinned;
    }

    /**
     * @param  non-empty-list<int>  $frames
     * @return array<int, true> those between $from and $to that have to stay
     */
    private function kept(array $frames, int $from, int $to, Property $property, FrameRange $span, float $within): array
    {
        if ($to - $from < 2) {
            return [];
        }
        [$first, $last] = [$property->at($frames[$from], $span), $property->at($frames[$to], $span)];
        [$worst, $allowed] = [null, $within];
        for ($frame = $frames[$from] + 1; $frame < $frames[$to]; $frame++) {
            $straight = $property->type->mix($first, $last, ($frame - $frames[$from]) / ($frames[$to] - $frames[$from]));
            $off = $this->distance($property->type, $property->at($frame, $span), $straight);
            if ($off > $within) {
                [$worst, $within] = [$frame, $off];
            }
        }
        if ($worst === null) {
            return [];
        }
        for ($middle = $from + 1; $middle < $to - 1 && abs($frames[$middle + 1] - $worst) <= abs($frames[$middle] - $worst); $middle++);

        return [$middle => true] + $this->kept(
            $frames, $from, $middle, $property, $span, $allowed,
        ) + $this->kept($frames, $middle, $to, $property, $span, $allowed);
    }

    /** How far two courses are apart, at most, on any whole frame. */
    private function farthest(Property $one, Property $other, FrameRange $span): float
    {
        $frames = array_map(fn (Keyframe $keyframe): int => $keyframe->frame($span), $one->keyframes());
        $farthest = 0.0;
        sort($frames);
        for ($frame = $frames[0] ?? 0; $frame <= end($frames); $frame++) {
            $farthest = max($farthest, $this->distance($one->type, $one->at($frame, $span), $other->at($frame, $span)));
        }

        return $farthest;
    }

    private function distance(ValueType $type, mixed $a, mixed $b): float
    {
        $steps = array_map(fn (float $one, float $other): float => ($one - $other) ** 2, $type->channels($a), $type->channels($b));

        // What is not made of numbers has to be the same.
        return $steps === [] ? ($type->write($a) === $type->write($b) ? 0.0 : INF) : sqrt(array_sum($steps));
    }

    public function title(): string
    {
        return 'thin keyframes';
    }
}
