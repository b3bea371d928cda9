<?php

namespace Ricamo\Core\Cascade;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Time\FrameRange;

/** What one cascade makes of each of its units. */
final readonly class Unfolding
{
    /** For so many frames a letter that is shuffled is the same. */
    private const SHUFFLE = 2;

    private Timing $timing;

    /** @var list<float> */
    private array $turns;

    private Point $position;

    private Point $scale;

    private Point $pivot;

    private Point $scatter;

    private float $turn;

    private float $opacity;

    private float $blur;

    private float $gather;

    private float $weight;

    private float $scatterTurn;

    private float $scatterScale;

    private Colour $tint;

    public function __construct(private Running $running, private UnitSet $units, FrameRange $span)
    {
        $cascade = $running->cascade;
        $this->timing = Timing::of($cascade, $span, count($units->boxes), $running->returns);
        $turns = $cascade->order->turns(array_map(fn ($box): Point => $box->centre(), $units->boxes), $cascade->seed);
        // Backwards in time the last that came is the first that goes.
        $this->turns = $running->returns && $running->sameOrder ? array_map(fn (float $turn): float => 1 - $turn, $turns) : $turns;
        $from = $running->from;
        [$this->position, $this->scale, $this->pivot, $this->scatter] = array_map($from->point(...), ['position', 'scale', 'pivot', 'scatter']);
        [$this->turn, $this->opacity, $this->blur, $this->gather, $this->weight] = array_map($from->number(...), ['turn', 'opacity', 'blur', 'gather', 'weight']);
        [$this->scatterTurn, $this->scatterScale] = array_map($from->number(...), ['scatterTurn', 'scatterScale']);
        $this->tint = $from->colour('tint');
    }

    /** @return ?UnitChange null where the unit rests */
    public function of(int $unit, int|float $at): ?UnitChange
    {
        $away = $this->timing->away($this->turns[$unit], $at);
        if ($away === 0.0) {
            return null;
        }
        $seed = $this->running->cascade->seed;
        $box = $this->units->boxes[$unit];
        $pivot = new Point($box->left + $this->pivot->x / 100 * $box->width(), $box->top + $this->pivot->y / 100 * $box->height());
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

        return new UnitChange(
            self::about($pivot, $x * $away, $y * $away, 1 + ($scaleX - 1) * $away, 1 + ($scaleY - 1) * $away, $turn * $away),
            max(0.0, min(1.0, 1 + ($this->opacity / 100 - 1) * $away)),
            max(0.0, $this->blur * $away),
            $this->tint->alpha === 0 ? null : $this->tint->faded(max(0.0, min(1.0, $away))),
            $this->running->cascade->shuffles ? Dice::below(1 << 20, $seed + (int) floor($at / self::SHUFFLE), $unit, 'shuffle') : null,
            $this->weight * $away,
        );
    }

    /** The unit behind which the caret stands: the last that has begun to come; null where it has none, or before the first. */
    public function caretAfter(int|float $at): ?int
    {
        $last = null;
        foreach ($this->turns as $unit => $turn) {
            if ($this->timing->away($turn, $at) < 1 && ($last === null || $turn > $this->turns[$last])) {
                $last = $unit;
            }
        }

        return $last;
    }

    public function hasCaret(): bool
    {
        return $this->running->cascade->caret;
    }

    /** Scaled, then turned about a point, then moved. */
    private static function about(Point $pivot, float $x, float $y, float $scaleX, float $scaleY, float $degrees): Affine
    {
        $turn = Affine::rotation($degrees);
        [$a, $b, $c, $d] = [$turn->a * $scaleX, $turn->b * $scaleX, $turn->c * $scaleY, $turn->d * $scaleY];

        return new Affine($a, $b, $c, $d, $pivot->x + $x - $a * $pivot->x - $c * $pivot->y, $pivot->y + $y - $b * $pivot->x - $d * $pivot->y);
    }
}
