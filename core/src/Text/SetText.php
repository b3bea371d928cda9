<?php

namespace Ricamo\Core\Text;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;

/** A text that is laid out, as large as it is set at a moment. */
final readonly class SetText
{
    /**
     * @param  float  $typeSize  pixels
     * @param  float  $leading  the distance between baselines, in percent of the type size
     */
    public function __construct(public TextBlock $block, public float $typeSize, public float $leading)
    {
    }

    /** Where a line is drawn in the layer's space. */
    public function placement(int $line): Affine
    {
        return $this->block->placement($line, $this->typeSize, $this->leading);
    }

    public function box(): Box
    {
        return $this->block->box($this->typeSize, $this->leading);
    }

    public function lineBox(int $number): Box
    {
        $line = $this->block->lines[$number];

        return $this->placement($number)->bounds(new Box(0, -$line->ascent, $line->width, $line->descent));
    }

    public function atomBox(TextAtom $atom): Box
    {
        $line = $this->block->lines[$atom->line];

        return $this->placement($atom->line)->bounds(new Box($atom->left, -$line->ascent, $atom->right, $line->descent));
    }
}
