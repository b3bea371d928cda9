<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Text;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Text\Glyph;
use Ricamo\Core\Text\ShapedLine;
use Ricamo\Raster\Tests\Scenes;
use Ricamo\Raster\Text\FontCoverage;
use Ricamo\Raster\Text\HarfBuzzShaper;
use Ricamo\Raster\Text\ShippedFonts;

final class EmojiTest extends TestCase
{
    /** @return iterable<string, array{string}> each one picture, of however many characters */
    public static function pictures(): iterable
    {
        yield 'a face' => ['😀'];
        yield 'with a shade of skin' => ['👍🏽'];
        yield 'several that are joined' => ['👩‍🚀'];
        yield 'a heart among them' => ['👩‍❤️‍👩'];
        yield 'a flag' => ['🇩🇪'];
        yield 'a flag of a region' => ['🏴󠁧󠁢󠁳󠁣󠁴󠁿'];
        yield 'a key' => ['1️⃣'];
        yield 'by a selector' => ['❤️'];
    }

    #[DataProvider('pictures')]
    public function test_a_picture_is_one_letter_in_layers_of_colour(string $picture): void
    {
        $glyphs = $this->shape("$picture$picture")->glyphs;
        self::assertCount(2, array_unique(array_map(fn (Glyph $one): int => $one->cluster, $glyphs)));
        $first = array_values(array_filter($glyphs, fn (Glyph $one): bool => $one->cluster === 0));
        self::assertGreaterThanOrEqual($picture === '❤️' ? 1 : 2, count($first));
        self::assertNotContains(null, array_map(fn (Glyph $one): mixed => $one->colour, $first));
        // Only the uppermost layer leads on.
        self::assertSame(0.0, (float) array_sum(array_map(fn (Glyph $one): float => $one->advance, array_slice($first, 0, -1))));
        self::assertGreaterThan(900, $first[count($first) - 1]->advance);
    }

    #[TestWith(['2 ❤ #', 'what is no picture by itself has the colour of the words'])]
    #[TestWith(['Depot', 'so have letters'])]
    public function test_words_stay_words(string $text, string $why): void
    {
        self::assertSame(
            [null],
            array_unique(array_map(fn (Glyph $one): mixed => $one->colour, $this->shape($text)->glyphs), SORT_REGULAR),
            $why,
        );
    }

    public function test_layers_are_filled_in_their_order_and_fade_as_one(): void
    {
        $text = [
            'id' => 'w', 'kind' => 'text', 'name' => 'Words', 'in' => 0, 'out' => 100, 'text' => 'a😀b',
            'position' => [20, 120], 'fill' => '#112233',
        ];
        $items = Scenes::of([$text])->list(0)->toJson()['items'];
        $layers = array_map(fn (Glyph $one): string => (string) $one->colour, $this->shape('😀')->glyphs);
        self::assertSame(['#112233', ...$layers], array_column($items, 'colour'), 'the letters at once, then the face from beneath');
        $coming = Scenes::of([[
            ...$text,
            'cascades' => [['id' => 'c1', 'as' => 'arrive', 'units' => 'letters', 'length' => 30, 'overlap' => 0]],
        ]])->list(15)->toJson()['items'];
        $group = array_values(array_filter($coming, fn (array $one): bool => $one['op'] === 'group'))[0];
        self::assertSame($layers, array_column($group['items'], 'colour'));
        self::assertGreaterThan(0, $group['opacity']);
        self::assertLessThan(1, $group['opacity']);
        // At its end it is the resting picture.
        self::assertSame(
            $items,
            Scenes::of([[
                ...$text, 'cascades' => [['id' => 'c1', 'as' => 'arrive', 'units' => 'letters', 'length' => 30]],
            ]])->list(30)->toJson()['items'],
        );
    }

    public function test_pictures_are_not_missed_in_any_font(): void
    {
        self::assertSame(['漢'], (new FontCoverage(new ShippedFonts))->missing('Depot 😀 ❤️ 漢', 'dejavu-sans'));
    }

    private function shape(string $text): ShapedLine
    {
        return (new HarfBuzzShaper)->shape($text, 'karla-bold');
    }
}
