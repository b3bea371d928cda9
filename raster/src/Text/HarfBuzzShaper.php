<?php

declare(strict_types=1);

namespace Ricamo\Raster\Text;

use FFI;
use FFI\CData;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Text\Glyph;
use Ricamo\Core\Text\Language;
use Ricamo\Core\Text\ShapedLine;
use Ricamo\Core\Text\Shaper;
use Ricamo\Raster\Native\HarfBuzz;

/** Shapes text: kerning, ligatures and marks as the fonts have them. */
final class HarfBuzzShaper implements Shaper
{
    private const KEPT = 120;

    /** @var array<string, OpenFace> */
    private array $open = [];

    public function __construct(private readonly Fonts $fonts = new ShippedFonts)
    {
    }

    public function shape(
        string $line, string $font, array $features = [], array $axes = [], array $spans = [], bool $down = false,
    ): ShapedLine {
        $face = $this->open($this->fonts->face($font), $axes);
        $glyphs = [];
        $faces = fn (string $id): array => [
            $this->open($this->fonts->face($id), $axes),
            ...array_map($this->open(...), FontCatalogue::fallbacks($id, $line)),
        ];
        $spans = [[0, $faces($font)], ...array_map(fn (array $span): array => [$span[0], $faces($span[1])], $spans)];
        foreach (TextRuns::of($line, $spans, fn (): OpenFace => $this->open(FontCatalogue::emoji()), $down) as $run) {
            array_push($glyphs, ...$this->shapeRun($line, $run, $features, $down));
        }

        return $down
            ? new ShapedLine($glyphs, ShapedLine::EM / 2, ShapedLine::EM / 2)
            : new ShapedLine($glyphs, $face->ascent, $face->descent);
    }

    public function weight(string $font): ?float
    {
        $weights = array_filter($this->open($this->fonts->face($font))->axes(), fn (array $axis): bool => $axis['tag'] === 'wght');

        return array_values($weights)[0]['default'] ?? null;
    }

    public function hyphens(string $line, Language $language): array
    {
        return Patterns::of($language)->breaks($line);
    }

    /** @param  array<string, float>  $axes */
    private function open(FontFace $face, array $axes = []): OpenFace
    {
        $key = $axes === [] ? $face->id : $face->id.' '.json_encode($axes);
        if (! isset($this->open[$key])) {
            // An axis that goes through all its values is not to keep all of them.
            $this->open = count($this->open) < self::KEPT ? $this->open : [];
            $this->open[$key] = new OpenFace($face, $axes);
        }

        return $this->open[$key];
    }

    /**
     * @param  array{face: OpenFace, start: int, length: int, level: int, upright: bool}  $run
     * @param  array<string, int>  $features  by their tags
     * @return list<Glyph>
     */
    private function shapeRun(string $line, array $run, array $features, bool $down): array
    {
        $harfbuzz = HarfBuzz::library();
        $buffer = $harfbuzz->hb_buffer_create();
        $harfbuzz->hb_buffer_add_utf8($buffer, $line, strlen($line), $run['start'], $run['length']);
        $harfbuzz->hb_buffer_set_direction($buffer, match (true) {
            $run['upright'] => HarfBuzz::DIRECTION_TTB,
            $run['level'] % 2 === 1 => HarfBuzz::DIRECTION_RTL,
            default => HarfBuzz::DIRECTION_LTR,
        });
        $harfbuzz->hb_buffer_guess_segment_properties($buffer);
        $harfbuzz->hb_shape($run['face']->shaping, $buffer, self::features($features), count($features));
        $length = $harfbuzz->new('unsigned int');
        $infos = $harfbuzz->hb_buffer_get_glyph_infos($buffer, FFI::addr($length));
        $positions = $harfbuzz->hb_buffer_get_glyph_positions($buffer, FFI::addr($length));
        $glyphs = [];
        for ($i = 0; $i < $length->cdata; $i++) {
            $position = $positions[$i];
            $layers = $run['face']->layers($infos[$i]->codepoint) ?: [[$infos[$i]->codepoint, null]];
            // What is turned along in a line that runs down has its middle on that of the line.
            $middle = $down && ! $run['upright'] ? ($run['face']->ascent - $run['face']->descent) / 2 : 0.0;
            [$x, $y] = [$position->x_offset / OpenFace::FINE, $middle - $position->y_offset / OpenFace::FINE];
            foreach ($layers as $index => [$glyph, $colour]) {
                $outline = $run['face']->outline($glyph);
                $placed = $x === 0.0 && $y === 0.0 ? $outline : $outline->translated($x, $y);
                $glyphs[] = new Glyph(
                    $run['upright'] ? $placed->transformed(Affine::rotation(-90)) : $placed,
                    $index < count($layers) - 1 ? 0 : ($run['upright'] ? -$position->y_advance : $position->x_advance) / OpenFace::FINE,
                    $infos[$i]->cluster,
                    $colour,
                );
            }
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
            $list[$index]->tag = HarfBuzz::tag($tag);
            $list[$index]->value = $value;
            $list[$index]->start = 0;
            $list[$index]->end = HarfBuzz::TO_THE_END;
            $index++;
        }

        return $list;
    }
}
