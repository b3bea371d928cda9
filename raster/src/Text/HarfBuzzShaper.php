<?php

namespace Ricamo\Raster\Text;

use FFI;
use FFI\CData;
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

    public function shape(string $line, string $font, array $features = []): ShapedLine
    {
        $face = $this->open($this->fonts->face($font));
        $glyphs = [];
        foreach (TextRuns::of($line, [$face, $this->open(FontCatalogue::fallback($font))]) as $run) {
            array_push($glyphs, ...$this->shapeRun($line, $run, $features));
        }

        return new ShapedLine($glyphs, $face->ascent, $face->descent);
    }

    private function open(FontFace $face): OpenFace
    {
        return $this->open[$face->id] ??= new OpenFace($face);
    }

    /**
     * @param  array{face: OpenFace, start: int, length: int, level: int}  $run
     * @param  array<string, int>  $features  by their tags
     * @return list<Glyph>
     */
    private function shapeRun(string $line, array $run, array $features): array
    {
        $harfbuzz = HarfBuzz::library();
        $buffer = $harfbuzz->hb_buffer_create();
        $harfbuzz->hb_buffer_add_utf8($buffer, $line, strlen($line), $run['start'], $run['length']);
        $harfbuzz->hb_buffer_set_direction($buffer, $run['level'] % 2 === 1 ? HarfBuzz::DIRECTION_RTL : HarfBuzz::DIRECTION_LTR);
        $harfbuzz->hb_buffer_guess_segment_properties($buffer);
        $harfbuzz->hb_shape($run['face']->shaping, $buffer, self::features($features), count($features));
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

    /**
     * As HarfBuzz takes them, for all of a run.
     *
     * @param  array<string, int>  $features
     */
    private static function features(array $features): ?CData
    {
        if ($features === []) {
            return null;
        }
        $list = HarfBuzz::library()->new('hb_feature_t['.count($features).']');
        $index = 0;
        foreach ($features as $tag => $value) {
            $list[$index]->tag = (ord($tag[0]) << 24) | (ord($tag[1]) << 16) | (ord($tag[2]) << 8) | ord($tag[3]);
            $list[$index]->value = $value;
            $list[$index]->start = 0;
            $list[$index]->end = HarfBuzz::TO_THE_END;
            $index++;
        }

        return $list;
    }
}
