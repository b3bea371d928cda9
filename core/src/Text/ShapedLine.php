<?php

declare(strict_types=1);

namespace Ricamo\Core\Text;

use Ricamo\Core\Geometry\Path;

/** The glyphs of a line from left to right, in thousandths of an em. */
final readonly class ShapedLine
{
    /** The units in which glyphs are measured, for each em. */
    public const EM = 1000;

    /**
     * @param  list<Glyph>  $glyphs
     * @param  float  $ascent  from the baseline up to the top of the font's line
     * @param  float  $descent  from the baseline down to its bottom, positive
     */
    public function __construct(public array $glyphs, public float $ascent, public float $descent)
    {
    }

    /**
     * The line's width, with $tracking added after every cluster but the last, so that a centred line stays centred.
     */
    public function width(float $tracking): float
    {
        $clusters = count(array_unique(array_map(fn (Glyph $glyph): int => $glyph->cluster, $this->glyphs)));
        $advances = array_sum(array_map(fn (Glyph $glyph): float => $glyph->advance, $this->glyphs));

        return $advances + max(0, $clusters - 1) * $tracking;
    }

    /** All outlines in their places, the line beginning at x = 0 on the baseline. */
    public function outline(float $tracking): Path
    {
        $outlines = [];
        foreach ($this->pens($tracking) as $index => $pen) {
            if (! $this->glyphs[$index]->outline->isEmpty()) {
                $outlines[] = $this->glyphs[$index]->outline->translated($pen, 0);
            }
        }

        return Path::joined($outlines);
    }

    /** @return list<float> where the pen is for each glyph */
    public function pens(float $tracking): array
    {
        $pens = [];
        $pen = 0.0;
        foreach ($this->glyphs as $index => $glyph) {
            $pens[] = $pen;
            $isLastOfCluster = ($this->glyphs[$index + 1]->cluster ?? null) !== $glyph->cluster;
            $pen += $glyph->advance + ($isLastOfCluster ? $tracking : 0);
        }

        return $pens;
    }
}
