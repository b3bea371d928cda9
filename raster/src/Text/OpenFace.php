<?php

declare(strict_types=1);

namespace Ricamo\Raster\Text;

use FFI;
use FFI\CData;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Text\ShapedLine;
use Ricamo\Raster\Native\Cairo;
use Ricamo\Raster\Native\FreeType;
use Ricamo\Raster\Native\HarfBuzz;

/** A font face opened for shaping and for reading its outlines, in thousandths of an em. */
final class OpenFace
{
    /** HarfBuzz measures in whole numbers; this many of them make a thousandth of an em. */
    public const FINE = 64;

    private const MOST_AXES = 16;

    private const MOST_LAYERS = 64;

    public readonly CData $shaping;

    public readonly float $ascent;

    public readonly float $descent;

    private readonly CData $canvas;

    /** @var array<int, Path> */
    private array $outlines = [];

    /** @var array<int, list<array{int, ?Colour}>> by glyph */
    private array $layers = [];

    /** @var list<Colour>|null */
    private ?array $palette = null;

    /** @param  array<string, float>  $axes  values of a variable font's axes, by their tags; those that it has not mean nothing */
    public function __construct(FontFace $face, array $axes = [])
    {
        $harfbuzz = HarfBuzz::library();
        $this->shaping = $harfbuzz->hb_font_create($harfbuzz->hb_face_create($harfbuzz->hb_blob_create_from_file($face->file), 0));
        $harfbuzz->hb_font_set_scale($this->shaping, ShapedLine::EM * self::FINE, ShapedLine::EM * self::FINE);
        if ($axes !== []) {
            self::vary($this->shaping, $axes);
        }
        $extents = $harfbuzz->new('hb_font_extents_t');
        $harfbuzz->hb_font_get_h_extents($this->shaping, FFI::addr($extents));
        $this->ascent = $extents->ascender / self::FINE;
        $this->descent = -$extents->descender / self::FINE;
        $this->canvas = $this->openCanvas($face->file, $axes);
    }

    /**
     * What can be varied in it.
     *
     * @return list<array{tag: string, least: float, default: float, most: float}> none for a font that is not variable
     */
    public function axes(): array
    {
        $harfbuzz = HarfBuzz::library();
        $count = $harfbuzz->new('unsigned int');
        $count->cdata = self::MOST_AXES;
        $infos = $harfbuzz->new('hb_ot_var_axis_info_t['.self::MOST_AXES.']');
        $harfbuzz->hb_ot_var_get_axis_infos($harfbuzz->hb_font_get_face($this->shaping), 0, FFI::addr($count), $infos);
        $axes = [];
        for ($index = 0; $index < $count->cdata; $index++) {
            $axes[] = [
                'tag' => trim(pack('N', $infos[$index]->tag)), 'least' => $infos[$index]->min_value,
                'default' => $infos[$index]->default_value, 'most' => $infos[$index]->max_value,
            ];
        }

        return $axes;
    }

    /** @param  array<string, float>  $axes */
    private static function vary(CData $font, array $axes): void
    {
        $harfbuzz = HarfBuzz::library();
        $list = $harfbuzz->new('hb_variation_t['.count($axes).']');
        foreach (array_keys($axes) as $index => $tag) {
            $list[$index]->tag = HarfBuzz::tag($tag);
            $list[$index]->value = $axes[$tag];
        }
        $harfbuzz->hb_font_set_variations($font, $list, count($axes));
    }

    public function has(int $codepoint): bool
    {
        $glyph = HarfBuzz::library()->new('uint32_t');

        return HarfBuzz::library()->hb_font_get_nominal_glyph($this->shaping, $codepoint, FFI::addr($glyph)) !== 0;
    }

    public function outline(int $glyph): Path
    {
        return $this->outlines[$glyph] ??= $this->readOutline($glyph);
    }

    /**
     * Of a glyph that is a picture in several colours (OpenType's tables COLR, version 0, and CPAL).
     *
     * @return list<array{int, ?Colour}> glyphs, the lowest first, each with its colour, or with that of the words; none for all others
     */
    public function layers(int $glyph): array
    {
        return $this->layers[$glyph] ??= $this->readLayers($glyph);
    }

    /** @return list<array{int, ?Colour}> */
    private function readLayers(int $glyph): array
    {
        $harfbuzz = HarfBuzz::library();
        $face = $harfbuzz->hb_font_get_face($this->shaping);
        $count = $harfbuzz->new('unsigned int');
        $count->cdata = self::MOST_LAYERS;
        $layers = $harfbuzz->new('hb_ot_color_layer_t['.self::MOST_LAYERS.']');
        $harfbuzz->hb_ot_color_glyph_get_layers($face, $glyph, 0, FFI::addr($count), $layers);
        $read = [];
        for ($index = 0; $index < $count->cdata; $index++) {
            $read[] = [
                $layers[$index]->glyph,
                $layers[$index]->color_index === HarfBuzz::WORDS_COLOUR ? null : $this->palette()[$layers[$index]->color_index] ?? null,
            ];
        }

        return $read;
    }

    /** @return list<Colour> of the first palette */
    private function palette(): array
    {
        if ($this->palette === null) {
            $harfbuzz = HarfBuzz::library();
            $face = $harfbuzz->hb_font_get_face($this->shaping);
            $count = $harfbuzz->new('unsigned int');
            $count->cdata = $harfbuzz->hb_ot_color_palette_get_colors($face, 0, 0, null, null);
            $colours = $harfbuzz->new('uint32_t['.max(1, $count->cdata).']');
            $harfbuzz->hb_ot_color_palette_get_colors($face, 0, 0, FFI::addr($count), $colours);
            $this->palette = [];
            for ($index = 0; $index < $count->cdata; $index++) {
                $code = $colours[$index];
                $this->palette[] = new Colour(($code >> 8) & 255, ($code >> 16) & 255, ($code >> 24) & 255, $code & 255);
            }
        }

        return $this->palette;
    }

    /** @param  array<string, float>  $axes */
    private function openCanvas(string $file, array $axes): CData
    {
        $cairo = Cairo::library();
        $surface = $cairo->cairo_image_surface_create(Cairo::FORMAT_ARGB32, 1, 1);
        $canvas = $cairo->cairo_create($surface);
        $options = $cairo->cairo_font_options_create();
        $cairo->cairo_font_options_set_hint_style($options, Cairo::HINT_STYLE_NONE);
        if ($axes !== []) {
            $cairo->cairo_font_options_set_variations(
                $options,
                implode(',', array_map(fn (string $tag, float $value): string => sprintf('%s=%F', $tag, $value), array_keys($axes), $axes)),
            );
        }
        $cairo->cairo_font_options_set_hint_metrics($options, Cairo::HINT_METRICS_OFF);
        $cairo->cairo_set_font_face(
            $canvas, $cairo->cairo_ft_font_face_create_for_ft_face(FreeType::face($file), FreeType::LOAD_NO_HINTING),
        );
        $cairo->cairo_set_font_size($canvas, ShapedLine::EM);
        $cairo->cairo_set_font_options($canvas, $options);

        return $canvas;
    }

    private function readOutline(int $index): Path
    {
        $cairo = Cairo::library();
        $glyph = $cairo->new('cairo_glyph_t');
        $glyph->index = $index;
        $cairo->cairo_new_path($this->canvas);
        $cairo->cairo_glyph_path($this->canvas, FFI::addr($glyph), 1);
        $path = $cairo->cairo_copy_path($this->canvas);
        $commands = '';
        $coordinates = [];
        for ($i = 0; $i < $path->num_data; $i += $length) {
            $length = $path->data[$i]->header->length;
            $commands .= match ($path->data[$i]->header->type) {
                Cairo::PATH_MOVE_TO => 'M',
                Cairo::PATH_LINE_TO => 'L',
                Cairo::PATH_CURVE_TO => 'C',
                default => 'Z',
            };
            for ($j = 1; $j < $length; $j++) {
                $coordinates[] = $path->data[$i + $j]->point->x;
                $coordinates[] = $path->data[$i + $j]->point->y;
            }
        }
        $cairo->cairo_path_destroy($path);

        // Cairo ends every closed part with a move that begins nothing.
        if (str_ends_with($commands, 'ZM')) {
            $commands = substr($commands, 0, -1);
            $coordinates = array_slice($coordinates, 0, -2);
        }

        return new Path($commands, $coordinates);
    }
}
