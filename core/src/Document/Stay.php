<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Animation\Keyframe;

/**
 * Where a composition rests: the longest stretch between two events (a layer, a phase, an accent or a segment begins or
 * ends) in which nothing is on its way; where something always is, the longest at all. There it can be made longer or
 * shorter, and how everything comes and goes stays as it is.
 */
final readonly class Stay
{
    /** @param  int  $from  the last frame of what comes  @param  int  $to  the first of what goes */
    private function __construct(public int $from, public int $to)
    {
    }

    public static function of(Composition $composition): self
    {
        $moving = [];
        $events = [0 => true, $composition->length => true];
        foreach ($composition->layers as $layer) {
            $events[$layer->span->in] = $events[$layer->span->out] = true;
            foreach (self::movements($layer) as $movement) {
                $moving[] = $movement;
                $events[$movement[0]] = $events[$movement[1]] = true;
            }
        }
        $frames = array_values(array_filter(array_keys($events), fn (int $frame): bool => $frame >= 0 && $frame <= $composition->length));
        sort($frames);

        return self::longest($frames, self::joined($moving)) ?? self::longest($frames, []) ?? new self(0, $composition->length);
    }

    public function length(): int
    {
        return $this->to - $this->from;
    }

    /**
     * @return list<array{int, int}> from where to where something of a layer is on its way, in composition frames
     */
    private static function movements(Layer $layer): array
    {
        [$span, $life] = [$layer->span, $layer->life];
        $movements = [];
        if ($life->arrive !== null) {
            $movements[] = [$span->in, $span->in + $life->arrive->length - $life->arrive->begun];
        }
        $leaving = $life->leaving();
        if ($leaving !== null) {
            // On its last frame it has gone: it begins to go as many frames before.
            $movements[] = [$span->last() - $leaving->length + $leaving->begun, $span->out];
        }
        foreach ($life->accents as $accent) {
            $movements[] = [$span->in + $accent->at, $span->in + $accent->at + $accent->length];
        }
        foreach ($layer->properties as $property) {
            $before = null;
            foreach ($property->isAnimated() ? $property->course($span) : [] as $frame => $keyframe) {
                if ($before instanceof Keyframe && $property->type->write($before->value) !== $property->type->write($keyframe->value)) {
                    $movements[] = [$before->frame($span), $frame];
                }
                $before = $keyframe;
            }
        }

        return $movements;
    }

    /**
     * @param  list<array{int, int}>  $stretches
     * @return list<array{int, int}> in order, none of which touches another within
     */
    private static function joined(array $stretches): array
    {
        sort($stretches);
        $joined = [];
        $current = null;
        foreach ($stretches as [$from, $to]) {
            if ($current !== null && $from < $current[1]) {
                $current = [$current[0], max($current[1], $to)];

                continue;
            }
            if ($current !== null) {
                $joined[] = $current;
            }
            $current = [$from, $to];
        }

        return $current === null ? [] : [...$joined, $current];
    }

    /**
     * @param  list<int>  $frames  in order
     * @param  list<array{int, int}>  $moving  in order, apart from one another
     */
    private static function longest(array $frames, array $moving): ?self
    {
        $longest = null;
        $next = 0;
        for ($i = 0; $i + 1 < count($frames); $i++) {
            [$from, $to] = [$frames[$i], $frames[$i + 1]];
            while (isset($moving[$next]) && $moving[$next][1] <= $from) {
                $next++;
            }
            $rests = ! isset($moving[$next]) || $moving[$next][0] >= $to;
            if ($rests && $to - $from > ($longest?->length() ?? 0)) {
                $longest = new self($from, $to);
            }
        }

        return $longest;
    }
}
