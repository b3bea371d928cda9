<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** Words that are made shapes of, in a font of squares. */
final class ShapeWordsTest extends TestCase
{
    private static function words(array $more = []): Composition
    {
        return Fixture::composition([
            Fixture::bar(['id' => 'below']),
            Fixture::words([
                'id' => 'words', 'name' => 'Title', 'text' => "Tram no.\n7", 'typeSize' => 100, 'position' => [400, 300],
                'rotation' => 20, 'scale' => [150, 100], 'anchor' => [30, 10], ...$more,
            ]),
            Fixture::bar(['id' => 'above']),
        ]);
    }

    private static function shaped(Composition $composition, string $by = 'letters', int $frame = 0): Composition
    {
        return Fixture::edit($composition, 'shape-words', ['layer' => 'words', 'by' => $by, 'frame' => $frame]);
    }

    /** @return list<array{string, list<float>, string}> what is drawn, in pixels of the frame: how, each path's numbers, and its colour */
    private static function seen(Composition $composition, int $frame): array
    {
        $list = Fixture::evaluator()->frame($composition, $frame)->toJson();
        $seen = [];
        $walk = function (array $items) use (&$walk, &$seen, $list): void {
            foreach ($items as $item) {
                if ($item['op'] === 'group') {
                    $walk($item['items']);

                    continue;
                }
                foreach (Contours::parse($list['paths'][$item['path']])->mapped((new Affine(...$item['matrix']))->apply(...))->all as $contour) {
                    $seen[] = [
                        $item['op'],
                        array_map(fn (float $one): float => round($one, 2), (new Contours([$contour]))->path()->coordinates),
                        $item['colour'],
                    ];
                }
            }
        };
        $walk($list['items']);

        return $seen;
    }

    /** @return list<string> */
    private static function names(Composition $composition): array
    {
        return array_map(fn (Layer $one): string => $one->name, [...$composition->layers]);
    }

    #[TestWith(['letters', ['bar', 'T', 'r', 'a', 'm', 'n', 'o', '.', '7', 'Title', 'bar']])]
    #[TestWith(['words', ['bar', 'Tram', 'no.', '7', 'Title', 'bar']])]
    #[TestWith(['whole', ['bar', 'Title', 'bar']])]
    public function test_they_stand_where_the_words_stood_in_their_order(string $by, array $names): void
    {
        $words = self::words([
            'position' => Fixture::keyframes([0, [400, 300], 'linear'], [20, [700, 500]]),
            'fill' => Fixture::keyframes([0, '#000000', 'linear'], [20, '#ffffff']),
        ]);
        $shaped = self::shaped($words, $by);
        self::assertSame($names, array_map(fn (string $name): string => str_replace('Bar', 'bar', $name), self::names($shaped)));
        foreach ([0, 7, 20, 40] as $frame) {
            self::assertEqualsWithDelta(self::seen($words, $frame), self::seen($shaped, $frame), 0.06, "frame $frame");
        }
        self::assertSame($by === 'whole' ? 'shape' : 'group', $shaped->layer('words')->kind->name());
    }

    public function test_outlines_and_the_plate_come_along_and_stay_animated(): void
    {
        $words = self::words([
            'text' => 'No', 'outline' => '#ff0000', 'outlineWidth' => Fixture::keyframes([0, 2, 'linear'], [10, 12]),
            'plate' => '#00ff00', 'outlines' => [['id' => 'o4', 'colour' => '#0000ff', 'width' => 20]], 'drawEnd' => 50,
        ]);
        $shaped = self::shaped($words);
        self::assertSame(['Plate', 'N', 'o', 'Title'], array_slice(self::names($shaped), 1, 4));
        self::assertEqualsWithDelta(self::sorted(self::seen($words, 5)), self::sorted(self::seen($shaped, 5)), 0.06);
        $letter = Fixture::json($shaped, [...$shaped->layers][2]->id);
        self::assertSame(['o4', 'o5'], array_column($letter['outlines'], 'id'));
        self::assertEquals(
            ['centre', '#ff0000', Fixture::keyframes([0, 2, 'linear'], [10, 12])],
            [$letter['outlines'][1]['side'], $letter['outlines'][1]['colour'], $letter['outlines'][1]['width']],
        );
        self::assertSame([50.0, 'round'], [(float) $letter['drawEnd'], $letter['cap']]);
    }

    public function test_what_has_a_colour_of_its_own_keeps_it_in_a_group_of_its_word(): void
    {
        $words = self::words(['text' => 'Tram 7', 'styles' => [['from' => 1, 'to' => 3, 'colour' => '#ff0000']]]);
        self::assertSame(['Tm', 'ra', 'Tram', '7', 'Title'], array_slice(self::names($shaped = self::shaped($words, 'words')), 1, 5));
        [, $first, $red, $inner] = [...$shaped->layers];
        self::assertSame(
            ['#ff0000', 'group', $inner->id, $inner->id, 'words'],
            [(string) $red->colour('fill', 0), $inner->kind->name(), $first->group, $red->group, $inner->group],
        );
        self::assertEqualsWithDelta(self::sorted(self::seen($words, 0)), self::sorted(self::seen($shaped, 0)), 0.06);
        // As one, they are shapes in the one group.
        self::assertSame(
            ['words', 'words'],
            array_map(fn (Layer $one): ?string => $one->group, array_slice([...self::shaped($words, 'whole')->layers], 1, 2)),
        );
    }

    public function test_cascades_of_letters_become_those_of_layers(): void
    {
        $cascade = fn (string $id, array $more): array => [
            'id' => $id, 'as' => 'arrive', 'units' => 'letters', 'length' => 30, 'overlap' => 50, 'position' => [0, 80],
            ...$more,
        ];
        $words = self::words(['cascades' => [
            $cascade('c1', ['caret' => true]), $cascade('c2', ['units' => 'words']), ['id' => 'c3', 'mirrors' => 'c1'],
            ['id' => 'c4', 'mirrors' => 'c2'],
        ]]);
        $shaped = self::shaped($words);
        self::assertSame(
            [['c1', 'layers'], ['c3', null]],
            array_map(fn (array $one): array => [$one['id'], $one['units'] ?? null], Fixture::json($shaped, 'words')['cascades']),
        );
        $only = self::words(['cascades' => [$cascade('c1', [])]]);
        foreach ([4, 12, 20, 30] as $frame) {
            self::assertEqualsWithDelta(self::seen($only, $frame), self::seen(self::shaped($only), $frame), 0.06, "frame $frame");
        }
        self::assertArrayNotHasKey('cascades', Fixture::json(self::shaped($words, 'words'), 'words'));
    }

    public function test_numbers_and_sizes_are_those_of_the_frame(): void
    {
        $counting = self::words([
            'text' => '#', 'counts' => ['decimals' => 0], 'number' => Fixture::keyframes([0, 0, 'linear'], [20, 40]),
            'typeSize' => Fixture::keyframes([0, 50, 'linear'], [20, 100]),
        ]);
        $shaped = self::shaped($counting, 'letters', 10);
        self::assertSame(['2', '0', 'Title'], array_slice(self::names($shaped), 1, 3));
        self::assertEqualsWithDelta(self::seen($counting, 10), self::seen($shaped, 10), 0.06);
        self::assertEqualsWithDelta(self::seen($shaped, 10), self::seen($shaped, 20), 0.06);
    }

    #[TestWith([['gradients' => [['of' => 'fill', 'form' => 'corners']]], 'is painted with more than shapes by themselves could show'])]
    #[TestWith([
        ['gradients' => [['of' => 'outline', 'form' => 'linear', 'stops' => 2]]],
        'is painted with more than shapes by themselves could show',
    ])]
    #[TestWith([['text' => ' '], '“Title” shows no letters on that frame'])]
    public function test_what_cannot_be_is_refused(array $more, string $reason): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($reason);
        self::shaped(self::words($more));
    }

    public function test_a_long_word_has_a_short_name_without_what_is_not_seen(): void
    {
        self::assertSame(
            [str_repeat('n', 39).'…', 'a b'],
            array_map(
                fn (string $text): string => self::names(self::shaped(
                    self::words(['text' => $text, 'styles' => [['from' => 0, 'to' => 1, 'colour' => '#ff0000']]]), 'whole',
                ))[2],
                ['x'.str_repeat('n', 60), "xa\tb"],
            ),
        );
    }

    public function test_so_many_letters_are_too_many(): void
    {
        $this->expectExceptionMessage('“Title” has 301 parts; 300 at most become shapes');
        self::shaped(self::words(['text' => str_repeat('n', 301)]));
    }

    public function test_what_has_no_words_is_refused(): void
    {
        $this->expectExceptionMessage('“Bar” has no words');
        Fixture::edit(self::words(), 'shape-words', ['layer' => 'below', 'by' => 'letters', 'frame' => 0]);
    }

    /**
     * @param  list<array{string, list<float>, string}>  $seen
     * @return list<array{string, list<float>, string}> without what lies over what
     */
    private static function sorted(array $seen): array
    {
        usort(
            $seen,
            fn (array $a, array $b): int => [
                $a[0], $a[2], round($a[1][0]), round($a[1][1]),
            ] <=> [$b[0], $b[2], round($b[1][0]), round($b[1][1])],
        );

        return $seen;
    }
}
