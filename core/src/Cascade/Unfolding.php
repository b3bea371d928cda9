<?php

declare(strict_types=1);

namespace Ricamo\Core\Cascade;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Time\FrameRange;

/** What one cascade makes of each of its units. */
final class Unfolding
{
    /** For so many frames a letter that is shuffled is the same. */
    private const SHUFFLE = 2;

    private readonly Timing $timing;

    /** @var list<float> */
    private readonly array $turns;

    private readonly Point $position;

    private readonly Point $scale;

    private readonly Point $pivot;

    private readonly Point $scatter;

    private readonly float $turn;

    private readonly float $z;

    private readonly float $tiltX;

    private readonly float $tiltY;

    private readonly float $opacity;

    private readonly float $blur;

    private readonly float $gather;

    private readonly float $weight;

    private readonly float $scatterTurn;

    private readonly float $scatterScale;

    private readonly float $scatterTilt;

    /** The share of a unit's time that it stays thrown. */
    private readonly float $settles;

    private readonly bool $leavesPlane;

    private readonly Colour $tint;

    /** @var array<int, float> how many frames after the whole each unit that has been asked for begins */
    private array $begun = [];

    /** @var array<int, array{x: float, y: float, turn: float, scale: float, tiltX: float, tiltY: float}> how each is thrown */
    private array $thrown = [];

    /** @var array<int, array{Point, float, float}> about which point each is turned, and how far it is moved at the farthest */
    private array $moved = [];

    /** @var array<int, UnitChange> what each is there */
    private array $waiting = [];

    public function __construct(private readonly Running $running, private readonly UnitSet $units, FrameRange $span)
    {
        $cascade = $running->cascade;
        $this->timing = Timing::of($cascade, $span, count($units->boxes), $running->returns);
        $turns = $cascade->order->turns(
            array_map(fn ($box): Point => $box->centre(), $units->boxes), $cascade->seed,
            $running->from->point('origin')->times(0.01),
        );
        // Backwards in time the last that came is the first that goes.
        $this->turns = $running->returns && $running->sameOrder ? array_map(fn (float $turn): float => 1 - $turn, $turns) : $turns;
        $from = $running->from;
        [$this->position, $this->scale, $this->pivot, $this->scatter] = array_map(
            $from->point(...), ['position', 'scale', 'pivot', 'scatter'],
        );
        [
            $this->turn, $this->opacity, $this->blur, $this->gather, $this->weight,
        ] = array_map($from->number(...), ['turn', 'opacity', 'blur', 'gather', 'weight']);
        [$this->z, $this->tiltX, $this->tiltY] = array_map($from->number(...), ['z', 'tiltX', 'tiltY']);
        [$this->scatterTurn, $this->scatterScale, $this->scatterTilt] = array_map(
            $from->number(...), ['scatterTurn', 'scatterScale', 'scatterTilt'],
        );
        $this->settles = $cascade->settles / 100;
        $this->leavesPlane = $running->leavesPlane();
        $this->tint = $from->colour('tint');
    }

    /** @return ?UnitChange null where the unit rests */
    public function of(int $unit, int|float $at): ?UnitChange
    {
        $begun = $this->begun[$unit] ??= $this->timing->begun($this->turns[$unit]);
        $away = $this->timing->away($begun, $at);
        $thrown = $this->settles > 0 ? $this->timing->thrown($begun, $at, $this->settles) : $away;
        if ($away === 0.0 && $thrown === 0.0) {
            return null;
        }
        $shuffles = $this->running->cascade->shuffles;
        // As long as it has not begun it is as it was before.
        if ($away === 1.0 && $thrown === 1.0 && ! $shuffles) {
            return $this->waiting[$unit] ??= $this->changed($unit, 1.0, 1.0, null);
        }

        return $this->changed(
            $unit,
            $away,
            $thrown,
            $shuffles ? Dice::below(1 << 20, $this->running->cascade->seed + (int) floor($at / self::SHUFFLE), $unit, 'shuffle') : null,
        );
    }

    /**
     * @param  float  $away  how far it is from rest, 1 for all the way
     * @param  float  $thrown  how far it still is where it was thrown to
     */
    private function changed(int $unit, float $away, float $thrown, ?int $shows): UnitChange
    {
        [$pivot, $x, $y] = $this->moved[$unit] ??= $this->moved($unit);
        $dice = $this->thrown[$unit] ??= $this->dice($unit);
        $place = new Point($pivot->x + $x * $away + $dice['x'] * $thrown, $pivot->y + $y * $away + $dice['y'] * $thrown);
        $scale = fn (float $to): float => 1 + ($to / 100 - 1) * $away + $to / 100 * ($dice['scale'] - 1) * $thrown;

        return new UnitChange(
            Affine::placing(
                $place->x,
                $place->y,
                $pivot->x,
                $pivot->y,
                $scale($this->scale->x),
                $scale($this->scale->y),
                $this->turn * $away + $dice['turn'] * $thrown,
            ),
            max(0.0, min(1.0, 1 + ($this->opacity / 100 - 1) * $away)),
            max(0.0, $this->blur * $away),
            $this->tint->alpha === 0 ? null : $this->tint->faded(max(0.0, min(1.0, $away))),
            $shows,
            $this->weight * $away,
            $this->leavesPlane ? Space::tilted(
                $place,
                $this->z * $away,
                $this->tiltX * $away + $dice['tiltX'] * $thrown,
                $this->tiltY * $away + $dice['tiltY'] * $thrown,
            ) : null,
        );
    }

    /**
     * @return array{Point, float, float} about which point a unit is turned, tilted and scaled, and by how much it is moved where it is
     *     all the way away, besides where it is thrown to
     */
    private function moved(int $unit): array
    {
        $box = $this->units->boxes[$unit];
        $gather = $this->gather / 100;
        $middle = $this->units->middles[$unit];

        return [
            new Point($box->left + $this->pivot->x / 100 * $box->width(), $box->top + $this->pivot->y / 100 * $box->height()),
            $this->position->x + ($middle->x - $box->centre()->x) * $gather,
            $this->position->y + ($middle->y - $box->centre()->y) * $gather,
        ];
    }

    /** @return array{x: float, y: float, turn: float, scale: float, tiltX: float, tiltY: float} */
    private function dice(int $unit): array
    {
        $seed = $this->running->cascade->seed;
        $thrown = fn (float $by, string $for): float => $by === 0.0 ? 0.0 : $by * Dice::thrown($seed, $unit, $for);

        return [
            'x' => $thrown($this->scatter->x, 'x'),
            'y' => $thrown($this->scatter->y, 'y'),
            'turn' => $thrown($this->scatterTurn, 'turn'),
            'scale' => 1 + $thrown($this->scatterScale / 100, 'scale'),
            'tiltX' => $thrown($this->scatterTilt, 'tiltX'),
            'tiltY' => $thrown($this->scatterTilt, 'tiltY'),
        ];
    }

    /** The unit behind which the caret stands: the last that has begun to come; null where it has none, or before the first. */
    public function caretAfter(int|float $at): ?int
    {
        $last = null;
        foreach ($this->turns as $unit => $turn) {
            if ($this->timing->away($this->timing->begun($turn), $at) < 1 && ($last === null || $turn > $this->turns[$last])) {
                $last = $unit;
            }
        }

        return $last;
    }

    public function hasCaret(): bool
    {
        return $this->running->cascade->caret;
    }
}
