<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use WeakMap;

/** A text that is laid out, as large as it is set at a moment. */
final class SetText
{
    /** @var array<int, Affine> by the number of the line */
    private array $placements = [];

    /** The space that lines were placed in last. */
    private ?Affine $matrix = null;

    /** @var array<int, Affine> in that space */
    private array $placed = [];

    /** @var WeakMap<TextAtom, Box> */
    private WeakMap $boxes;

    /**
     * @param  float  $typeSize  pixels
     * @param  float  $leading  the distance between baselines, in percent of the type size
     */
    public function __construct(public readonly TextBlock $block, public readonly float $typeSize, public readonly float $leading)
    {
        $this->boxes = new WeakMap;
    }

    /** Where a line is drawn in the layer's space. */
    public function placement(int $line): Affine
    {
        return $this->placements[$line] ??= $this->block->placement($line, $this->typeSize, $this->leading);
    }

    /** A copy whose space is placed in another one. */
    public function placed(Affine $matrix, int $line): Affine
    {
        if ($this->matrix !== $matrix) {
            $this->matrix = $matrix;
            $this->placed = [];
        }

        return $this->placed[$line] ??= $matrix->after($this->placement($line));
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

        return $this->boxes[$atom] ??= $this->placement($atom->line)->bounds(new Box(
            $atom->left, -$line->ascent, $atom->right, $line->descent,
        ));
    }
}
