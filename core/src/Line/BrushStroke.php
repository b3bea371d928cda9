<?php

declare(strict_types=1);

namespace Ricamo\Core\Line;

use Closure;
use Ricamo\Core\Cascade\Dice;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Corners;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Layout\Fitting;
use Ricamo\Core\Paint\Shown;
use Ricamo\Core\Path\Along;

/** What a brush leaves along lines: the same for the same seed, and growing behind where the line is drawn to. */
final class BrushStroke
{
    /** The most that one line has; more of them are set wider apart. */
    public const MOST = 5000;

    /** So many marks that are alike and grown are one outline, which is the same on every frame. */
    private const SHEAF = 48;

    private const KEPT = 600;

    /** @var array<string, Outline> */
    private static array $sheaves = [];

    /** @var array<array-key, Outline> */
    private array $outlines = [];

    private readonly string $key;

    private readonly ?Outline $mark;

    /**
     * @param  float  $width  of the line, in the units of the outline
     * @param  (Closure(Shown, Affine, Box, Fitting): list<Operation>)|null  $pictures  what is to be seen of a picture
     */
    public function __construct(
        private readonly PlacedBrush $brush,
        private readonly Values $values,
        private readonly float $width,
        private readonly Widths $widths,
        private readonly ?Closure $pictures = null,
    ) {
        $this->mark = $brush->outline();
        $this->key = $brush->form->value." $width ".implode(
            ' ', array_map($values->number(...), ['size', 'spacing', 'phase', 'scatter', 'scatterTurn', 'scatterSize', 'seed']),
        );
    }

    /**
     * @param  LineStyle  $style  how much of it is drawn
     * @param  string  $outline  the key of the outline that is measured
     * @param  Affine  $matrix  from the outline's space to the pixels that are drawn
     * @param  callable(Affine): (Colour|Gradient|Corners)  $paint  in the space that a matrix leads to the outline's from
     * @return list<Operation>
     */
    public function along(Measured $measured, LineStyle $style, string $outline, Affine $matrix, callable $paint): array
    {
        $operations = [];
        $drawn = $style->isWhole()
            ? array_map(
                fn (int $number, float $length): array => [$number, 0.0, $length], array_keys($measured->lengths), $measured->lengths,
            )
            : $style->drawn($measured->lengths, $measured->closed);
        foreach ($drawn as [$number, $from, $to]) {
            array_push(
                $operations,
                ...$this->between($measured->lines[$number], "$outline $number", $from, $to, $style->isWhole(), $matrix, $paint),
            );
        }

        return $operations;
    }

    /**
     * @param  callable(Affine): (Colour|Gradient|Corners)  $paint
     * @return list<Operation>
     */
    private function between(Along $line, string $key, float $from, float $to, bool $isWhole, Affine $matrix, callable $paint): array
    {
        $size = $this->values->number('size') / 100 * $this->width;
        if ($line->length <= 0 || $size <= 0) {
            return [];
        }
        $step = max($this->values->number('spacing') / 100 * $size, $line->length / self::MOST);
        $grow = $isWhole ? 0.0 : $this->values->number('grow') / 100 * $line->length;
        $phase = fmod($this->values->number('phase') / 100 * $step, $step);
        $phase = $phase < 0 ? $phase + $step : $phase;
        // Numbered along the whole line, so that none changes while more of it is drawn.
        $first = (int) ceil(($from - $phase) / $step - 1e-9);
        $last = (int) ceil(($to - $phase) / $step - 1e-9) - 1;
        $grown = min($last, (int) floor(($to - $grow - $phase) / $step + 1e-9));
        $operations = [];
        $plain = $this->isSheaved() ? $paint(new Affine) : null;
        $isOpaque = $plain instanceof Colour && $plain->alpha === 255;
        for ($number = $first; $number <= $last; $number++) {
            $end = $number + self::SHEAF - 1;
            if ($isOpaque && $number % self::SHEAF === 0 && $end <= $grown) {
                $operations[] = new Fill($this->sheaf($line, $key, $number, $end, $step, $phase, $size), $matrix, $plain);
                $number = $end;

                continue;
            }
            $at = $phase + $number * $step;
            $wide = $this->widths->at($at / $line->length, ($at - $from) / max(1e-9, $to - $from));
            $own = $this->place($line, $at, $number, $wide * ($grow > 0 ? $size * min(1.0, ($to - $at) / $grow) : $size));
            $opacity = $this->opacity($number);
            if ($own !== null && $opacity > 0 && $this->brush->media !== null) {
                array_push($operations, ...$this->pictured($this->brush->media, $matrix->after($own), $opacity));
            } elseif ($own !== null && $opacity > 0) {
                $painted = $this->softened($paint($own));
                $operations[] = new Fill(
                    $this->outline($number), $matrix->after($own), $opacity < 1 ? $painted->faded($opacity) : $painted,
                );
            }
        }

        return $operations;
    }

    /** @return list<Operation> a picture in the place of a mark */
    private function pictured(string $media, Affine $place, float $opacity): array
    {
        $seen = $this->pictures === null
            ? []
            : ($this->pictures)(Shown::media($media), $place, Box::centred(BrushForm::UNIT, BrushForm::UNIT), Fitting::Fit);

        return $opacity < 1 && $seen !== [] ? [count($seen) === 1 ? $seen[0]->faded($opacity) : new Group($seen, $opacity)] : $seen;
    }

    /** Whether marks may lie in one outline: all as large and as opaque, and none with a hole that another one would close or open. */
    private function isSheaved(): bool
    {
        return $this->widths->isEven()
            && $this->brush->form->opacity() >= 1
            && ! in_array($this->brush->form, [BrushForm::Rings, BrushForm::Own], true)
            && $this->values->number('scatterOpacity') <= 0;
    }

    private function sheaf(Along $line, string $of, int $first, int $last, float $step, float $phase, float $size): Outline
    {
        $key = "$this->key $of $first $last";
        if (! isset(self::$sheaves[$key])) {
            $paths = [];
            for ($number = $first; $number <= $last; $number++) {
                $own = $this->place($line, $phase + $number * $step, $number, $size);
                if ($own !== null) {
                    $paths[] = Path::parse($this->outline($number)->data)->transformed($own);
                }
            }
            self::$sheaves = count(self::$sheaves) < self::KEPT ? self::$sheaves : [];
            self::$sheaves[$key] = Outline::of(Path::joined($paths));
        }

        return self::$sheaves[$key];
    }

    /** From the space of a mark to the line's; null for one of no size. */
    private function place(Along $line, float $at, int $number, float $size): ?Affine
    {
        $seed = (int) $this->values->number('seed');
        $chance = fn (string $for): float => Dice::thrown($seed, $number, $for);
        [$sizes, $far, $turns] = [
            $this->values->number('scatterSize'),
            $this->values->number('scatter') / 100 * $this->width,
            $this->values->number('scatterTurn'),
        ];
        $size *= $sizes > 0 ? 1 + $sizes / 100 * $chance('size') : 1;
        if ($size <= 1e-6) {
            return null;
        }
        [$place, $heading] = $line->placed($at);
        $place = $far > 0 ? new Point($place->x + $far * $chance('x'), $place->y + $far * $chance('y')) : $place;
        $turn = Affine::rotation($heading + $this->brush->form->turn($number) + ($turns !== 0.0 ? $turns * $chance('turn') : 0.0));
        $scale = $size / BrushForm::UNIT;

        return new Affine($turn->a * $scale, $turn->b * $scale, $turn->c * $scale, $turn->d * $scale, $place->x, $place->y);
    }

    private function opacity(int $number): float
    {
        $scatter = $this->values->number('scatterOpacity');
        $own = $this->brush->form->opacity();

        return $scatter > 0
            ? $own * (1 - $scatter / 100 * (0.5 + 0.5 * Dice::thrown((int) $this->values->number('seed'), $number, 'opacity')))
            : $own;
    }

    /** Of an airbrush from its middle to nothing at its edge. */
    private function softened(Colour|Gradient|Corners $paint): Colour|Gradient|Corners
    {
        return $this->brush->form === BrushForm::Airbrush && $paint instanceof Colour
            ? new Gradient(
                Affine::scaling(BrushForm::UNIT / 2, BrushForm::UNIT / 2),
                [[0.0, $paint], [0.5, $paint->faded(0.4)], [1.0, $paint->faded(0)]],
                new Point(0, 0),
            )
            : $paint;
    }

    private function outline(int $number): Outline
    {
        if ($this->mark !== null) {
            return $this->mark;
        }
        $seed = (int) $this->values->number('seed');
        $key = match ($this->brush->form) {
            BrushForm::Chalk => (string) Dice::below(BrushForm::VARIANTS, $seed, $number, 'speck'),
            BrushForm::Leaves => (string) ($number % 2),
            default => '',
        };

        return $this->outlines[$key] ??= $this->brush->form->outline($number, $seed);
    }
}
