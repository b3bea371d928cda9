<?php

declare(strict_types=1);

namespace Ricamo\Core\Cascade;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;
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

    private readonly float $opacity;

    private readonly float $blur;

    private readonly float $gather;

    private readonly float $weight;

    private readonly float $scatterTurn;

    private readonly float $scatterScale;

    private readonly Colour $tint;

    /** @var array<int, float> how many frames after the whole each unit that has been asked for begins */
    private array $begun = [];

    /** @var array<int, array{float, float, float, float, float, float, float}> where each is at the farthest */
    private array $farthest = [];

    /** @var array<int, UnitChange> what each is there */
    private array $waiting = [];

    public function __construct(private readonly Running $running, private readonly UnitSet $units, FrameRange $span)
    {
        $cascade = $running->cascade;
        $this->timing = Timing::of($cascade, $span, count($units->boxes), $running->returns);
        $turns = $cascade->order->turns(array_map(fn ($box): Point => $box->centre(), $units->boxes), $cascade->seed);
        // Backwards in time the last that came is the first that goes.
        $this->turns = $running->returns && $running->sameOrder ? array_map(fn (float $turn): float => 1 - $turn, $turns) : $turns;
        $from = $running->from;
        [$this->position, $this->scale, $this->pivot, $this->scatter] = array_map(
            $from->point(...), ['position', 'scale', 'pivot', 'scatter'],
        );
        [
            $this->turn, $this->opacity, $this->blur, $this->gather, $this->weight,
        ] = array_map($from->number(...), ['turn', 'opacity', 'blur', 'gather', 'weight']);
        [$this->scatterTurn, $this->scatterScale] = array_map($from->number(...), ['scatterTurn', 'scatterScale']);
        $this->tint = $from->colour('tint');
    }

    /** @return ?UnitChange null where the unit rests */
    public function of(int $unit, int|float $at): ?UnitChange
    {
        $away = $this->timing->away($this->begun[$unit] ??= $this->timing->begun($this->turns[$unit]), $at);
        if ($away === 0.0) {
            return null;
        }
        $shuffles = $this->running->cascade->shuffles;
        // As long as it has not begun it is as it was before.
        if ($away === 1.0 && ! $shuffles) {
            return $this->waiting[$unit] ??= $this->changed($unit, 1.0, null);
        }

        return $this->changed(
            $unit,
            $away,
            $shuffles ? Dice::below(1 << 20, $this->running->cascade->seed + (int) floor($at / self::SHUFFLE), $unit, 'shuffle') : null,
        );
    }

    private function changed(int $unit, float $away, ?int $shows): UnitChange
    {
        [$pivotX, $pivotY, $x, $y, $scaleX, $scaleY, $turn] = $this->farthest[$unit] ??= $this->farthest($unit);

        return new UnitChange(
            Affine::placing(
                $pivotX + $x * $away,
                $pivotY + $y * $away,
                $pivotX,
                $pivotY,
                1 + ($scaleX - 1) * $away,
                1 + ($scaleY - 1) * $away,
                $turn * $away,
            ),
            max(0.0, min(1.0, 1 + ($this->opacity / 100 - 1) * $away)),
            max(0.0, $this->blur * $away),
            $this->tint->alpha === 0 ? null : $this->tint->faded(max(0.0, min(1.0, $away))),
            $shows,
            $this->weight * $away,
        );
    }

    /**
     * @return array{float, float, float, float, float, float, float} about which point a unit is turned and scaled, and by how
     *     much it is moved, scaled and turned where it is all the way away
     */
    private function farthest(int $unit): array
    {
        $seed = $this->running->cascade->seed;
        $box = $this->units->boxes[$unit];
        $gather = $this->gather / 100;
        $middle = $this->units->middles[$unit];
        $x = $this->position->x + ($middle->x - $box->centre()->x) * $gather;
        $y = $this->position->y + ($middle->y - $box->centre()->y) * $gather;
        [$scaleX, $scaleY, $turn] = [$this->scale->x / 100, $this->scale->y / 100, $this->turn];
        if ($this->scatter->x !== 0.0 || $this->scatter->y !== 0.0) {
            $x += $this->scatter->x * Dice::thrown($seed, $unit, 'x');
            $y += $this->scatter->y * Dice::thrown($seed, $unit, 'y');
        }
        if ($this->scatterTurn !== 0.0) {
            $turn += $this->scatterTurn * Dice::thrown($seed, $unit, 'turn');
        }
        if ($this->scatterScale !== 0.0) {
            $by = 1 + $this->scatterScale / 100 * Dice::thrown($seed, $unit, 'scale');
            [$scaleX, $scaleY] = [$scaleX * $by, $scaleY * $by];
        }

        return [
            $box->left + $this->pivot->x / 100 * $box->width(),
            $box->top + $this->pivot->y / 100 * $box->height(),
            $x,
            $y,
            $scaleX,
            $scaleY,
            $turn,
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
