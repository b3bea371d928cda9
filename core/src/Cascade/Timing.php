<?php

declare(strict_types=1);

namespace Ricamo\Core\Cascade;

use Ricamo\Core\Animation\Easing\Easing;
use Ricamo\Core\Time\FrameRange;

/**
 * When the units of a cascade are how far from rest. With n units, each of which takes d frames of which a share o is
 * overlapped by the next, it takes T = d · (1 + (n − 1)(1 − o)).
 */
final readonly class Timing
{
    /** How far from rest a unit is before it begins, and once its time is over. */
    private float $before;

    private float $after;

    /**
     * @param  float  $each  frames that one unit takes
     * @param  bool  $returns  whether it runs backwards in time, as a mirrored arrival does
     */
    private function __construct(
        private Role $role,
        private float $begins,
        private float $length,
        private float $each,
        private Easing $easing,
        private Easing $spread,
        private bool $returns,
    ) {
        [$this->before, $this->after] = [$this->eased(0.0), $this->eased(1.0)];
    }

    public static function of(PlacedCascade $cascade, FrameRange $span, int $units, bool $returns = false): self
    {
        return new self(
            $returns ? Role::Leave : $cascade->role, self::begins($cascade, $span, $returns), $cascade->length,
            self::each($cascade->length, $cascade->overlap / 100, $units), $cascade->easing, $cascade->spread, $returns,
        );
    }

    /** Frames that one of so many units takes, when all take so many, and they overlap by a share. */
    public static function each(int|float $length, float $overlap, int $units): float
    {
        return $length / (1 + max(0, $units - 1) * (1 - $overlap));
    }

    /** Frames that so many units take together, when each takes so many. */
    public static function whole(int|float $each, float $overlap, int $units): float
    {
        return $each * (1 + max(0, $units - 1) * (1 - $overlap));
    }

    /** The moment from which it runs. One that leaves has gone on the last visible frame. */
    public static function begins(PlacedCascade $cascade, FrameRange $span, bool $returns = false): float
    {
        return $cascade->role === Role::Leave || $returns ? $span->last() - $cascade->at - $cascade->length : $span->in + $cascade->at;
    }

    /** Whether it changes anything at a moment. */
    public static function isOn(PlacedCascade $cascade, FrameRange $span, int|float $at, bool $returns = false): bool
    {
        $passed = $at - self::begins($cascade, $span, $returns);

        return match ($returns ? Role::Leave : $cascade->role) {
            Role::Arrive => $passed < $cascade->length,
            Role::Leave => $passed > 0,
            Role::Accent => $passed > 0 && $passed < $cascade->length,
        };
    }

    /**
     * How many frames after the whole a unit begins.
     *
     * @param  float  $turn  0 for the first, 1 for the last
     */
    public function begun(float $turn): float
    {
        return $this->spread->at($turn) * ($this->length - $this->each);
    }

    /**
     * How far from rest a unit is at a moment: 1 where it comes from or goes to, 0 at rest; beyond both where its easing is.
     *
     * @param  float  $begun  how many frames after the whole it begins
     */
    public function away(float $begun, int|float $at): float
    {
        $passed = $at - $this->begins;
        $passed = $this->returns ? $this->length - $passed : $passed;
        $t = ($passed - $begun) / $this->each;
        if ($t <= 0 || $t >= 1) {
            return $t <= 0 ? $this->before : $this->after;
        }

        return $this->eased($t);
    }

    /**
     * How far a unit still is where it was thrown to: all the way for a share of its time next to where it comes from or goes to,
     * and only then as above.
     *
     * @param  float  $begun  how many frames after the whole it begins
     * @param  float  $share  0..1, less than 1
     */
    public function thrown(float $begun, int|float $at, float $share): float
    {
        $passed = $at - $this->begins;
        $passed = $this->returns ? $this->length - $passed : $passed;
        $t = ($passed - $begun) / $this->each;

        return $this->eased(max(0.0, min(1.0, match (true) {
            $this->role === Role::Accent => $t,
            $this->role === Role::Arrive || $this->returns => ($t - $share) / (1 - $share),
            default => $t / (1 - $share),
        })));
    }

    /** @param  float  $t  the share of a unit's time that has passed, within 0..1 */
    private function eased(float $t): float
    {
        return match (true) {
            $this->role === Role::Accent => $t <= 0 || $t >= 1 ? 0.0 : $this->easing->at($t < 0.5 ? 2 * $t : 2 - 2 * $t),
            $this->role === Role::Arrive || $this->returns => 1 - $this->easing->at($t),
            default => $this->easing->at($t),
        };
    }
}
