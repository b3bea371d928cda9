<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Closure;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\MaskMode;
use Ricamo\Core\Display\MaskPart;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Layout\Fitting;
use Ricamo\Core\Line\LineEnds;
use Ricamo\Core\Line\OutlineSide;
use Ricamo\Core\Line\PlacedOutline;
use Ricamo\Core\Paint\Painted;
use Ricamo\Core\Paint\Shown;
use Ricamo\Core\Property\AttachedSettings;

/** The outlines and fills that a layer has more of, each over all of its letters or forms before the next. */
final class Coats
{
    /** @var array<string, array{PlacedOutline, Coat}> the first of them outermost, or uppermost */
    private array $coats = [];

    /** @var array<string, list<Operation>> what is drawn of each so far */
    private array $drawn = [];

    /**
     * @param  Box  $box  of what is painted, in the layer's own space
     * @param  Closure(Shown, Affine, Box, Fitting): list<Operation>  $pictures  what is to be seen of pictures that are paint
     *     or set by a brush
     * @param  float  $unit  pixels that one unit of the outlines is
     */
    public function __construct(
        Layer $layer,
        int|float $at,
        Box $box,
        private readonly Closure $pictures,
        LineEnds $ends = new LineEnds,
        float $unit = 1.0,
    ) {
        foreach ($layer->attached->outlines as $one) {
            $values = new Values(AttachedSettings::values($one, $layer, $at));
            $paint = $one->on ? Paints::of(Painted::more($one->id), $layer, $at, $box) : null;
            $width = max(0, $values->number('width')) / $unit;
            $opacity = $values->number('opacity') / 100;
            if ($paint !== null && $opacity > 0 && ($width > 0 || $one->side->isFill())) {
                $pen = $width > 0
                    ? new LineArtist(
                        $layer, $at, $one->side === OutlineSide::Centre ? $width : 2 * $width, $one->join, $ends, $unit, $pictures,
                    )
                    : null;
                $shift = $values->point('shift');
                $this->coats[$one->id] = [$one, new Coat($paint, $opacity, Affine::translation($shift->x, $shift->y), $pen)];
            }
        }
    }

    /**
     * Draws all of them for one outline.
     *
     * @param  Affine  $own  from the outline's space to the layer's
     * @param  Affine  $moved  from the layer's space to the pixels that are drawn
     * @param  (callable(Operation): Operation)|null  $changed  what else becomes of it
     */
    public function add(Outline $outline, Affine $own, Affine $moved, ?callable $changed = null): void
    {
        foreach ($this->coats as $id => [$one, $coat]) {
            $drawn = self::cut(
                $one->side, $outline, $moved->after($coat->shift)->after($own), $coat->draw($one->side, $outline, $own, $moved),
            );
            $this->drawn[$id] = [...$this->drawn[$id] ?? [], ...($changed === null ? $drawn : array_map($changed, $drawn))];
        }
    }

    /**
     * @param  Affine  $matrix  from the layer's own pixels to those that are drawn
     * @return list<Operation> those beneath the layer's own fill and outline
     */
    public function beneath(Affine $matrix): array
    {
        return $this->all($matrix, false);
    }

    /** @return list<Operation> */
    public function over(Affine $matrix): array
    {
        return $this->all($matrix, true);
    }

    /** @return list<Operation> */
    private function all(Affine $matrix, bool $over): array
    {
        $all = [];
        foreach ($this->coats as $id => [$one, $coat]) {
            if ($one->side->isOver() === $over) {
                array_push($all, ...$coat->painted($this->drawn[$id] ?? [], $matrix, $this->pictures));
            }
        }

        return $all;
    }

    /**
     * What lies on the other side of the edge is cut off, so that nothing shows through what is not opaque.
     *
     * @param  list<Operation>  $drawn
     * @return list<Operation>
     */
    private static function cut(OutlineSide $side, Outline $outline, Affine $placed, array $drawn): array
    {
        if ($drawn === [] || $side->isFill() || $side === OutlineSide::Centre) {
            return $drawn;
        }
        $form = new Fill($outline, $placed, new Colour(255, 255, 255));

        return [new Group($drawn, masks: [new MaskPart([$form], $side === OutlineSide::Inside ? MaskMode::Add : MaskMode::Subtract)])];
    }
}
