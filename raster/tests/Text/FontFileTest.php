<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Text;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Refusal;
use Ricamo\Raster\Media\Clips as ProbedClips;
use Ricamo\Raster\Media\Probe;
use Ricamo\Raster\Tests\Clips;
use Ricamo\Raster\Tests\Scenes;
use Ricamo\Raster\Text\ClipFonts;
use Ricamo\Raster\Text\HarfBuzzShaper;

/** Fonts that are brought in. */
final class FontFileTest extends TestCase
{
    private const KARLA = __DIR__.'/../../fonts/Karla-Bold.otf';

    public function test_a_font_is_known_by_its_content_and_shapes_as_it_does_when_shipped(): void
    {
        copy(self::KARLA, $file = Clips::folder().'/brought.bin');
        $clip = Probe::clip($file);
        self::assertSame('Karla Bold', $clip->facts()->font);
        self::assertFalse($clip->facts()->isSound());
        $own = (new HarfBuzzShaper(new ClipFonts(new ProbedClips(['m7' => $clip]))))->shape('Depot Nine', 'media:m7');
        $shipped = (new HarfBuzzShaper)->shape('Depot Nine', 'karla-bold');
        self::assertSame($shipped->outline(0)->data(), $own->outline(0)->data());
        self::assertSame([$shipped->ascent, $shipped->descent], [$own->ascent, $own->descent]);
    }

    public function test_words_are_drawn_in_it(): void
    {
        $words = [
            'id' => 'w', 'kind' => 'text', 'name' => 'W', 'text' => 'II', 'in' => 0, 'out' => 10, 'position' => [20, 150],
            'typeSize' => 150, 'fill' => '#ffffff',
        ];
        $still = fn (array $fields): string => Scenes::of(
            [[...$words, ...$fields]], files: ['m1' => __DIR__.'/../../fonts/EBGaramond12-Italic.otf'],
        )->still(0)->data();
        self::assertSame($still(['font' => 'eb-garamond-italic']), $still(['fontMedia' => 'm1']));
        self::assertNotSame($still(['font' => 'karla-bold']), $still(['fontMedia' => 'm1']));
    }

    #[DataProvider('hostile')]
    public function test_what_is_no_font_is_refused(string $content, string $says): void
    {
        file_put_contents($file = Clips::folder().'/no-font.ttf', $content);
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($says);
        Probe::clip($file);
    }

    /** @return iterable<string, array{string, string}> */
    public static function hostile(): iterable
    {
        $font = (string) file_get_contents(self::KARLA);
        yield 'only a beginning' => ["OTTO\0\5".str_repeat("\xff", 200), 'it cannot be read as a font'];
        yield 'cut off' => [substr($font, 0, 400), 'it cannot be read as a font'];
        yield 'tables that point nowhere' => [
            substr($font, 0, 12).str_repeat("\xff", 400).substr($font, 412), 'it cannot be read as a font',
        ];
        yield 'packed for the web' => ["wOFF\0\1\0\0".str_repeat("\0", 100), 'it cannot be read as video'];
    }

    public function test_damaged_fonts_end_in_a_refusal_or_a_font(): void
    {
        $font = (string) file_get_contents(self::KARLA);
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(11));
        $file = Clips::folder().'/damaged.otf';
        $read = 0;
        for ($round = 0; $round < 60; $round++) {
            $damaged = $font;
            for ($hit = 0; $hit < 12; $hit++) {
                $damaged[$random->getInt(4, strlen($damaged) - 1)] = chr($random->getInt(0, 255));
            }
            file_put_contents($file, $damaged);
            try {
                $clip = Probe::clip($file);
                (new HarfBuzzShaper(new ClipFonts(new ProbedClips(['m1' => $clip]))))->shape('Depot Nine', 'media:m1')->outline(0);
                $read++;
            } catch (Refusal) {
            }
        }
        self::assertGreaterThan(0, $read);
    }
}
