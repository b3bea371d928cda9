<?php

namespace Ricamo\Core\Line;

use Ricamo\Core\Cascade\Dice;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Corners;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Path\Along;

/** What a brush leaves along lines: the same for the same seed, and growing behind where the line is drawn to. */
final class BrushStroke
{
    /** The most that one line has; more of them are set wider apart. */
    public const MOST = 5000;

    /** @var array<array-key, Outline> */
    private array $outlines = [];

    /** @param  float  $width  of the line, in the units of the outline */
    public function __construct(private readonly PlacedBrush $brush, private readonly Values $values, private readonly float $width)
    {
    }

    /**
     * @param  LineStyle  $style  how much of it is drawn
     * @param  Affine  $matrix  from the outline's space to the pixels that are drawn
     * @param  callable(Affine): (Colour|Gradient|Corners)  $paint  in the space that a matrix leads to the outline's from
     * @return list<Operation>
     */
    public function along(Measured $measured, LineStyle $style, Affine $matrix, callable $paint): array
    {
        $operations = [];
        $drawn = $style->isWhole()
            ? array_map(fn (int $number, float $length): array => [$number, 0.0, $length], array_keys($measured->lengths), $measured->lengths)
            : $style->drawn($measured->lengths, $measured->closed);
        foreach ($drawn as [$number, $from, $to]) {
            array_push($operations, ...$this->between($measured->lines[$number], $from, $to, $style->isWhole(), $matrix, $paint));
        }

        return $operations;
    }

    /**
     * @param  callable(Affine): (Colour|Gradient|Corners)  $paint
     * @return list<Operation>
     */
    private function between(Along $line, float $from, float $to, bool $isWhole, Affine $matrix, callable $paint): array
    {
        $size = $this->values->number('size') / 100 * $this->width;
        if ($line->length <= 0 || $size <= 0) {
            return [];
        }
        $step = max($this->values->number('spacing') / 100 * $size, $line->length / self::MOST);
        $grow = $this->values->number('grow') / 100 * $line->length;
        $phase = fmod($this->values->number('phase') / 100 * $step, $step);
        $phase = $phase < 0 ? $phase + $step : $phase;
        $operations = [];
        // Numbered along the whole line, so that none changes while more of it is drawn.
        for ($number = (int) ceil(($from - $phase) / $step - 1e-9); ($at = $phase + $number * $step) < $to - 1e-9 || ($at < $to + 1e-9 && $number === 0); $number++) {
            $grown = $isWhole || $grow <= 0 ? 1.0 : min(1.0, ($to - $at) / $grow);
            $one = $this->one($line, $at, $number, $size * $grown, $matrix, $paint);
            if ($one !== null) {
                $operations[] = $one;
            }
        }

        return $operations;
    }

    /** @param  callable(Affine): (Colour|Gradient|Corners)  $paint */
    private function one(Along $line, float $at, int $number, float $size, Affine $matrix, callable $paint): ?Operation
    {
        $seed = (int) $this->values->number('seed');
        $chance = fn (string $for): float => Dice::thrown($seed, $number, $for);
        $size *= 1 + $this->values->number('scatterSize') / 100 * $chance('size');
        if ($size <= 1e-6) {
            return null;
        }
        $far = $this->values->number('scatter') / 100 * $this->width;
        $place = $line->at($at);
        $place = $far > 0 ? new Point($place->x + $far * $chance('x'), $place->y + $far * $chance('y')) : $place;
        $turn = $line->heading($at) + $this->brush->form->turn($number) + $this->values->number('scatterTurn') * $chance('turn');
        $own = Affine::translation($place->x, $place->y)->after(Affine::rotation($turn))->after(Affine::scaling($size / BrushForm::UNIT, $size / BrushForm::UNIT));
        $opacity = $this->brush->form->opacity() * (1 - $this->values->number('scatterOpacity') / 100 * (0.5 + 0.5 * $chance('opacity')));
        if ($opacity <= 0) {
            return null;
        }
        $painted = $paint($own);
        if ($this->brush->form === BrushForm::Airbrush && $painted instanceof Colour) {
            // From its middle to nothing at its edge.
            $painted = new Gradient(Affine::scaling(BrushForm::UNIT / 2, BrushForm::UNIT / 2), [[0.0, $painted], [0.5, $painted->faded(0.4)], [1.0, $painted->faded(0)]], new Point(0, 0));
        }

        return new Fill($this->outline($number, $seed), $matrix->after($own), $opacity < 1 ? $painted->faded($opacity) : $painted);
    }

    private function outline(int $number, int $seed): Outline
    {
        $key = match ($this->brush->form) {
            BrushForm::Chalk => (string) Dice::below(BrushForm::VARIANTS, $seed, $number, 'speck'),
            BrushForm::Leaves => (string) ($number % 2),
            default => '',
        };

        return $this->outlines[$key] ??= $this->brush->form->outline($number, $seed);
    }
}
