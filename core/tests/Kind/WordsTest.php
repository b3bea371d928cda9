<?php

namespace Ricamo\Core\Tests\Kind;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\Counting;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Tests\SquareShaper;
use Ricamo\Core\Text\LineBreaks;

/** Words with a plate, in a box, and counting. A letter is 50 px wide at 100 px, a line 80 px above its baseline to 20 px below. */
final class WordsTest extends TestCase
{
    private static function words(array $more): Composition
    {
        return Fixture::composition([Fixture::words(['typeSize' => 100, 'position' => [0, 0], ...$more])]);
    }

    /** @return list<array<string, mixed>> with the data of each path in its place */
    private static function items(Composition $composition, int $frame = 0): array
    {
        $list = Fixture::evaluator()->frame($composition, $frame)->toJson();

        return array_map(fn (array $item): array => [...$item, 'path' => $list['paths'][$item['path']]], $list['items']);
    }

    /** @return array{float, float, float, float} */
    private static function box(Composition $composition, int $frame = 0): array
    {
        $layer = $composition->layer('words');

        return Fixture::evaluator()->pose($layer, $composition, $frame)->box->toJson();
    }

    public function test_a_plate_is_as_large_as_the_words_and_its_margin(): void
    {
        $plated = self::words(['text' => "Depot\nNine", 'plate' => '#24557a', 'platePadding' => [30, 10]]);
        [$plate] = self::items($plated);
        // Two lines, the second baseline 120 px below the first; the wider one is 250 px.
        self::assertSame(['#24557a', 'M-30 -90L280 -90L280 150L-30 150Z'], [$plate['colour'], $plate['path']]);
        self::assertEquals([-30, -90, 280, 150], self::box($plated));
        // It follows other words at once.
        self::assertSame('M-30 -90L530 -90L530 30L-30 30Z', self::items(self::words(['text' => 'Depot Nine', 'plate' => '#24557a', 'platePadding' => [30, 10]]))[0]['path']);
        // Line by line each has its own.
        self::assertSame('M-30 -90L280 -90L280 30L-30 30ZM-30 30L230 30L230 150L-30 150Z', self::items(self::words(['text' => "Depot\nNine", 'plate' => '#24557a', 'platePadding' => [30, 10], 'plateByLine' => true]))[0]['path']);
        self::assertCount(1, self::items(self::words([])));
        self::assertCount(0, self::items(self::words(['text' => '', 'plate' => '#24557a'])));
        // What is not said is not written.
        self::assertArrayNotHasKey('plate', self::words([])->toJson()['layers'][0]);
    }

    public function test_words_break_where_they_may_so_that_they_are_not_wider_than_their_box(): void
    {
        $lines = fn (array $more): int => count(array_filter(self::items(self::words(['text' => 'the depot opens its gates', ...$more])), fn (array $item): bool => $item['op'] === 'fill'));
        self::assertSame([1, 3, 2], [$lines([]), $lines(['boxWidth' => 500]), $lines(['boxWidth' => 800])]);
        [, , $right] = self::box(self::words(['text' => 'the depot opens its gates', 'boxWidth' => 500]));
        self::assertEqualsWithDelta(9 * 50, $right, 1e-6);
        // Half as large, twice as many letters go into a line.
        self::assertSame(2, $lines(['boxWidth' => 500, 'typeSize' => 50]));
        $shaper = new SquareShaper;
        $wrapped = fn (string $text, float $width): array => LineBreaks::wrapped($text, $shaper->shape($text, 'f'), 0, $width);
        self::assertSame(['one two', 'three', 'four'], $wrapped('one two three four', 3500));
        // Exactly as wide is not too wide; a word that is wider than all stands alone.
        self::assertSame(['aa bb', 'cc'], $wrapped('aa bb cc', 2500));
        self::assertSame(['a', 'wwwwwwwwww', 'b'], $wrapped('a wwwwwwwwww b', 2000));
        self::assertSame(['well-', 'known'], $wrapped('well-known', 2500));
        self::assertSame([''], $wrapped('', 100));
        // Tracking counts between letters, not after the last.
        self::assertSame(['aa bb', 'cc'], LineBreaks::wrapped('aa bb cc', $shaper->shape('aa bb cc', 'f'), 100, 2900));
        self::assertSame(['aa', 'bb', 'cc'], LineBreaks::wrapped('aa bb cc', $shaper->shape('aa bb cc', 'f'), 100, 2899));
    }

    public function test_words_shrink_to_fit_their_box_and_never_grow(): void
    {
        $fitted = self::words(['text' => 'the depot opens', 'boxWidth' => 375, 'fitBox' => true]);
        self::assertEqualsWithDelta([0, -40, 375, 10], self::box($fitted), 1e-6);
        self::assertEqualsWithDelta([0, -80, 250, 20], self::box(self::words(['text' => 'depot', 'boxWidth' => 375, 'fitBox' => true])), 1e-6);
    }

    /** @return list<array{array<string, mixed>, float, string}> */
    public static function numbers(): array
    {
        return [
            [[], 41.5, '42'], [[], -0.4, '0'], [[], -41.5, '−42'], [['decimals' => 2], 3.14159, '3.14'], [['decimals' => 1, 'comma' => true, 'group' => 'point'], 12345.67, '12.345,7'],
            [['group' => 'space'], 1234567, "1\u{202F}234\u{202F}567"], [['group' => 'apostrophe'], 1000, '1’000'], [['time' => true], 75.9, '1:15'], [['time' => true], 3671, '1:01:11'],
            [['time' => true, 'decimals' => 2], 9.999, '0:09.99'], [['time' => true], -61, '−1:01'], [['time' => true, 'decimals' => 1], 0.3, '0:00.3'],
        ];
    }

    /** @param  array<string, mixed>  $format */
    #[DataProvider('numbers')]
    public function test_a_number_is_written_as_it_is_wanted(array $format, float $number, string $expected): void
    {
        $counting = Counting::read(new Node($format));
        self::assertSame("$expected %", $counting->in('# %', $number));
        self::assertEquals($counting, Counting::read(new Node($counting->toJson())));
    }

    public function test_words_count_as_their_number_is_keyframed(): void
    {
        $counting = self::words(['text' => '# kg', 'counts' => ['decimals' => 0], 'number' => Fixture::keyframes([0, 0], [50, 1000])]);
        self::assertEqualsWithDelta([4 * 50, 5 * 50, 6 * 50, 7 * 50], array_map(fn (int $frame): float => self::box($counting, $frame)[2], [0, 1, 5, 50]), 1e-6);
        self::assertSame(self::items(self::words(['text' => '500 kg'])), self::items($counting, 25));
        // Without, the sign stands for itself.
        self::assertEqualsWithDelta(200, self::box(self::words(['text' => '# kg', 'number' => 500]))[2], 1e-6);
        $this->expectException(Refusal::class);
        self::words(['counts' => ['group' => 'star']]);
    }

    public function test_words_follow_a_path_letter_by_letter(): void
    {
        // Down a vertical line from (100, 0): each letter is turned a quarter, its middle where it would be along a straight one.
        $down = self::items(self::words(['text' => 'ab', 'path' => 'M100 0L100 400']));
        self::assertEqualsWithDelta([0, 0.1, -0.1, 0], array_slice($down[0]['matrix'], 0, 4), 1e-6);
        self::assertEqualsWithDelta([[100, 0], [100, 0]], array_map(fn (array $item): array => array_slice($item['matrix'], 4), $down), 1e-3);
        self::assertEqualsWithDelta([100, 100], array_slice(self::items(self::words(['text' => 'ab', 'path' => 'M100 0L100 400', 'pathOffset' => 25]))[0]['matrix'], 4), 1e-3);
        // On a circle of 200 px the letter at a quarter of it is turned a quarter.
        $round = self::items(self::words(['text' => 'a', 'align' => 'centre', 'path' => 'M0 -200C110.457 -200 200 -110.457 200 0C200 110.457 110.457 200 0 200', 'pathOffset' => 50]));
        self::assertEqualsWithDelta([0, 0.1], array_slice($round[0]['matrix'], 0, 2), 1e-4);
        self::assertEqualsWithDelta([200, 0], [$round[0]['matrix'][4], $round[0]['matrix'][5] + 25], 0.05);
        self::assertEqualsWithDelta([100 - 20, 0, 180, 50], self::box(self::words(['text' => 'a', 'path' => 'M100 0L100 400'])), 1e-6);
        // A cascade moves each along its own direction, and leaves the same at rest.
        $cascade = ['cascades' => [['id' => 'c1', 'as' => 'arrive', 'units' => 'words', 'length' => 10, 'opacity' => 100, 'position' => [0, 50]]]];
        self::assertEquals($down, self::items(self::words(['text' => 'ab', 'path' => 'M100 0L100 400', ...$cascade]), 10));
        self::assertEqualsWithDelta([50, 0], array_slice(self::items(self::words(['text' => 'ab', 'path' => 'M100 0L100 400', ...$cascade]))[0]['matrix'], 4), 1e-3);
        // Drawn in the picture, it lies where it was drawn.
        $drawn = Fixture::edit(self::words(['position' => [300, 200], 'rotation' => 90]), 'draw-path', ['path' => 'M300 200L300 600', 'frame' => 0, 'onto' => 'words']);
        self::assertSame('M0 0L400 0', $drawn->toJson()['layers'][0]['path']);
    }

    public function test_features_of_the_font_are_asked_for_by_their_tags(): void
    {
        $layer = self::words(['features' => ['tabular-figures', 'no-ligatures']])->layer('words');
        self::assertSame(['tnum' => 1, 'liga' => 0, 'clig' => 0], $layer->content->tags());
        self::assertSame(['tabular-figures', 'no-ligatures'], $layer->toJson()['features']);
        $this->expectExceptionMessage('features[0]');
        self::words(['features' => ['sparkling']]);
    }
}
