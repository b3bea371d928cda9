<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Text\LineBreaks;
use Ricamo\Core\Text\ShapedLine;
use Ricamo\Core\Text\Shaper;

/**
 * A text laid out in lines. Its outlines are in thousandths of an em and each is placed by a matrix, so that neither a
 * change of type size nor of leading makes new outlines.
 */
final readonly class TextBlock
{
    /** @param  list<TextLine>  $lines */
    private function __construct(public array $lines, public float $tracking, private bool $down)
    {
    }

    /**
     * @param  float  $width  of the box in which lines break, in thousandths of an em; 0 for lines as long as they are
     * @param  array<string, float>  $axes  of a variable font, by their tags
     */
    public static function of(TextContent $content, float $tracking, Shaper $shaper, float $width = 0.0, array $axes = []): self
    {
        $lines = [];
        $from = 0;
        foreach ($content->lines() as $paragraph) {
            [$text, $shaped] = StyledLine::shape($paragraph, $from, $content, $shaper, $axes);
            $hyphens = $width <= 0 || $content->hyphens === null ? [] : $shaper->hyphens($text, $content->hyphens);
            $pieces = $width <= 0 ? [[$text, false]] : LineBreaks::wrapped($text, $shaped, $tracking, $width, $hyphens);
            $at = 0;
            foreach ($pieces as [$piece, $isParted]) {
                $at = (int) mb_strpos($text, $piece, $at);
                [$set, $own] = count($pieces) === 1 ? [$text, $shaped] : StyledLine::shape(
                    mb_substr($paragraph, $at, mb_strlen($piece)).($isParted ? LineBreaks::HYPHEN : ''),
                    $from + $at,
                    $content,
                    $shaper,
                    $axes,
                );
                $lines[] = TextLine::of($set, $own, $content->align, $tracking);
                $at += mb_strlen($piece);
            }
            $from += mb_strlen($paragraph) + 1;
        }

        return new self($lines, $tracking, $content->down);
    }

    /**
     * Where line $index is drawn in the layer's space.
     *
     * @param  float  $typeSize  pixels
     * @param  float  $leading  the distance between baselines, in percent of the type size
     */
    public function placement(int $index, float $typeSize, float $leading): Affine
    {
        $scale = $typeSize / ShapedLine::EM;

        $placed = new Affine($scale, 0, 0, $scale, $this->lines[$index]->offset * $scale, $index * $typeSize * $leading / 100);

        return $this->down ? Affine::rotation(90)->after($placed) : $placed;
    }

    /**
     * The box from the first line's ascent to the last line's descent, as wide as the widest line; or turned to the right, if it
     * runs down.
     */
    public function box(float $typeSize, float $leading): Box
    {
        $box = null;
        foreach ($this->lines as $index => $line) {
            $lineBox = $this->placement($index, $typeSize, $leading)->bounds(new Box(0, -$line->ascent, $line->width, $line->descent));
            $box = $box?->union($lineBox) ?? $lineBox;
        }

        return $box ?? new Box(0, 0, 0, 0);
    }
}
