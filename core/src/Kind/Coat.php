<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Closure;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Corners;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Line\OutlineSide;
use Ricamo\Core\Paint\PicturePaint;
use Ricamo\Core\Paint\Sweep;

/** One more outline or fill at a moment: what it is painted with, how opaque it is, and by how much it is shifted. */
final readonly class Coat
{
    private Colour|Gradient|Corners|Sweep|PicturePaint $paint;

    /** How opaque it is made as a whole, where its paint cannot be. */
    private float $fade;

    /** @param  ?LineArtist  $pen  that draws along its edge; null for one of no width */
    public function __construct(
        Colour|Gradient|Corners|Sweep|PicturePaint $paint,
        float $opacity,
        public Affine $shift,
        private ?LineArtist $pen,
    ) {
        $isPlain = $paint instanceof Colour || $paint instanceof Gradient || $paint instanceof Corners;
        $this->paint = $isPlain && $opacity < 1 ? $paint->faded($opacity) : $paint;
        $this->fade = $isPlain ? 1.0 : $opacity;
    }

    /**
     * @param  Affine  $own  from the outline's space to the layer's
     * @param  Affine  $moved  from the layer's space to the pixels that are drawn
     * @return list<Operation>
     */
    public function draw(OutlineSide $side, Outline $outline, Affine $own, Affine $moved): array
    {
        $placed = $moved->after($this->shift)->after($own);
        $within = fn (Affine $inner): Colour|Gradient|Corners => Paints::within($this->paint, $this->shift->after($own)->after($inner));
        $line = $this->pen?->draw($outline, $placed, $within) ?? [];

        return $side->isFill() ? [...$line, new Fill($outline, $placed, $within(new Affine))] : $line;
    }

    /**
     * @param  list<Operation>  $drawn
     * @param  Affine  $matrix  from the layer's own pixels to those that are drawn
     * @return list<Operation>
     */
    public function painted(array $drawn, Affine $matrix, Closure $pictures): array
    {
        $painted = Paints::painted($this->paint, $drawn, $matrix, $pictures);

        return $this->fade < 1 && $painted !== [] ? [new Group($painted, $this->fade)] : $painted;
    }
}
