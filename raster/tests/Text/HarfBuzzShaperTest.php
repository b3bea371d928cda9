<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Text;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\StyledLine;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Kind\Text\TextContent;
use Ricamo\Core\Refusal;
use Ricamo\Core\Text\FontFeature;
use Ricamo\Core\Text\Glyph;
use Ricamo\Core\Text\ShapedLine;
use Ricamo\Core\Text\WordStyles;
use Ricamo\Raster\Tests\Scenes;
use Ricamo\Raster\Text\FontCatalogue;
use Ricamo\Raster\Text\HarfBuzzShaper;
use Ricamo\Raster\Text\OpenFace;

final class HarfBuzzShaperTest extends TestCase
{
    private function shape(string $text, string $font = 'eb-garamond-regular'): ShapedLine
    {
        return (new HarfBuzzShaper)->shape($text, $font);
    }

    /** @return iterable<string, array{string}> */
    public static function fonts(): iterable
    {
        foreach (FontCatalogue::all() as $face) {
            yield $face->id => [$face->id];
        }
    }

    #[DataProvider('fonts')]
    public function test_every_font_that_ships_draws_letters(string $font): void
    {
        $line = $this->shape('Depot Nine', $font);
        self::assertCount(10, $line->glyphs);
        self::assertGreaterThan(2500, $line->width(0));
        self::assertGreaterThan(600, $line->ascent);
        self::assertGreaterThan(100, $line->descent);
        self::assertFalse($line->glyphs[0]->outline->isEmpty());
        self::assertTrue($line->glyphs[5]->outline->isEmpty(), 'a space has no outline');
    }

    public function test_letters_are_kerned(): void
    {
        $apart = $this->shape('A')->width(0) + $this->shape('V')->width(0);
        self::assertLessThan($apart - 20, $this->shape('AV')->width(0));
    }

    public function test_letters_that_belong_together_become_one(): void
    {
        self::assertCount(1, $this->shape('ffi', 'roboto-condensed-bold')->glyphs);
    }

    public function test_a_capital_stands_on_the_baseline_and_reaches_its_height(): void
    {
        $bounds = $this->shape('H', 'karla-bold')->glyphs[0]->outline->bounds();
        self::assertEqualsWithDelta(0, $bounds?->bottom, 2);
        self::assertEqualsWithDelta(-630, $bounds?->top, 30);
    }

    public function test_other_scripts_come_from_a_font_that_has_them(): void
    {
        foreach (['Белка', 'Ωμέγα', 'שלום', 'سلام'] as $word) {
            $line = $this->shape($word, 'dancing-script-bold');
            foreach ($line->glyphs as $glyph) {
                self::assertGreaterThan(0, strlen($glyph->outline->commands), $word);
            }
        }
    }

    public function test_right_to_left_words_run_from_right_to_left(): void
    {
        $clusters = array_map(fn (Glyph $glyph): int => $glyph->cluster, $this->shape('שלום', 'dejavu-sans')->glyphs);
        self::assertSame([6, 4, 2, 0], $clusters);
        // In a line that begins with Latin, only the Hebrew word is turned around.
        $clusters = array_map(fn (Glyph $glyph): int => $glyph->cluster, $this->shape('ab של', 'dejavu-sans')->glyphs);
        self::assertSame([0, 1, 2, 5, 3], $clusters);
    }

    /**
     * Lines and the order of their characters on screen, worked out by hand with rules W1 to L2 of UAX #9; capitals
     * stand for Hebrew letters, as in the standard's own examples.
     *
     * @return iterable<string, array{string, string}>
     */
    public static function lines(): iterable
    {
        yield 'Latin' => ['car is', 'car is'];
        yield 'a word inside Latin' => ['the CAR is', 'the RAC is'];
        yield 'two words inside Latin stay in reading order' => ['see THE CAR ok', 'see RAC EHT ok'];
        yield 'a number inside' => ['A 12 B', 'B 12 A'];
        yield 'Latin inside' => ['THE car IS', 'SI car EHT'];
        yield 'a comma at the end of the line' => ['THE CAR,', ',RAC EHT'];
    }

    #[DataProvider('lines')]
    public function test_lines_of_two_directions_stand_as_the_standard_says(string $read, string $seen): void
    {
        $hebrew = fn (string $letter): string => ctype_upper($letter) ? (string) mb_chr(0x5D0 + ord($letter) - 65) : $letter;
        $line = implode('', array_map($hebrew, str_split($read)));
        $glyphs = $this->shape($line, 'dejavu-sans')->glyphs;
        $shown = array_map(fn (Glyph $glyph): string => mb_substr(substr($line, $glyph->cluster), 0, 1), $glyphs);
        self::assertSame(array_map($hebrew, str_split($seen)), $shown);
    }

    public function test_marks_stay_with_their_letters(): void
    {
        $line = $this->shape("e\u{301}", 'karla-regular');
        self::assertEqualsWithDelta($this->shape('é', 'karla-regular')->width(0), $line->width(0), 1);
    }

    public function test_an_empty_line_has_height(): void
    {
        self::assertSame([], $this->shape('')->glyphs);
        self::assertGreaterThan(0, $this->shape('')->ascent);
    }

    public function test_an_unknown_font_is_refused(): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('there is no font "wingdings"');
        $this->shape('a', 'wingdings');
    }

    /** The letter H is three upright boxes: its ink is where the outline's bounds say. */
    public function test_drawn_text_stands_where_it_was_laid_out(): void
    {
        $picture = Scenes::of(
            [[
                'id' => 't', 'kind' => 'text', 'text' => 'H', 'name' => 'H', 'in' => 0, 'out' => 9, 'font' => 'karla-bold',
                'typeSize' => 100, 'position' => [50, 120], 'fill' => '#ffffff',
            ]],
            ['background' => '#000000'],
        )->still(0);
        $bounds = $this->shape('H', 'karla-bold')->glyphs[0]->outline->bounds();
        $columns = [];
        for ($x = 0; $x < 320; $x++) {
            for ($y = 0; $y < 180; $y++) {
                if ($picture->pixel($x, $y)[0] > 128) {
                    $columns[] = $x;
                }
            }
        }
        self::assertEqualsWithDelta(50 + $bounds->left / 10, min($columns), 1);
        self::assertEqualsWithDelta(50 + $bounds->right / 10, max($columns) + 1, 1);
        self::assertGreaterThan(128, $picture->pixel((int) (50 + $bounds->left / 10) + 3, 118)[0]);
        self::assertSame(0, $picture->pixel((int) (50 + $bounds->left / 10) + 3, 122)[0]);
    }

    /** @return array<string, array{string, string, array<string, int>}> a text in each of ten scripts, and what is asked of the font */
    public static function corpus(): array
    {
        return [
            'Latin' => ['Affluent Waffles, VAT & fjords: Ærøskøbing', 'eb-garamond-regular', []],
            'Latin in small capitals' => ['Depot Nine opens', 'eb-garamond-regular', ['smcp' => 1]],
            'figures of one width' => ['1907–1911', 'eb-garamond-regular', ['tnum' => 1]],
            'lining figures' => ['1907–1911', 'vollkorn-regular', ['lnum' => 1]],
            'unkerned' => ['AVATAR To Ty', 'karla-bold', ['kern' => 0]],
            'without ligatures' => ['office affluent', 'roboto-condensed-bold', ['liga' => 0, 'clig' => 0]],
            'Greek' => ['Σταθμός ἀρχή', 'eb-garamond-regular', []],
            'Cyrillic' => ['Трамвайное депо', 'eb-garamond-regular', []],
            'Arabic' => ['محطة الترام القديمة', 'amiri-regular', []],
            'Arabic with marks' => ['السَّلَامُ عَلَيْكُمْ', 'amiri-bold', []],
            'Hebrew' => ['תחנת החשמלית', 'dejavu-sans', []],
            'Armenian' => ['Տրամվայ կայարան', 'dejavu-sans', []],
            'Georgian' => ['ტრამვაის დეპო', 'dejavu-sans', []],
            'Lao' => ['ສະຖານີລົດໄຟ', 'dejavu-sans', []],
            'Tifinagh' => ['ⵜⵉⴼⵉⵏⴰⵖ', 'dejavu-sans', []],
            'Vietnamese, stacked marks' => ['Nhà ga tàu điện cổ', 'inter-bold', []],
            'Ogham' => ['ᚑᚌᚐᚋ', 'dejavu-sans', []],
        ];
    }

    /**
     * Glyph by glyph what HarfBuzz's own program says: clusters, advances and offsets.
     *
     * @param  array<string, int>  $features
     */
    #[DataProvider('corpus')]
    public function test_shaping_equals_that_of_harfbuzz_itself(string $text, string $font, array $features): void
    {
        $asked = implode(',', array_map(fn (string $tag, int $value): string => "$tag=$value", array_keys($features), $features));
        $command = [
            'hb-shape', '--output-format=json', '--no-glyph-names', '--font-size=64000', '--utf8-clusters',
            ...($asked === '' ? [] : ["--features=$asked"]), FontCatalogue::face($font)->file, "--text=$text",
        ];
        $process = proc_open($command, [1 => ['pipe', 'w']], $pipes);
        self::assertIsResource($process);
        $expected = json_decode((string) stream_get_contents($pipes[1]), true, flags: JSON_THROW_ON_ERROR);
        proc_close($process);
        $line = (new HarfBuzzShaper)->shape($text, $font, $features);
        self::assertSame(array_column($expected, 'cl'), array_map(fn (Glyph $glyph): int => $glyph->cluster, $line->glyphs));
        foreach ($line->glyphs as $index => $glyph) {
            self::assertEqualsWithDelta($expected[$index]['ax'] / 64, $glyph->advance, 0.02, "glyph $index of $text");
        }
        self::assertEqualsWithDelta(array_sum(array_column($expected, 'ax')) / 64, $line->width(0), 0.1);
        // What is asked for changes something.
        if ($features !== []) {
            self::assertNotEquals((new HarfBuzzShaper)->shape($text, $font), $line);
        }
    }

    /** @return array<string, array{string}> */
    public static function hostile(): array
    {
        return [
            'thousands of marks on one letter' => ['e'.str_repeat("\u{0301}", 4999)],
            'one endless word' => [str_repeat('W', 5000)], 'joined emoji' => [str_repeat('👩‍👩‍👧‍👦', 700)],
            'Arabic without end' => [str_repeat('محطة ', 1000)], 'as many lines' => [str_repeat("a\n", 2400)],
            'what turns round again and again' => [str_repeat('a ب ', 1200)],
        ];
    }

    #[DataProvider('hostile')]
    public function test_hostile_words_are_shaped_a_few_times_and_drawn_in_so_much_letter_by_letter_too(string $text): void
    {
        foreach ([[], ['boxWidth' => 600], ['path' => 'M0 0C500 500 900 0 1900 900', 'motionBlur' => true]] as $more) {
            // What is blurred is worked out at many moments.
            $text = isset($more['motionBlur']) ? mb_substr($text, 0, 1000) : $text;
            $scene = Scenes::of([[
                'id' => 'w', 'kind' => 'text', 'name' => 'Words', 'in' => 0, 'out' => 100, 'text' => $text,
                'cascades' => [[
                    'id' => 'c1', 'as' => 'arrive', 'units' => 'letters', 'length' => 60, 'position' => [0, 80],
                    'scatter' => [10, 10],
                ]],
                ...$more,
            ]]);
            $shaper = new CountingShaper(new HarfBuzzShaper);
            $list = (new Evaluator(MediaLibrary::of(), new TextBlocks($shaper)))->frame($scene->composition, 20);
            self::assertLessThan(8_000_000, strlen($list->encode()));
            self::assertLessThanOrEqual(12 * strlen($text), $shaper->bytes);
        }
    }

    /** As HarfBuzz's own program has it at the same place of the axis, while other places of it are open. */
    public function test_the_axes_of_a_variable_font_change_advances_and_outlines(): void
    {
        $shaper = new HarfBuzzShaper;
        $ink = function (ShapedLine $line): float {
            $bounds = $line->glyphs[0]->outline->bounds();

            return $bounds === null ? 0 : $bounds->width();
        };
        $lines = [];
        foreach ([100.0, 400.0, 900.0, 100.0] as $weight) {
            $line = $shaper->shape('Il', 'inter-variable', [], ['wght' => $weight]);
            exec(
                'hb-shape --output-format=json --font-size=64000 --variations=wght='.$weight.' '
                    .escapeshellarg(FontCatalogue::face('inter-variable')->file).' Il',
                $output,
            );
            $expected = array_column(json_decode(array_pop($output) ?? '', true), 'ax');
            self::assertEqualsWithDelta(
                array_map(fn (int $one): float => $one / 64, $expected),
                array_map(fn (Glyph $glyph): float => $glyph->advance, $line->glyphs), 0.02,
            );
            $lines[] = $line;
        }
        // A stem becomes wider with its weight, and is what it was when it is asked for again.
        self::assertGreaterThan(2.5 * $ink($lines[0]), $ink($lines[2]));
        self::assertGreaterThan(1.5 * $ink($lines[0]), $ink($lines[1]));
        self::assertEquals($lines[0], $lines[3]);
        self::assertEquals($shaper->shape('Il', 'inter-variable'), $lines[1]);
        // What a font has not means nothing to it.
        self::assertEquals($shaper->shape('Il', 'karla-bold'), $shaper->shape('Il', 'karla-bold', [], ['wght' => 900.0]));
        self::assertSame(['wght', 'slnt'], array_column((new OpenFace(FontCatalogue::face('inter-variable')))->axes(), 'tag'));
        self::assertSame([], (new OpenFace(FontCatalogue::face('karla-bold')))->axes());
        self::assertSame([400.0, null], [$shaper->weight('inter-variable'), $shaper->weight('karla-bold')]);
    }

    public function test_lines_that_run_down_equal_those_of_harfbuzz_itself(): void
    {
        $text = '電車の「九番」、ー。';
        exec(
            'hb-shape --output-format=json --no-glyph-names --font-size=64000 --utf8-clusters --direction=ttb '
                .escapeshellarg(FontCatalogue::face('motoya-cedar')->file).' '.escapeshellarg($text),
            $output,
        );
        $expected = json_decode((string) array_pop($output), true);
        $line = (new HarfBuzzShaper)->shape($text, 'karla-bold', down: true);
        self::assertEqualsWithDelta(
            array_map(fn (array $one): float => -$one['ay'] / 64, $expected),
            array_map(fn (Glyph $glyph): float => $glyph->advance, $line->glyphs), 0.02,
        );
        self::assertSame(array_column($expected, 'cl'), array_map(fn (Glyph $glyph): int => $glyph->cluster, $line->glyphs));
        // Around the middle of the line, and a bracket other than in a line that runs across.
        foreach ($line->glyphs as $glyph) {
            $box = $glyph->outline->bounds();
            self::assertNotNull($box);
            self::assertGreaterThan(-520, $box->top);
            self::assertLessThan(520, $box->bottom);
            self::assertGreaterThan(-1, $box->left);
            self::assertLessThan($glyph->advance + 1, $box->right);
        }
        $level = (new HarfBuzzShaper)->shape($text, 'karla-bold');
        $size = fn (Glyph $glyph): array => [
            round($glyph->outline->bounds()?->width() ?? 0), round($glyph->outline->bounds()?->height() ?? 0),
        ];
        // In its line, which is turned, a bracket that runs across is as broad as it is high otherwise.
        self::assertNotEquals(array_reverse($size($level->glyphs[3])), $size($line->glyphs[3]));
        // Latin is turned along, as it is in a line that runs across, its middle on that of the line.
        $mixed = (new HarfBuzzShaper)->shape('車Depot', 'karla-bold', down: true);
        $latin = (new HarfBuzzShaper)->shape('Depot', 'karla-bold');
        self::assertEquals(
            array_map(fn (Glyph $glyph): float => $glyph->advance, $latin->glyphs),
            array_map(fn (Glyph $glyph): float => $glyph->advance, array_slice($mixed->glyphs, 1)),
        );
        self::assertEqualsWithDelta(
            ($latin->ascent - $latin->descent) / 2,
            $mixed->glyphs[1]->outline->bounds()?->bottom - $latin->glyphs[0]->outline->bounds()?->bottom, 1e-6,
        );
    }

    public function test_letters_are_put_as_far_apart_as_they_look(): void
    {
        $shaper = new HarfBuzzShaper;
        $line = fn (string $text, string $font, array $features): ShapedLine => StyledLine::shape(
            $text, 0, new TextContent($text, $font, features: $features), $shaper,
        )[1];
        foreach (['karla-bold', 'inter-regular', 'eb-garamond-regular'] as $font) {
            $by = function (string $pair) use ($line, $font): float {
                return $line($pair, $font, [FontFeature::OpticalKerning])->glyphs[0]->advance
                    - $line($pair, $font, [FontFeature::NoKerning])->glyphs[0]->advance;
            };
            // Slopes that lean to one another come nearer, and so does what lies in the corner of another.
            foreach (['AV', 'To', 'LT', 'Va', 'WA'] as $pair) {
                self::assertLessThan(-14, $by($pair), "$pair in $font");
            }
            // Upright stems stay about where the font has put them.
            foreach (['HI', 'nn', 'HH', 'HN'] as $pair) {
                self::assertLessThan(32, abs($by($pair)), "$pair in $font");
            }
            self::assertEqualsWithDelta($by('HH') + $by('nn'), $by('OO') + $by('oo'), 40, "round ones in $font");
            // Never into one another.
            foreach (['fj', 'f)', 'Lj', '(f'] as $pair) {
                $glyphs = $line($pair, $font, [FontFeature::OpticalKerning, FontFeature::NoLigatures])->glyphs;
                self::assertGreaterThan(0, $glyphs[0]->advance, "$pair in $font");
            }
        }
        // What joins, and what is no letter, is left alone.
        foreach (['سلام', 'A B', 'Tél 日本'] as $text) {
            $glyphs = fn (array $features): array => array_map(
                fn (Glyph $glyph): float => $glyph->advance, $line($text, 'open-sans-regular', $features)->glyphs,
            );
            $moved = array_diff_assoc($glyphs([FontFeature::OpticalKerning]), $glyphs([FontFeature::NoKerning]));
            self::assertLessThanOrEqual($text === 'Tél 日本' ? 2 : 0, count($moved), $text);
        }
        // A colour changes nothing of it.
        $plain = $line('AVATo', 'karla-bold', [FontFeature::OpticalKerning]);
        $styled = StyledLine::shape(
            'AVATo', 0,
            new TextContent(
                'AVATo', 'karla-bold', features: [FontFeature::OpticalKerning],
                styles: WordStyles::read(new Node([['from' => 1, 'to' => 2, 'colour' => '#ff0000']])),
            ),
            $shaper,
        )[1];
        self::assertEqualsWithDelta($plain->width(0), $styled->width(0), 1e-6);
    }

    /** @return array<string, array{string, list<int>}> a line, and from where to where it is in another colour, in characters */
    public static function mixed(): array
    {
        return [
            'Hebrew, a word in the middle' => ['שלום עולם טוב', [5, 9]],
            'Hebrew with Latin in it' => ['שלום abc עולם', [5, 8]],
            'Hebrew, across where Latin begins' => ['שלום abc עולם', [2, 7]],
            'Arabic, within a word' => ['مرحبا بالعالم', [1, 3]],
            'Latin with Arabic and figures' => ['Tram 12 سلام 34 home', [6, 11]],
        ];
    }

    /** @param  array{int, int}  $of */
    #[DataProvider('mixed')]
    public function test_a_colour_moves_no_letter_in_any_direction_of_reading(string $line, array $of): void
    {
        $letters = function (array $more) use ($line): array {
            $list = Scenes::of([[
                'id' => 'w', 'kind' => 'text', 'name' => 'Words', 'in' => 0, 'out' => 100, 'text' => $line,
                'font' => 'open-sans-regular', 'features' => ['no-kerning'], 'position' => [20, 120], ...$more,
            ]])->list(5)->toJson();
            $forms = array_merge(...array_map(
                fn (array $item): array => array_slice(explode('M', $list['paths'][$item['path']]), 1), $list['items'],
            ));
            sort($forms);

            return $forms;
        };
        $plain = $letters([]);
        self::assertGreaterThan(5, count($plain));
        self::assertSame($plain, $letters(['styles' => [['from' => $of[0], 'to' => $of[1], 'colour' => '#ff0000']]]));
    }

    public function test_letters_of_a_cascade_have_weights_of_their_own(): void
    {
        $scene = Scenes::of([[
            'id' => 'w', 'kind' => 'text', 'name' => 'Words', 'in' => 0, 'out' => 100, 'text' => 'IIIIII',
            'font' => 'inter-variable', 'position' => [20, 120],
            'cascades' => [[
                'id' => 'c1', 'as' => 'arrive', 'units' => 'letters', 'length' => 60, 'overlap' => 60, 'opacity' => 100,
                'weight' => 500,
            ]],
        ]]);
        // All heavy at first, each of its own on the way.
        $widths = fn (int $frame): array => array_map(
            fn (string $data): float => round(Path::parse($data)->bounds()?->width() ?? 0.0),
            array_values($scene->list($frame)->paths()),
        );
        self::assertCount(1, array_unique($widths(0)));
        self::assertGreaterThan(2, count(array_unique($widths(30))));
        self::assertGreaterThan(2 * min($widths(58)), $widths(0)[0]);
    }

    public function test_a_keyframed_axis_is_another_weight_on_every_frame(): void
    {
        $scene = Scenes::of([[
            'id' => 'w', 'kind' => 'text', 'name' => 'Words', 'in' => 0, 'out' => 100, 'text' => 'Il',
            'font' => 'inter-variable', 'position' => [20, 120],
            'axisWeight' => ['keyframes' => [['at' => 0, 'value' => 100], ['at' => 80, 'value' => 900]]],
        ]]);
        $paths = array_map(fn (int $frame): array => array_keys($scene->list($frame)->paths()), [0, 40, 80, 90]);
        self::assertCount(3, array_unique([...$paths[0], ...$paths[1], ...$paths[2], ...$paths[3]]));
        self::assertSame($paths[2], $paths[3]);
    }
}
