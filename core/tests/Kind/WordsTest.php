<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Kind;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\Clock;
use Ricamo\Core\Kind\Text\Counting;
use Ricamo\Core\Kind\Text\TextContent;
use Ricamo\Core\Kind\Text\TextKind;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Tests\SquareShaper;
use Ricamo\Core\Text\Language;
use Ricamo\Core\Text\LineBreaks;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Time\FrameRate;
use Ricamo\Core\Value\Face;

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

    public function test_a_number_goes_in_step_with_a_value_of_another_layer(): void
    {
        $bar = Fixture::bar(['size' => Fixture::keyframes([0, [0, 40]], [50, [640, 40]]), 'fill' => '#aa0000']);
        $words = fn (array $of, array $more = []): array => Fixture::words([
            'text' => '# %', 'counts' => ['decimals' => 0, 'of' => $of], ...$more,
        ]);
        $set = function (array $of, int $frame, array $more = []) use ($bar, $words): int {
            $items = Fixture::evaluator()->frame(Fixture::composition([$bar, $words($of, $more)]), $frame)->toJson();

            // Letters are squares: as many as are drawn, without the space and the sign.
            return substr_count($items['paths'][$items['items'][1]['path'] ?? $items['items'][0]['path']], 'M') - 1;
        };
        $width = ['layer' => 'bar', 'property' => 'size'];
        // 320 half way, and 12800 more; the height is 40 all along.
        self::assertSame([1, 3, 3], [$set($width, 0), $set($width, 25), $set($width, 50)]);
        self::assertSame(5, $set($width, 25, ['number' => 12_800]));
        self::assertSame(2, $set([...$width, 'axis' => 'y'], 25));
        self::assertSame([2, 4], [$set([...$width, 'times' => 0.05], 25), $set([...$width, 'times' => 10], 25)]);
        // What is no number, or is not there, adds nothing.
        self::assertSame(
            [1, 1, 1],
            [
                $set(['layer' => 'gone', 'property' => 'size'], 25), $set(['layer' => 'bar', 'property' => 'fill'], 25),
                $set(['layer' => 'bar', 'property' => 'nothing'], 25),
            ],
        );
        $composition = Fixture::composition([$bar, $words($width)]);
        self::assertEquals($composition->toJson(), Composition::read(new Node($composition->toJson()))->toJson());
        // Copied together, the copy goes in step with the copy.
        $copied = Fixture::edit($composition, 'duplicate-layers', ['layers' => ['bar', 'words']]);
        $copies = array_diff($copied->layers->ids(), ['bar', 'words']);
        $json = array_values(array_map(fn (string $id): array => $copied->layer($id)->toJson(), $copies));
        self::assertSame($json[0]['id'], $json[1]['counts']['of']['layer']);
        // Apart, x and y are still its position.
        $apart = Fixture::edit(
            Fixture::composition([$bar, $words(['layer' => 'bar', 'property' => 'position', 'axis' => 'y'])]), 'set-axes',
            ['layers' => ['bar'], 'apart' => true],
        );
        self::assertSame(
            $apart->layer('bar')->number('y', 0),
            \Ricamo\Core\Kind\Text\Followed::read(new Node(['layer' => 'bar', 'property' => 'position', 'axis' => 'y']))->value($apart, 0),
        );
        self::assertSame(
            $apart->layer('bar')->number('y', 0),
            \Ricamo\Core\Kind\Text\Followed::read(new Node(['layer' => 'bar', 'property' => 'y']))->value($apart, 0),
        );
    }

    public function test_lines_run_down_the_next_at_the_left_of_the_one_before(): void
    {
        $words = ['text' => "ab\ncde", 'typeSize' => 100, 'leading' => 120, 'position' => [500, 300], 'fill' => '#ffffff'];
        $down = self::items(self::words([...$words, 'down' => true]));
        // What is to the right in the line is further down; 120 px apart.
        self::assertEqualsWithDelta([0, 0.1, -0.1, 0, 500, 300], $down[0]['matrix'], 1e-6);
        self::assertEqualsWithDelta([0, 0.1, -0.1, 0, 380, 300], $down[1]['matrix'], 1e-6);
        $across = self::box(self::words($words));
        // The box is that of the same lines, turned to the right: [left, top, right, bottom] of (−y, x).
        self::assertEqualsWithDelta(
            [-$across[3], $across[0], -$across[1], $across[2]], self::box(self::words([...$words, 'down' => true])), 1e-6,
        );
        // In a box lines are as long as it is wide; what does not fit in one is set smaller, here as when it is level.
        $fit = ['text' => 'abcd', 'boxWidth' => 120, 'fitBox' => true];
        self::assertEqualsWithDelta(120, self::box(self::words([...$words, ...$fit, 'down' => true]))[3], 1e-6);
        // Along a path they follow that.
        $path = ['path' => 'M0 0L400 0'];
        self::assertEquals(
            self::items(self::words([...$words, ...$path])),
            self::items(self::words([...$words, ...$path, 'down' => true])),
        );
        $composition = self::words([...$words, 'down' => true]);
        self::assertEquals($composition->toJson(), Composition::read(new Node($composition->toJson()))->toJson());
    }

    public function test_a_plate_is_as_large_as_the_words_and_its_margin(): void
    {
        $plated = self::words(['text' => "Depot\nNine", 'plate' => '#24557a', 'platePadding' => [30, 10]]);
        [$plate] = self::items($plated);
        // Two lines, the second baseline 120 px below the first; the wider one is 250 px.
        self::assertSame(['#24557a', 'M-30 -90L280 -90L280 150L-30 150Z'], [$plate['colour'], $plate['path']]);
        self::assertEquals([-30, -90, 280, 150], self::box($plated));
        // It follows other words at once.
        self::assertSame(
            'M-30 -90L530 -90L530 30L-30 30Z',
            self::items(self::words(['text' => 'Depot Nine', 'plate' => '#24557a', 'platePadding' => [30, 10]]))[0]['path'],
        );
        // Line by line each has its own.
        self::assertSame(
            'M-30 -90L280 -90L280 30L-30 30ZM-30 30L230 30L230 150L-30 150Z',
            self::items(self::words([
                'text' => "Depot\nNine", 'plate' => '#24557a', 'platePadding' => [30, 10], 'plateByLine' => true,
            ]))[0]['path'],
        );
        self::assertCount(1, self::items(self::words([])));
        self::assertCount(0, self::items(self::words(['text' => '', 'plate' => '#24557a'])));
        // What is not said is not written.
        self::assertArrayNotHasKey('plate', self::words([])->toJson()['layers'][0]);
    }

    public function test_words_break_where_they_may_so_that_they_are_not_wider_than_their_box(): void
    {
        $lines = fn (array $more): int => count(array_filter(
            self::items(self::words(['text' => 'the depot opens its gates', ...$more])),
            fn (array $item): bool => $item['op'] === 'fill',
        ));
        self::assertSame([1, 3, 2], [$lines([]), $lines(['boxWidth' => 500]), $lines(['boxWidth' => 800])]);
        [, , $right] = self::box(self::words(['text' => 'the depot opens its gates', 'boxWidth' => 500]));
        self::assertEqualsWithDelta(9 * 50, $right, 1e-6);
        // Half as large, twice as many letters go into a line.
        self::assertSame(2, $lines(['boxWidth' => 500, 'typeSize' => 50]));
        $shaper = new SquareShaper;
        $wrapped = fn (string $text, float $width): array => array_column(
            LineBreaks::wrapped($text, $shaper->shape($text, 'f'), 0, $width), 0,
        );
        self::assertSame(['one two', 'three', 'four'], $wrapped('one two three four', 3500));
        // Exactly as wide is not too wide; a word that is wider than all stands alone.
        self::assertSame(['aa bb', 'cc'], $wrapped('aa bb cc', 2500));
        self::assertSame(['a', 'wwwwwwwwww', 'b'], $wrapped('a wwwwwwwwww b', 2000));
        self::assertSame(['well-', 'known'], $wrapped('well-known', 2500));
        self::assertSame([''], $wrapped('', 100));
        // At a soft hyphen, which takes room there for one that is seen.
        $broken = self::items(self::words(['text' => "re\u{00AD}stored", 'boxWidth' => 320]));
        self::assertSame([3, 6], array_map(fn (array $item): int => substr_count($item['path'], 'Z'), $broken));
        // Tracking counts between letters, not after the last.
        self::assertSame([['aa bb', false], ['cc', false]], LineBreaks::wrapped('aa bb cc', $shaper->shape('aa bb cc', 'f'), 100, 2900));
        self::assertSame(['aa', 'bb', 'cc'], array_column(LineBreaks::wrapped('aa bb cc', $shaper->shape('aa bb cc', 'f'), 100, 2899), 0));
    }

    public function test_words_are_parted_where_their_language_lets_them(): void
    {
        $shaper = new SquareShaper;
        $parted = fn (string $text, float $width): array => LineBreaks::wrapped(
            $text, $shaper->shape($text, 'f'), 0, $width, $shaper->hyphens($text, Language::German),
        );
        // Squares of 500, and a hyphen that takes 330.
        self::assertSame([['old de', true], ['pot', false]], $parted('old depot', 3330));
        self::assertSame([['old', false], ['depot', false]], $parted('old depot', 3320));
        self::assertSame([['old depot', false]], $parted('old depot', 4500));
        self::assertSame([['the', false], ['ga', true], ['te', false], ['is', false]], $parted('the gate is', 1900));
        // In a text: the hyphen is one more letter of the line, and styles stay on their own.
        $text = self::words([
            'text' => 'old depot', 'boxWidth' => 333, 'hyphens' => 'en-GB',
            'styles' => [['from' => 6, 'to' => 9, 'colour' => '#ff0000']],
        ]);
        self::assertSame([6, 3], array_map(fn (array $item): int => substr_count($item['path'], 'Z'), self::items($text)));
        self::assertSame('en-GB', $text->toJson()['layers'][0]['hyphens']);
        self::assertCount(2, self::items(self::words(['text' => 'old depot', 'boxWidth' => 333])));
        $this->expectExceptionMessage('hyphens');
        self::words(['hyphens' => 'tlh']);
    }

    public function test_words_shrink_to_fit_their_box_and_never_grow(): void
    {
        $fitted = self::words(['text' => 'the depot opens', 'boxWidth' => 375, 'fitBox' => true]);
        self::assertEqualsWithDelta([0, -40, 375, 10], self::box($fitted), 1e-6);
        self::assertEqualsWithDelta(
            [0, -80, 250, 20], self::box(self::words(['text' => 'depot', 'boxWidth' => 375, 'fitBox' => true])), 1e-6,
        );
    }

    /** @return list<array{array<string, mixed>, float, string}> */
    public static function numbers(): array
    {
        return [
            [[], 41.5, '42'], [[], -0.4, '0'], [[], -41.5, '−42'], [['decimals' => 2], 3.14159, '3.14'],
            [['decimals' => 1, 'comma' => true, 'group' => 'point'], 12345.67, '12.345,7'],
            [['group' => 'space'], 1234567, "1\u{202F}234\u{202F}567"], [['group' => 'apostrophe'], 1000, '1’000'],
            [['time' => true], 75.9, '1:15'], [['time' => true], 3671, '1:01:11'], [['time' => true], 3600, '1:00:00'],
            [['time' => true], 3599.9, '59:59'], [['time' => true], -0.5, '0:00'],
            [['time' => true, 'decimals' => 2], 9.999, '0:09.99'], [['time' => true], -61, '−1:01'],
            [['time' => true, 'decimals' => 1], 0.3, '0:00.3'],
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
        self::assertEqualsWithDelta(
            [4 * 50, 5 * 50, 6 * 50, 7 * 50],
            array_map(fn (int $frame): float => self::box($counting, $frame)[2], [0, 1, 5, 50]), 1e-6,
        );
        self::assertSame(self::items(self::words(['text' => '500 kg'])), self::items($counting, 25));
        // Without, the sign stands for itself.
        self::assertEqualsWithDelta(200, self::box(self::words(['text' => '# kg', 'number' => 500]))[2], 1e-6);
        $this->expectException(Refusal::class);
        self::words(['counts' => ['group' => 'star']]);
    }

    public function test_a_time_runs_by_itself(): void
    {
        // At 25 frames a second; the layer is on for three seconds.
        [$span, $rate] = [new FrameRange(10, 85), new FrameRate(25)];
        self::assertSame(
            [0.0, 0.96, 1.0, 2.96],
            array_map(fn (float $at): float => Clock::Up->seconds($span, $at, $rate), [10, 34.9, 35, 84]),
        );
        self::assertSame([3.0, 2.96, 0.04], array_map(fn (float $at): float => Clock::Down->seconds($span, $at, $rate), [10, 11, 84]));
        $wide = fn (string $runs, float $number, int $frame): float => self::box(
            self::words(['in' => 10, 'out' => 85, 'text' => '#', 'counts' => ['time' => true, 'runs' => $runs], 'number' => $number]),
            $frame,
        )[2];
        // From 9:59 to 10:00 it becomes a letter longer, from 10:00 to 9:59 shorter.
        self::assertEqualsWithDelta([200, 250], [$wide('up', 599, 34), $wide('up', 599, 35)], 1e-6);
        self::assertEqualsWithDelta([250, 200], [$wide('down', 597, 10), $wide('down', 597, 11)], 1e-6);
        $this->expectExceptionMessage('counts.runs');
        self::words(['counts' => ['runs' => 'sideways']]);
    }

    public function test_words_follow_a_path_letter_by_letter(): void
    {
        // Down a vertical line from (100, 0): each letter is turned a quarter, its middle where it would be along a straight one.
        $down = self::items(self::words(['text' => 'ab', 'path' => 'M100 0L100 400']));
        self::assertEqualsWithDelta([0, 0.1, -0.1, 0], array_slice($down[0]['matrix'], 0, 4), 1e-6);
        self::assertEqualsWithDelta(
            [[100, 0], [100, 0]], array_map(fn (array $item): array => array_slice($item['matrix'], 4), $down), 1e-3,
        );
        self::assertEqualsWithDelta(
            [100, 100],
            array_slice(self::items(self::words(['text' => 'ab', 'path' => 'M100 0L100 400', 'pathOffset' => 25]))[0]['matrix'], 4),
            1e-3,
        );
        // On a circle of 200 px the letter at a quarter of it is turned a quarter.
        $round = self::items(self::words([
            'text' => 'a', 'align' => 'centre',
            'path' => 'M0 -200C110.457 -200 200 -110.457 200 0C200 110.457 110.457 200 0 200', 'pathOffset' => 50,
        ]));
        self::assertEqualsWithDelta([0, 0.1], array_slice($round[0]['matrix'], 0, 2), 1e-4);
        self::assertEqualsWithDelta([200, 0], [$round[0]['matrix'][4], $round[0]['matrix'][5] + 25], 0.05);
        self::assertEqualsWithDelta([100 - 20, 0, 180, 50], self::box(self::words(['text' => 'a', 'path' => 'M100 0L100 400'])), 1e-6);
        // A cascade moves each along its own direction, and leaves the same at rest.
        $cascade = ['cascades' => [[
            'id' => 'c1', 'as' => 'arrive', 'units' => 'words', 'length' => 10, 'opacity' => 100, 'position' => [0, 50],
        ]]];
        self::assertEquals($down, self::items(self::words(['text' => 'ab', 'path' => 'M100 0L100 400', ...$cascade]), 10));
        self::assertEqualsWithDelta(
            [50, 0],
            array_slice(self::items(self::words(['text' => 'ab', 'path' => 'M100 0L100 400', ...$cascade]))[0]['matrix'], 4),
            1e-3,
        );
        // Drawn in the picture, it lies where it was drawn.
        $drawn = Fixture::edit(
            self::words(['position' => [300, 200], 'rotation' => 90]), 'draw-path',
            ['path' => 'M300 200L300 600', 'frame' => 0, 'onto' => 'words'],
        );
        self::assertSame('M0 0L400 0', $drawn->toJson()['layers'][0]['path']);
    }

    public function test_some_characters_are_set_otherwise(): void
    {
        $styled = fn (array $styles, array $more = []): array => self::items(self::words([
            'text' => 'ab cd', 'styles' => $styles, ...$more,
        ]));
        // In a colour of their own: two parts of one line, each in its place.
        $coloured = $styled([['from' => 3, 'to' => 5, 'colour' => '#ff0000']]);
        self::assertSame(['#f3e3c3', '#ff0000'], array_column($coloured, 'colour'));
        self::assertSame('M1500 -500L1900 -500L1900 0L1500 0ZM2000 -500L2400 -500L2400 0L2000 0Z', $coloured[1]['path']);
        // What has a colour of its own is seen though the rest is clear.
        self::assertSame(
            [['#ff0000', $coloured[1]['path']]],
            array_map(
                fn (array $one): array => [$one['colour'], $one['path']],
                $styled([['from' => 3, 'to' => 5, 'colour' => '#ff0000']], ['fill' => '#00000000']),
            ),
        );
        // Half as large, above the baseline and wider apart.
        $small = $styled([['from' => 1, 'to' => 2, 'size' => 50, 'rise' => 30, 'tracking' => 100]]);
        self::assertStringStartsWith('M0 -500L400 -500L400 0L0 0ZM500 -550L700 -550L700 -300L500 -300ZM1350 -500', $small[0]['path']);
        // Larger ones need more room above.
        self::assertEqualsWithDelta(
            -160, self::box(self::words(['text' => 'ab', 'styles' => [['from' => 0, 'to' => 1, 'size' => 200]]]))[1], 1e-6,
        );
        // Counted over the ends of lines: the first letter of the second line alone is twice as high.
        $set = fn (array $styles): array => self::box(self::words(['text' => "ab\ncd", 'styles' => $styles]));
        self::assertSame($set([]), $set([['from' => 2, 'to' => 3, 'size' => 200]]));
        self::assertNotSame($set([]), $set([['from' => 4, 'to' => 5, 'size' => 200]]));
        self::assertSame($set([])[1], $set([['from' => 4, 'to' => 5, 'size' => 200]])[1]);
        // A line under words lies under the spaces between them, too.
        self::assertStringContainsString(
            'M0 110L500 110L500 172L0 172Z', $styled([['from' => 0, 'to' => 3, 'underline' => true]])[0]['path'],
        );
        self::assertSame(5, substr_count($styled([['from' => 0, 'to' => 3, 'underline' => true]])[0]['path'], 'Z') - 2);
        // In capitals, of which there may be more than letters.
        self::assertEqualsWithDelta(
            150, self::box(self::words(['text' => 'aß', 'styles' => [['from' => 0, 'to' => 2, 'case' => 'upper']]]))[2],
            1e-6,
        );
        // On the second line, in a box, and as units of a cascade.
        $lines = self::items(self::words([
            'text' => 'aa bb', 'boxWidth' => 120, 'styles' => [['from' => 3, 'to' => 5, 'colour' => '#00ff00']],
        ]));
        self::assertSame(['#f3e3c3', '#00ff00'], array_column($lines, 'colour'));
        $cascade = ['cascades' => [['id' => 'c1', 'as' => 'arrive', 'units' => 'words', 'length' => 20, 'overlap' => 0]]];
        self::assertSame(
            ['#f3e3c3', '#ff000080'],
            array_column(
                self::items(
                    self::words(['text' => 'ab cd', 'styles' => [['from' => 3, 'to' => 5, 'colour' => '#ff0000']], ...$cascade]),
                    15,
                ),
                'colour',
            ),
        );
        self::assertEquals(
            $coloured,
            self::items(self::words(['text' => 'ab cd', 'styles' => [['from' => 3, 'to' => 5, 'colour' => '#ff0000']], ...$cascade]), 20),
        );
    }

    public function test_styles_are_given_changed_and_follow_the_words(): void
    {
        $json = fn (Composition $of): array => $of->toJson()['layers'][0]['styles'] ?? [];
        $style = fn (Composition $of, int $from, int $to, array $style): Composition => Fixture::edit(
            $of, 'style-words', ['layer' => 'words', 'from' => $from, 'to' => $to, 'style' => $style],
        );
        $one = $style(self::words(['text' => 'the old depot']), 4, 7, ['colour' => '#ff0000']);
        self::assertSame([['from' => 4, 'to' => 7, 'colour' => '#ff0000']], $json($one));
        $two = $style($one, 5, 13, ['size' => 150]);
        self::assertEquals(
            [
                ['from' => 4, 'to' => 5, 'colour' => '#ff0000'],
                ['from' => 5, 'to' => 7, 'colour' => '#ff0000', 'size' => 150], ['from' => 7, 'to' => 13, 'size' => 150],
            ],
            $json($two),
        );
        // Neighbours that are alike are one; as in the rest of the text is none.
        self::assertEquals(
            [['from' => 4, 'to' => 13, 'size' => 150]],
            $json($style($style($two, 4, 5, ['size' => 150]), 4, 13, ['colour' => null])),
        );
        self::assertSame([], $json($style($one, 0, 99, ['colour' => null])));
        // Words that are put in before move them, what is put in between them is set alike, what is taken away is gone.
        $text = fn (Composition $of, string $text): array => $json(Fixture::edit(
            $of, 'set-content', ['layer' => 'words', 'content' => ['text' => $text]],
        ));
        self::assertSame([[8, 11]], array_map(fn (array $one): array => [$one['from'], $one['to']], $text($one, 'see the old depot')));
        self::assertSame([[4, 9]], array_map(fn (array $one): array => [$one['from'], $one['to']], $text($one, 'the oxxld depot')));
        self::assertSame([], $text($one, 'the depot'));
        // Where a number is written in the place of its sign, too.
        $counting = self::words([
            'text' => '# kg', 'counts' => [], 'number' => 1234,
            'styles' => [['from' => 2, 'to' => 4, 'colour' => '#ff0000']],
        ]);
        self::assertStringStartsWith('M2500 ', self::items($counting)[1]['path']);
        foreach ([
            [['from' => 0, 'to' => 4], ['from' => 3, 'to' => 5]], [['from' => 3, 'to' => 3]],
            [['from' => 0, 'to' => 1, 'case' => 'title']], [['from' => 0, 'to' => 1, 'colour' => 'red']],
        ] as $wrong) {
            try {
                self::words(['styles' => $wrong]);
                self::fail(json_encode($wrong) ?: '');
            } catch (Refusal $refusal) {
                self::assertStringContainsString('styles', $refusal->getMessage());
            }
        }
    }

    public function test_features_of_the_font_are_asked_for_by_their_tags(): void
    {
        $layer = self::words(['features' => ['tabular-figures', 'no-ligatures']])->layer('words');
        self::assertSame(['tnum' => 1, 'liga' => 0, 'clig' => 0], $layer->content->tags());
        self::assertSame(['tabular-figures', 'no-ligatures'], $layer->toJson()['features']);
        $this->expectExceptionMessage('features[0]');
        self::words(['features' => ['sparkling']]);
    }

    public function test_what_is_set_otherwise_stays_where_it_was_when_signs_become_numbers(): void
    {
        $words = (new TextKind)->readContent(new Node([
            'text' => '# or # or not', 'counts' => ['decimals' => 0, 'group' => 'none'],
            'styles' => [['from' => 2, 'to' => 4, 'colour' => '#ff0000'], ['from' => 10, 'to' => 13, 'colour' => '#00ff00']],
        ]));
        $written = $words->at(1234)->toJson();
        self::assertSame('1234 or 1234 or not', $written['text']);
        self::assertSame([[5, 7], [16, 19]], array_map(fn (array $one): array => [$one['from'], $one['to']], $written['styles']));
    }

    public function test_a_face_is_a_font_that_ships_or_one_of_the_media(): void
    {
        [$shipped, $own] = [new TextContent('a', 'karla-bold'), new TextContent('a', 'karla-bold', fontMedia: 'm7')];
        self::assertSame(['karla-bold', null], [$shipped->face(), Face::media($shipped->face())]);
        self::assertSame('m7', Face::media($own->face()));
    }
}
