<?php

declare(strict_types=1);

namespace Ricamo\Core\Move;

use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Time\FrameRate;

/**
 * How a layer comes, and how it goes. On its first frame it is where it arrives from, and rests from `arrive.length`
 * frames later on; on its last frame it is where it leaves to. What lies between is the stay.
 */
final readonly class Life
{
    /**
     * @param  bool  $mirrors  whether it leaves as it arrives, backwards, and keeps doing so when the arrival changes
     * @param  list<PlacedAccent>  $accents  during the stay
     */
    public function __construct(
        public ?Phase $arrive = null,
        public ?Phase $leave = null,
        public bool $mirrors = false,
        public array $accents = [],
    ) {
    }

    /** @param  list<PlacedAccent>  $accents */
    public static function from(
        #[Field(ref: 'Phase')] ?Phase $arrive = null,
        #[Field(ref: 'Leaving')] ?Node $leave = null,
        #[Field(longest: PlacedAccent::MOST, of: PlacedAccent::class, ref: 'Accent')] array $accents = [],
    ): self {
        $mirrors = $leave?->has('mirror') === true && $leave->field('mirror')->bool();

        return new self($arrive, $leave === null || $mirrors ? null : Phase::read($leave), $mirrors, $accents);
    }

    /** @return array<string, mixed> the fields of a layer that it is written in */
    public function toJson(): array
    {
        return [
            ...($this->arrive === null ? [] : ['arrive' => $this->arrive->toJson()]),
            ...($this->mirrors ? ['leave' => ['mirror' => true]] : ($this->leave === null ? [] : ['leave' => $this->leave->toJson()])),
            ...($this->accents === [] ? [] : ['accents' => array_map(fn (PlacedAccent $one): array => $one->toJson(), $this->accents)]),
        ];
    }

    public function isPlain(): bool
    {
        return $this->arrive === null && $this->leave === null && $this->accents === [];
    }

    /** Whether any of what it does leads out of the picture's plane. */
    public function leavesPlane(): bool
    {
        foreach ([...($this->arrive->moves ?? []), ...($this->leaving()->moves ?? [])] as $chosen) {
            if ($chosen->move->leavesPlane()) {
                return true;
            }
        }
        foreach ($this->accents as $placed) {
            if ($placed->accent->leavesPlane()) {
                return true;
            }
        }

        return false;
    }

    /** As it really leaves. */
    public function leaving(): ?Phase
    {
        return $this->mirrors ? $this->arrive?->mirrored()->with(begun: 0) : $this->leave;
    }

    /** Whether anything is to be done at a moment, so that what rests costs nothing. */
    public function isAtRest(int|float $at, FrameRange $span): bool
    {
        return $this->isPlain()
            || $this->arrived($at, $span) === null
            && $this->left($at, $span) === null
            && $this->accentsOn($at, $span) === [];
    }

    /** What becomes of the pose at a moment. */
    public function change(int|float $at, FrameRange $span, Scenery $scenery): Change
    {
        $change = new Change;
        $arrived = $this->arrived($at, $span);
        if ($arrived !== null && $this->arrive !== null) {
            $change = $this->arrive->change($arrived, $scenery);
        }
        $left = $this->left($at, $span);
        $leaving = $this->leaving();

        $change = $left !== null && $leaving !== null ? $change->and($leaving->change($left, $scenery)) : $change;

        return array_reduce(
            $this->accentsOn($at, $span),
            fn (Change $all, PlacedAccent $one): Change => $all->and($one->change($at - $span->in, $scenery)),
            $change,
        );
    }

    /** How many times longer the lens of a camera is at a moment. */
    public function lens(int|float $at, FrameRange $span): float
    {
        [$arrived, $left] = [$this->arrived($at, $span), $this->left($at, $span)];

        return ($arrived === null ? 1.0 : $this->arrive?->lens($arrived) ?? 1.0)
            * ($left === null ? 1.0 : $this->leaving()?->lens($left) ?? 1.0)
            * array_product(array_map(fn (PlacedAccent $one): float => $one->lens($at - $span->in), $this->accentsOn($at, $span)));
    }

    /**
     * The first of what it does that is not for cameras, or only for them.
     *
     * @param  bool  $films  whether it is to be for cameras
     * @return ?string as the interface calls it; null where all of it is
     */
    public function unfit(bool $films): ?string
    {
        $all = [
            ...array_map(fn (ChosenMove $one): Move => $one->move, [...($this->arrive->moves ?? []), ...($this->leave->moves ?? [])]),
            ...array_map(fn (PlacedAccent $one): Accent => $one->accent, $this->accents),
        ];
        foreach ($all as $one) {
            if ($one->films() !== $films) {
                return $one->title();
            }
        }

        return null;
    }

    /** @return list<PlacedAccent> */
    private function accentsOn(int|float $at, FrameRange $span): array
    {
        return $this->accents === []
            ? []
            : array_values(array_filter($this->accents, fn (PlacedAccent $one): bool => $one->isOn($at - $span->in)));
    }

    /** @param  list<PlacedAccent>  $accents */
    public function withAccents(array $accents): self
    {
        return new self($this->arrive, $this->leave, $this->mirrors, $accents);
    }

    /** Where the in point goes by so many frames the other way, so that they stay on theirs. */
    public function accentsMovedBy(int $frames): self
    {
        return $frames === 0 || $this->accents === []
            ? $this
            : $this->withAccents(array_map(fn (PlacedAccent $one): PlacedAccent => $one->movedBy($frames), $this->accents));
    }

    public function arriving(?Phase $arrive): self
    {
        return new self($arrive, $this->leave, $this->mirrors, $this->accents);
    }

    public function leavingBy(?Phase $leave, bool $mirrors): self
    {
        return new self($this->arrive, $leave, $mirrors, $this->accents);
    }

    /** The share of arriving that is done, eased; null where it has arrived. */
    private function arrived(int|float $at, FrameRange $span): ?float
    {
        if ($this->arrive === null) {
            return null;
        }
        $t = ($at - $span->in + $this->arrive->begun) / $this->arrive->length;

        return $t >= 1 ? null : $this->arrive->easing->at(max(0.0, $t));
    }

    /** How much of it is still there, eased; null before it leaves. On the last visible frame it has gone. */
    private function left(int|float $at, FrameRange $span): ?float
    {
        $leaving = $this->leaving();
        if ($leaving === null) {
            return null;
        }
        $t = 1 - ($span->last() - $at + $leaving->begun) / $leaving->length;

        return $t <= 0 ? null : 1 - $leaving->easing->at(min(1.0, $t));
    }

    /** Of the part before a cut, which goes on for $beyond frames after its end. */
    public function before(int $beyond): self
    {
        $leaving = $this->leaving();

        return new self(
            $this->arrive,
            $leaving !== null && $beyond < $leaving->length + $leaving->begun ? $leaving->with(begun: $leaving->begun + $beyond) : null,
            accents: $this->accents,
        );
    }

    /** Of the part after a cut, $begun frames after the beginning. */
    public function after(int $begun): self
    {
        $arrive = $this->arrive;

        return new self(
            $arrive !== null && $begun < $arrive->length - $arrive->begun ? $arrive->with(begun: $arrive->begun + $begun) : null,
            $this->leaving(),
            accents: array_map(fn (PlacedAccent $one): PlacedAccent => $one->movedBy(-$begun), $this->accents),
        );
    }

    public function inRate(FrameRate $from, FrameRate $to): self
    {
        return new self(
            $this->arrive?->inRate($from, $to),
            $this->leave?->inRate($from, $to),
            $this->mirrors,
            array_map(fn (PlacedAccent $one): PlacedAccent => $one->inRate($from, $to), $this->accents),
        );
    }
}
