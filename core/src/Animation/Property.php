<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation;

use LogicException;
use Ricamo\Core\Animation\Easing\Contextual;
use Ricamo\Core\Animation\Easing\Glide;
use Ricamo\Core\Animation\Easing\Jump;
use Ricamo\Core\Animation\Easing\Linear;
use Ricamo\Core\Animation\Easing\Split;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Value\Type\NumberType;
use Ricamo\Core\Value\Type\ValueType;

/**
 * A value that is constant, or keyframed over time.
 *
 * Keyframes pinned to the start and to the end are two sorted lists, each searched by itself, because a trim shifts one
 * list against the other. Where both have a keyframe on the same frame, the one pinned to the end counts.
 */
final readonly class Property
{
    /** Whether its values are numbers. Most that are asked for are, so these are mixed here. */
    private bool $isNumber;

    /**
     * @param  list<Keyframe>  $fromStart  sorted by time, no two at one time
     * @param  list<Keyframe>  $fromEnd  likewise
     */
    private function __construct(
        public ValueType $type,
        private mixed $constant,
        private array $fromStart = [],
        private array $fromEnd = [],
    ) {
        $this->isNumber = $type instanceof NumberType;
    }

    public static function constant(ValueType $type, mixed $value): self
    {
        return new self($type, $value);
    }

    /** @param  non-empty-list<Keyframe>  $keyframes in any order; of two at one time with one pin, the later in the list counts */
    public static function keyframed(ValueType $type, array $keyframes): self
    {
        $lists = ['start' => [], 'end' => []];
        foreach ($keyframes as $keyframe) {
            $lists[$keyframe->pin->value][$keyframe->at] = $keyframe;
        }
        ksort($lists['start']);
        ksort($lists['end']);

        $fromStart = array_values($lists['start']);
        $fromEnd = array_values($lists['end']);

        return new self($type, ($fromStart[0] ?? $fromEnd[0] ?? $keyframes[0])->value, $fromStart, $fromEnd);
    }

    /**
     * Of keyframes that are in order already, at least one of them.
     *
     * @param  list<Keyframe>  $fromStart  sorted by time, no two at one time
     * @param  list<Keyframe>  $fromEnd  likewise
     */
    public static function sorted(ValueType $type, array $fromStart, array $fromEnd): self
    {
        return new self($type, ($fromStart[0] ?? $fromEnd[0])->value, $fromStart, $fromEnd);
    }

    public function isAnimated(): bool
    {
        return $this->fromStart !== [] || $this->fromEnd !== [];
    }

    /**
     * The value at a composition frame. Before the first keyframe and after the last, their values hold.
     *
     * @param  FrameRange  $span  the layer's in and out point
     */
    public function at(int|float $frame, FrameRange $span): mixed
    {
        if ($this->fromEnd !== []) {
            return $this->fromBothAt($frame, $span);
        }
        // The usual case, asked for of every property of every layer on every frame.
        $keyframes = $this->fromStart;
        if ($keyframes === []) {
            return $this->constant;
        }
        $at = $frame - $span->in;
        $last = count($keyframes) - 1;
        if ($at < $keyframes[0]->at || $at >= $keyframes[$last]->at) {
            return $keyframes[$at < $keyframes[0]->at ? 0 : $last]->value;
        }
        // From the last keyframe that is not later to the one behind it.
        $low = 0;
        while ($last - $low > 1) {
            $middle = ($low + $last) >> 1;
            if ($keyframes[$middle]->at <= $at) {
                $low = $middle;
            } else {
                $last = $middle;
            }
        }
        $before = $keyframes[$low];
        $after = $keyframes[$last];
        if ($before->goesPlainly && $after->bend === null) {
            $t = $before->easing->at(($at - $before->at) / ($after->at - $before->at));
            $from = $before->value;
            $to = $after->value;
            if (! $this->isNumber) {
                return $this->type->mix($from, $to, $t);
            }
            assert(is_float($from) && is_float($to));

            return $from + ($to - $from) * $t;
        }
        if ($before->easing instanceof Contextual) {
            return $this->inContext($before, $after, $frame, $span);
        }

        return $this->between($before, $after, $before->easing->at(($at - $before->at) / ($after->at - $before->at)));
    }

    private function fromBothAt(int|float $frame, FrameRange $span): mixed
    {
        [$before, $after] = $this->around($frame, $span);
        if ($before === null || $after === null) {
            return ($before ?? $after)->value ?? $this->constant;
        }
        if ($before->easing instanceof Contextual) {
            return $this->inContext($before, $after, $frame, $span);
        }
        $from = $before->frame($span);

        return $this->between($before, $after, $before->easing->at(($frame - $from) / ($after->frame($span) - $from)));
    }

    /** Of an easing that depends on more than its time. */
    private function inContext(Keyframe $before, Keyframe $after, int|float $frame, FrameRange $span): mixed
    {
        if ($before->easing instanceof Glide && $before->bend === null && $after->bend === null) {
            return $this->glided($before, $after, $frame, $span);
        }
        // A jump is from one whole frame to the next: a frame that is exposed for a while does not show both.
        $frame = $before->easing instanceof Jump ? floor($frame) : $frame;
        $from = $before->frame($span);

        return $this->between($before, $after, $before->easing->at(($frame - $from) / ($after->frame($span) - $from)));
    }

    /** @param  float  $progress  0 at the first, 1 at the second */
    private function between(Keyframe $before, Keyframe $after, float $progress): mixed
    {
        return $before->bend === null && $after->bend === null
            ? $this->type->mix($before->value, $after->value, $progress)
            : (MotionPaths::between($before, $after)?->at($progress) ?? $this->type->mix($before->value, $after->value, $progress));
    }

    private function glided(Keyframe $before, Keyframe $after, int|float $frame, FrameRange $span): mixed
    {
        [$from, $to] = [$before->frame($span), $after->frame($span)];
        $further = fn (?Keyframe $keyframe): ?array => $keyframe === null ? null : [(float) $keyframe->frame($span), $keyframe];
        $gliding = new Gliding($this->type, $further($this->around($from - 1, $span)[0]), $further($this->around($to, $span)[1]));

        return $gliding->at([$from, $before], [$to, $after], ($frame - $from) / ($to - $from));
    }

    /** @return list<Keyframe> those pinned to the start, then those pinned to the end, each by time */
    public function keyframes(): array
    {
        return [...$this->fromStart, ...$this->fromEnd];
    }

    /** @return array<int, Keyframe> those that count, in order of time, by the composition frame they are on */
    public function course(FrameRange $span): array
    {
        $course = [];
        foreach ($this->keyframes() as $keyframe) {
            $course[$keyframe->frame($span)] = $keyframe;
        }
        ksort($course);

        return $course;
    }

    /** The keyframe that counts on exactly this frame. */
    public function keyframeOn(int $frame, FrameRange $span): ?Keyframe
    {
        [$before] = $this->around($frame, $span);

        return $before?->frame($span) === $frame ? $before : null;
    }

    /** The keyframe in whose segment this frame lies. */
    public function keyframeBefore(int $frame, FrameRange $span): ?Keyframe
    {
        return $this->around($frame, $span)[0];
    }

    public function keyframeAfter(int $frame, FrameRange $span): ?Keyframe
    {
        return $this->around($frame, $span)[1];
    }

    /** With this keyframe in place of any on the same frame, whichever end that is pinned to. */
    public function with(Keyframe $keyframe, FrameRange $span): self
    {
        return $this->replacing([], [$keyframe], $span);
    }

    /**
     * Without what stands on some frames, and with some keyframes in place of what stands where they land: a frame has
     * one keyframe, whichever end it is pinned to. Without any keyframe left, constant at the value of the first frame.
     *
     * @param  list<int>  $frames
     * @param  list<Keyframe>  $keyframes
     */
    public function replacing(array $frames, array $keyframes, FrameRange $span): self
    {
        $taken = array_fill_keys($frames, true);
        foreach ($keyframes as $keyframe) {
            $taken[$keyframe->frame($span)] = true;
        }
        $kept = array_filter($this->keyframes(), fn (Keyframe $keyframe): bool => ! isset($taken[$keyframe->frame($span)]));
        $all = [...array_values($kept), ...$keyframes];

        return $all === [] ? self::constant($this->type, $this->at($frames[0] ?? $span->in, $span)) : self::keyframed($this->type, $all);
    }

    /**
     * With a keyframe on this frame, if there is none, that changes nothing: it cuts the segment it falls into in two. Of
     * a segment that is glided through, both halves glide; it is the one whose motion is not quite the same.
     */
    public function cutAt(int $frame, FrameRange $span): self
    {
        [$before, $after] = $this->around($frame, $span);
        if ($before?->frame($span) === $frame) {
            return $this;
        }
        $pin = Pin::between($before, $after, $frame, $span);
        $at = $frame - $pin->origin($span);
        if ($before === null || $after === null || $before->easing instanceof Glide) {
            return $this->with(new Keyframe($at, $this->at($frame, $span), $before->easing ?? new Linear, $pin), $span);
        }
        $from = $before->frame($span);
        $split = Split::of($before->easing, ($frame - $from) / ($after->frame($span) - $from));
        $value = $this->between($before, $after, $split->progress);
        $path = MotionPaths::between($before, $after);
        if ($path === null) {
            return $this->replacing([], [$before->withEasing($split->before), new Keyframe($at, $value, $split->after, $pin)], $span);
        }
        // The path is cut as well: each half keeps its course.
        [$first, $cut, $last] = $path->split(max(0.0, min(1.0, $split->progress)));

        return $this->replacing([], [
            $before->withEasing($split->before)->bent(new Bend($before->bend->arrive ?? $first->arrive, $first->leave)),
            (new Keyframe($at, $value, $split->after, $pin))->bent($cut),
            $after->bent(new Bend($last->arrive, $after->bend->leave ?? $last->leave)),
        ], $span);
    }

    /** @param  callable(Keyframe): Keyframe  $change */
    public function mapKeyframes(callable $change): self
    {
        $keyframes = array_map($change, $this->keyframes());

        return $keyframes === [] ? $this : self::keyframed($this->type, $keyframes);
    }

    /** @param  callable(mixed): mixed  $change of every value it holds */
    public function mapValues(callable $change): self
    {
        return $this->isAnimated()
            ? $this->mapKeyframes(fn (Keyframe $keyframe): Keyframe => $keyframe->withValue($change($keyframe->value)))
            : self::constant($this->type, $change($this->constant));
    }

    /** @return list<mixed> all that it is at keyframes; where it has none, what it is */
    public function values(): array
    {
        return $this->isAnimated()
            ? array_map(fn (Keyframe $keyframe): mixed => $keyframe->value, [...$this->fromStart, ...$this->fromEnd])
            : [$this->constant];
    }

    /**
     * @param  callable(Point): Point  $change  of every value it holds
     *
     * @throws LogicException where these are no points of two coordinates: what places others has to be told what to do with them
     */
    public function mapPoints(callable $change): self
    {
        return $this->mapValues(
            fn (mixed $value): Point => $value instanceof Point
                ? $change($value)
                : throw new LogicException("a {$this->type->name()} is no point"),
        );
    }

    /** @return array{?Keyframe, ?Keyframe} the last keyframe at or before the frame, and the first one after it */
    private function around(int|float $frame, FrameRange $span): array
    {
        if ($this->fromEnd === []) {
            return $this->neighbours($this->fromStart, $frame - $span->in);
        }
        [$before, $after] = $this->neighbours($this->fromStart, $frame - $span->in);
        [$endBefore, $endAfter] = $this->neighbours($this->fromEnd, $frame - $span->out);
        if ($before === null || ($endBefore !== null && $endBefore->frame($span) >= $before->frame($span))) {
            $before = $endBefore ?? $before;
        }
        if ($after === null || ($endAfter !== null && $endAfter->frame($span) <= $after->frame($span))) {
            $after = $endAfter ?? $after;
        }

        return [$before, $after];
    }

    /**
     * @param  list<Keyframe>  $keyframes
     * @return array{?Keyframe, ?Keyframe}
     */
    private function neighbours(array $keyframes, int|float $at): array
    {
        $next = self::firstAfter($keyframes, $at);

        return [$keyframes[$next - 1] ?? null, $keyframes[$next] ?? null];
    }

    /**
     * The place of the first keyframe after a time, by binary search.
     *
     * @param  list<Keyframe>  $keyframes
     */
    private static function firstAfter(array $keyframes, int|float $at): int
    {
        $low = 0;
        $high = count($keyframes);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($keyframes[$middle]->at <= $at) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }
}
