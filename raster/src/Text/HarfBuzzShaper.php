<?php

namespace Ricamo\Raster\Text;

use FFI;
use Ricamo\Core\Text\Glyph;
use Ricamo\Core\Text\ShapedLine;
use Ricamo\Core\Text\Shaper;
use Ricamo\Raster\Native\HarfBuzz;

/** Shapes text: kerning, ligatures and marks as the fonts have them. */
final class HarfBuzzShaper implements Shaper
{
    /** @var array<string, OpenFace> */
    private array $open = [];

    public function __construct(private readonly Fonts $fonts = new ShippedFonts)
    {
    }

    public function shape(string $line, string $font): ShapedLine
    {
        $face = $this->open($this->fonts->face($font));
        $glyphs = [];
        foreach (TextRuns::of($line, [$face, $this->open(FontCatalogue::fallback($font))]) as $run) {
            array_push($glyphs, ...$this->shapeRun($line, $run));
        }

        return new ShapedLine($glyphs, $face->ascent, $face->descent);
    }

    private function open(FontFace $face): OpenFace
    {
        return $this->open[$face->id] ??= new OpenFace($face);
    }

    /**
     * @param  array{face: OpenFace, start: int, length: int, level: int}  $run
     * @return list<Glyph>
     */
    private function shapeRun(string $line, array $run): array
    {
        $harfbuzz = HarfBuzz::library();
        $buffer = $harfbuzz->hb_buffer_create();
        $harfbuzz->hb_buffer_add_utf8($buffer, $line, strlen($line), $run['start'], $run['length']);
        $harfbuzz->hb_buffer_set_direction($buffer, $run['level'] % 2 === 1 ? HarfBuzz::DIRECTION_RTL : HarfBuzz::DIRECTION_LTR);
        $harfbuzz->hb_buffer_guess_segment_properties($buffer);
        $harfbuzz->hb_shape($run['face']->shaping, $buffer, null, 0);
        $length = $harfbuzz->new('unsigned int');
        $infos = $harfbuzz->hb_buffer_get_glyph_infos($buffer, FFI::addr($length));
        $positions = $harfbuzz->hb_buffer_get_glyph_positions($buffer, FFI::addr($length));
        $glyphs = [];
        for ($i = 0; $i < $length->cdata; $i++) {
            $position = $positions[$i];
            $outline = $run['face']->outline($infos[$i]->codepoint);
            $moved = $position->x_offset !== 0 || $position->y_offset !== 0;
            $glyphs[] = new Glyph(
                $moved ? $outline->translated($position->x_offset / OpenFace::FINE, -$position->y_offset / OpenFace::FINE) : $outline,
                $position->x_advance / OpenFace::FINE,
                $infos[$i]->cluster,
            );
        }
        $harfbuzz->hb_buffer_destroy($buffer);

        return $glyphs;
    }
}
