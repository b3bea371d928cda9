<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Playing;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\Fraction;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Time\FrameRate;

/**
 * How a clip goes on in time from frame $from of its own at the layer's in point: after k frames of the composition, frame
 * ⌊from + k · step⌋ of it is asked for, in exact fractions.
 */
final readonly class Pace
{
    /** How far from a clip's first frame it can be asked for. */
    public const FARTHEST = 100_000_000;

    /** Per cent; backwards below nought. */
    public const FASTEST = 10_000;

    /** More frames than anything asks for. */
    public const ANY = 1_000_000_000;

    /**
     * @param  Fraction  $from  in the clip's frames: a composition of another rate cuts within them
     * @param  Fraction  $speed  in per cent of its own; below nought it goes backwards, at nought it stands still
     */
    public function __construct(
        public Fraction $from = new Fraction(0),
        public Fraction $speed = new Fraction(100),
        public Beyond $beyond = Beyond::Hold,
    ) {
    }

    /** @param  Node  $layer with the optional fields from, speed and beyond */
    public static function read(Node $layer): self
    {
        return new self(
            self::fraction($layer->optional('from'), self::FARTHEST) ?? new Fraction(0),
            self::fraction($layer->optional('speed'), self::FASTEST) ?? new Fraction(100),
            $layer->optional('beyond')?->enum(Beyond::class) ?? Beyond::Hold,
        );
    }

    /**
     * @param  ?Node  $node a whole number, or text such as "5/12"
     *
     * @throws Refusal for what is no fraction, or too large a one
     */
    public static function fraction(?Node $node, int $most): ?Fraction
    {
        if ($node === null || ! is_string($node->value)) {
            return $node === null ? null : new Fraction($node->int(-$most, $most));
        }
        try {
            $fraction = Fraction::parse($node->value);
        } catch (Refusal $refusal) {
            $node->refuse($refusal->getMessage());
        }

        return abs($fraction->toFloat()) <= $most ? $fraction : $node->refuse("\"{$node->value}\" is outside -$most..$most");
    }

    /** @return array<string, mixed> what differs from a clip that plays on */
    public function toJson(): array
    {
        return [
            'from' => $this->from->toJson(),
            ...($this->isOwn() ? [] : ['speed' => $this->speed->toJson()]),
            ...($this->beyond === Beyond::Hold ? [] : ['beyond' => $this->beyond->value]),
        ];
    }

    /** @return array<string, array<string, mixed>> JSON Schema by field */
    public static function schema(): array
    {
        $fraction = fn (int $most): array => ['anyOf' => [
            ['type' => 'integer', 'minimum' => -$most, 'maximum' => $most],
            ['type' => 'string', 'pattern' => '^-?[0-9]{1,18}/[1-9][0-9]{0,11}$'],
        ]];

        return [
            'from' => [
                'description' => 'the frame of the clip at the layer\'s in point; a fraction where it begins within a frame',
            ] + $fraction(self::FARTHEST),
            'speed' => [
                'description' => 'in per cent; below nought it goes backwards, at nought it stands still',
            ] + $fraction(self::FASTEST),
            'beyond' => ['enum' => array_column(Beyond::cases(), 'value')],
        ];
    }

    public function isOwn(): bool
    {
        return $this->speed->toJson() === 100;
    }

    /** How many frames of the clip go by in one of the composition. */
    public function step(FrameRate $clip, FrameRate $composition): Fraction
    {
        $own = $clip->per($composition);

        return $this->isOwn() ? $own : $own->times($this->speed)->dividedBy(new Fraction(100));
    }

    public function with(?Fraction $from = null, ?Fraction $speed = null, ?Beyond $beyond = null): self
    {
        return new self($from ?? $this->from, $speed ?? $this->speed, $beyond ?? $this->beyond);
    }

    /** A copy for an in point that is $frames frames of the composition later, so that each frame shows what it did. */
    public function later(int $frames, FrameRate $clip, FrameRate $composition): self
    {
        return $this->with(from: $this->from->plus($this->step($clip, $composition)->times(new Fraction($frames))));
    }

    /** How many frames earlier the in point may come before the clip would have to be there before its beginning (its end, backwards). */
    public function room(int $frames, FrameRate $clip, FrameRate $composition): int
    {
        $step = $this->step($clip, $composition);
        if ($step->numerator === 0 || $this->beyond->goesOn()) {
            return self::ANY;
        }
        $earlier = $step->numerator > 0
            ? $this->from->dividedBy($step)->floor()
            // The last frame is asked for up to, and not at, the clip's end.
            : -(new Fraction($frames))->plus($this->from->negative())->dividedBy($step)->floor() - 1;

        return max(0, $earlier);
    }

    /** How many frames of the composition it takes from its beginning to the clip's end, to the nearest; null where it has none. */
    public function lasts(int $frames, FrameRate $clip, FrameRate $composition): ?int
    {
        $step = $this->step($clip, $composition);
        if ($step->numerator === 0 || $this->beyond->goesOn()) {
            return null;
        }
        $left = $step->numerator > 0
            ? (new Fraction($frames))->plus($this->from->negative())
            : $this->from->plus(new Fraction(1))->negative();

        return max(1, $left->dividedBy($step)->plus(new Fraction(1, 2))->floor());
    }

    /** A copy that plays a stretch of $length frames of the composition from its end to its beginning. */
    public function reversed(int $length, FrameRate $clip, FrameRate $composition): self
    {
        return $this->later($length - 1, $clip, $composition)->with(speed: $this->speed->negative());
    }

    /**
     * The frames of a layer on which the clip is asked for what it does not have.
     *
     * @return list<FrameRange> none, one, or one at either end
     */
    public function missing(FrameRange $span, int $frames, FrameRate $clip, FrameRate $composition): array
    {
        $step = $this->step($clip, $composition);
        if ($step->numerator === 0 || $this->beyond->goesOn()) {
            return [];
        }
        // The first k with ⌊from + k · step⌋ on the far side of a bound.
        $reaching = fn (int $bound): int => -(new Fraction($bound))->plus($this->from->negative())->negative()->dividedBy($step)->floor();
        $passing = fn (int $bound): int => (new Fraction($bound))->plus($this->from->negative())->dividedBy($step)->floor() + 1;
        [$first, $beyond] = $step->numerator > 0 ? [$reaching(0), $reaching($frames)] : [$passing($frames), $passing(0)];
        $within = fn (int $k): int => max(0, min($span->length(), $k));
        $gaps = [[$span->in, $span->in + $within($first)], [$span->in + $within($beyond), $span->out]];

        return array_values(array_map(
            fn (array $gap): FrameRange => new FrameRange(...$gap),
            array_filter($gaps, fn (array $gap): bool => $gap[1] > $gap[0]),
        ));
    }
}
