<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Cascade\Dice;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Line\BrushForm;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** Outlines that are drawn with brushes. */
final class BrushTest extends TestCase
{
    use DrawnLines;

    public function test_the_marks_of_brushes_are_as_large_as_they_are_counted(): void
    {
        $first = fn (string $form): array => self::items(self::square(['brush' => [
            'form' => $form, 'grow' => 0, 'scatterOpacity' => 0.001,
        ]]))[0];
        self::assertEquals(new Box(-500, -500, 500, 500), Contours::parse($first('tiles')['path'])->path()->bounds());
        foreach (self::points($first('chalk')['path']) as [$x, $y]) {
            self::assertGreaterThanOrEqual(200, hypot($x, $y));
            self::assertLessThanOrEqual(500, hypot($x, $y));
        }
        self::assertSame([500, 0, 0, 500, 0, 0], $first('airbrush')['gradient']['matrix']);
    }

    public function test_a_brush_sets_its_marks_evenly_along_the_line_from_where_it_begins(): void
    {
        $dots = fn (array $brush, array $more = []): array => self::items(self::square([
            'brush' => ['form' => 'dotted', 'size' => 100, 'spacing' => 200, 'grow' => 0, ...$brush], ...$more,
        ]));
        // 400 px by 20: twenty dots of 10 px.
        $items = $dots([]);
        self::assertCount(20, $items);
        self::assertEqualsWithDelta([0.01, 0, 0, 0.01, -50, -50], $items[0]['matrix'], 1e-6);
        self::assertEqualsWithDelta([-30, -50], array_slice($items[1]['matrix'], 4), 1e-4);
        self::assertEqualsWithDelta([-40, -50], array_slice($dots(['phase' => 50])[0]['matrix'], 4), 1e-4);
        // No mark changes its place while more of the line is drawn.
        $half = $dots([], ['drawEnd' => 50]);
        self::assertCount(10, $half);
        self::assertEquals(array_column(array_slice($items, 0, 10), 'matrix'), array_column($half, 'matrix'));
        // They grow behind the head: over 10 % of 400 px the one that is 20 px behind it is half as large.
        $growing = $dots(['grow' => 10], ['drawEnd' => 50]);
        self::assertEqualsWithDelta(
            [0.01, 0.01, 0.005],
            [
                hypot(...array_slice($growing[0]['matrix'], 0, 2)), hypot(...array_slice($growing[8]['matrix'], 0, 2)),
                hypot(...array_slice($growing[9]['matrix'], 0, 2)),
            ],
            1e-6,
        );
    }

    public function test_marks_that_are_grown_and_alike_are_one_outline_in_the_places_that_each_would_have(): void
    {
        $tiles = fn (array $brush, array $more = []): array => self::items(self::square([
            'brush' => ['form' => 'tiles', 'size' => 40, 'spacing' => 100, 'grow' => 5, 'scatter' => 30, 'scatterTurn' => 40, ...$brush],
            ...$more,
        ]));
        // 400 px by 4: a hundred tiles, in sheaves of 48; the same tiles one by one where they are not all as opaque.
        $sheaves = $tiles([]);
        self::assertSame([48, 48, 1, 1, 1, 1], array_map(fn (array $item): int => count(Contours::parse($item['path'])->all), $sheaves));
        $singles = $tiles(['scatterOpacity' => 1]);
        self::assertCount(100, $singles);
        $first = Contours::parse($singles[5]['path'])->mapped((new Affine(...$singles[5]['matrix']))->apply(...));
        $joined = new Contours([Contours::parse($sheaves[0]['path'])->all[5]]);
        self::assertEqualsWithDelta($first->path()->coordinates, $joined->path()->coordinates, 0.02);
        // Those that are still growing stand alone, and what is drawn already is the same outline on every frame.
        $half = $tiles([], ['drawEnd' => 80]);
        self::assertSame($sheaves[0]['path'], $half[0]['path']);
        self::assertGreaterThan(5, count($half) - 1);
    }

    public function test_marks_are_scattered_by_as_much_as_is_said(): void
    {
        $dots = fn (array $more): array => self::items(Fixture::composition([Fixture::bar([
            'form' => 'line', 'size' => [400, 0], 'fill' => '#00000000', 'outlineWidth' => 10, 'outline' => '#000000',
            'position' => [0, 0],
            'brush' => ['form' => 'dotted', 'size' => 100, 'spacing' => 200, 'grow' => 0, 'seed' => 7, ...$more],
        ])]));
        $plain = $dots(['scatterOpacity' => 0.001]);
        self::assertCount(20, $plain);
        // Three times the line's width at most, either way; each by its own throw.
        foreach ($dots(['scatter' => 300, 'scatterOpacity' => 0.001]) as $number => $dot) {
            self::assertEqualsWithDelta(
                [$plain[$number]['matrix'][4] + 30 * Dice::thrown(7, $number, 'x'), 30 * Dice::thrown(7, $number, 'y')],
                array_slice($dot['matrix'], 4), 1e-3,
            );
        }
        foreach ($dots(['scatterSize' => 50, 'scatterOpacity' => 0.001]) as $number => $dot) {
            self::assertEqualsWithDelta(
                $plain[$number]['matrix'][0] * (1 + 0.5 * Dice::thrown(7, $number, 'size')), $dot['matrix'][0], 1e-5,
            );
        }
        foreach ($dots(['scatterTurn' => 40, 'scatterOpacity' => 0.001]) as $number => $dot) {
            self::assertEqualsWithDelta(40 * Dice::thrown(7, $number, 'turn'), rad2deg(atan2($dot['matrix'][1], $dot['matrix'][0])), 0.01);
        }
        foreach ($dots(['scatterOpacity' => 80]) as $number => $dot) {
            self::assertEqualsWithDelta(
                255 * (1 - 0.8 * (0.5 + 0.5 * Dice::thrown(7, $number, 'opacity'))), hexdec(substr($dot['colour'], 7)), 1,
            );
        }
    }

    public function test_marks_grow_at_the_tip_of_what_is_drawn(): void
    {
        // 400 px with a dot every 20, half drawn; over the last 100 px they grow from nothing.
        $dots = self::items(Fixture::composition([Fixture::bar([
            'form' => 'line', 'size' => [400, 0], 'fill' => '#00000000', 'outlineWidth' => 10, 'position' => [0, 0],
            'drawEnd' => 50,
            'brush' => ['form' => 'dotted', 'size' => 100, 'spacing' => 200, 'grow' => 25, 'scatterOpacity' => 0.001],
        ])]));
        self::assertEqualsWithDelta(
            [10, 10, 10, 10, 10, 10, 8, 6, 4, 2], array_map(fn (array $one): float => 1000 * $one['matrix'][0], $dots),
            1e-3,
        );
    }

    public function test_chance_is_thrown_by_a_seed(): void
    {
        $leaves = fn (int $seed): array => self::items(self::square(['brush' => [
            'form' => 'leaves', 'scatter' => 100, 'scatterOpacity' => 50, 'seed' => $seed,
        ]]));
        self::assertSame($leaves(3), $leaves(3));
        self::assertNotEquals($leaves(3), $leaves(4));
        // A stem, and leaves on both sides of it in turns.
        self::assertSame(['stroke', 'fill'], array_values(array_unique(array_column($leaves(3), 'op'))));
        self::assertCount(2, array_unique(array_column(array_slice($leaves(3), 1), 'path')));
        self::assertGreaterThan(5, count(array_unique(array_column(array_slice($leaves(3), 1), 'colour'))));
    }

    /** @return array<string, array{BrushForm}> */
    public static function brushes(): array
    {
        return array_combine(
            array_column(BrushForm::cases(), 'value'),
            array_map(fn (BrushForm $form): array => [$form], BrushForm::cases()),
        );
    }

    /** One of one's own is nothing without what it sets. */
    private static function brush(BrushForm $form): array
    {
        return ['form' => $form->value, ...($form === BrushForm::Own ? ['mark' => 'M0 0L40 0L20 30Z'] : [])];
    }

    #[DataProvider('brushes')]
    public function test_each_brush_draws_something_on_words_and_shapes_in_any_paint(BrushForm $form): void
    {
        $gradients = [['of' => 'outline', 'form' => 'linear']];
        foreach ([
            self::square(['brush' => self::brush($form), 'gradients' => $gradients]),
            Fixture::composition([Fixture::words(['outlineWidth' => 4, 'fill' => '#00000000', 'brush' => self::brush($form)])]),
        ] as $composition) {
            self::assertGreaterThan(8, count(self::items($composition)));
            self::assertEquals($composition->toJson(), Composition::read(new Node($composition->toJson()))->toJson());
        }
        $set = Fixture::edit(self::square(), 'set-brush', ['layers' => ['bar'], 'brush' => self::brush($form)]);
        self::assertSame($form->defaults()['size'], $set->layer('bar')->number('b1.size', 0));
        $none = Fixture::edit($set, 'set-brush', ['layers' => ['bar'], 'brush' => null]);
        self::assertSame(self::square()->toJson(), $none->toJson());
    }

    public function test_marks_are_as_large_as_the_line_is_wide_there(): void
    {
        $brush = ['form' => 'dotted', 'size' => 100, 'spacing' => 500];
        $line = fn (array $more): array => array_map(
            fn (array $item): float => 100 * $item['matrix'][0],
            self::rawItems(Fixture::composition([Fixture::bar([
                'form' => 'path', 'path' => 'M0 0L400 0', 'fill' => '#00000000', 'outlineWidth' => 10, 'position' => [0, 0],
                'brush' => $brush, ...$more,
            ])])),
        );
        $even = $line([]);
        self::assertCount(8, $even);
        // Every 50 px of 400: half as wide at its ends, as a hand pressed, and over the first half narrow at first.
        self::assertEqualsWithDelta(
            array_map(fn (int $number): float => $even[$number] * (1 - abs(1 - $number / 4) / 2), range(0, 7)),
            $line(['widths' => [50, 100, 50]]), 1e-6,
        );
        self::assertEqualsWithDelta(
            array_map(fn (int $number): float => $even[$number] * min(1, $number / 4), range(1, 7)),
            $line(['taperBegin' => 50]), 1e-6,
        );
    }

    public function test_any_shape_is_set_along_a_line_as_large_as_the_brush(): void
    {
        $composition = Fixture::composition([
            Fixture::bar(['size' => [100, 100], 'fill' => '#00000000', 'outlineWidth' => 10, 'position' => [0, 0]]),
            Fixture::bar(['id' => 'like', 'form' => 'star', 'size' => [300, 600], 'rounding' => 10, 'position' => [900, 500]]),
        ]);
        $set = Fixture::edit(
            $composition, 'set-brush',
            ['layers' => ['bar'], 'brush' => ['form' => 'own', 'from' => 'like', 'size' => 200, 'spacing' => 250]],
        );
        $json = $set->layer('bar')->toJson()['brush'];
        self::assertSame('own', $json['form']);
        self::assertArrayNotHasKey('from', $json);
        self::assertEquals($set->toJson(), Composition::read(new Node($set->toJson()))->toJson());
        // Every 50 px of 400; 20 px high where the line goes to the right, its middle on the line.
        $items = array_slice(self::items($set), 0, 8);
        $bounds = Contours::parse($items[1]['path'])->mapped(self::matrix($items[1])->apply(...))->path()->bounds();
        self::assertEqualsWithDelta([0, -50, 20], [$bounds->centre()->x, $bounds->centre()->y, $bounds->height()], 0.6);
        $this->expectExceptionMessage('neither a shape nor a picture');
        Fixture::edit(
            Fixture::composition([...$composition->toJson()['layers'], Fixture::words()]), 'set-brush',
            ['layers' => ['bar'], 'brush' => ['form' => 'own', 'from' => 'words']],
        );
    }

    public function test_a_picture_is_set_along_a_line_and_counts_as_what_the_layer_uses(): void
    {
        $composition = Fixture::composition([
            Fixture::clip(),
            Fixture::bar(['size' => [100, 100], 'fill' => '#00000000', 'outlineWidth' => 10, 'position' => [0, 0]]),
        ]);
        $set = Fixture::edit(
            $composition, 'set-brush',
            ['layers' => ['bar'], 'brush' => ['form' => 'own', 'from' => 'clip', 'size' => 200, 'spacing' => 250, 'scatterOpacity' => 100]],
        );
        $items = array_values(array_filter(
            self::rawItems($set), fn (array $item): bool => $item['op'] === 'image' && $item['opacity'] < 1,
        ));
        self::assertCount(8, $items);
        // The longer side of 1920 × 1080 px is 20 px long; the clip plays on.
        self::assertEqualsWithDelta(20 / 1920, hypot($items[1]['matrix'][0], $items[1]['matrix'][1]), 1e-6);
        self::assertSame(['brush' => 'm1'], $set->layer('bar')->media());
        self::assertSame('m2', $set->layer('bar')->usingMedia(['m1' => 'm2'])->attached->brush?->media);
        foreach ([
            ['form' => 'own'], ['form' => 'own', 'mark' => 'M0 0L9 9', 'media' => 'm1'],
            ['form' => 'own', 'mark' => 'M0 0'], ['form' => 'own', 'mark' => 'nonsense'],
        ] as $wrong) {
            try {
                self::square(['brush' => $wrong]);
                self::fail('not refused: '.json_encode($wrong));
            } catch (Refusal $refusal) {
                self::assertStringContainsString('brush', $refusal->getMessage());
            }
        }
    }

    /** @param  array<string, mixed>  $item */
    private static function matrix(array $item): Affine
    {
        return new Affine(...$item['matrix']);
    }

    public function test_there_is_an_end_to_how_many_marks_there_are(): void
    {
        $composition = self::square(['size' => [90_000, 90_000], 'brush' => ['form' => 'dotted', 'size' => 1, 'spacing' => 1]]);
        self::assertLessThanOrEqual(5001, count(self::items($composition)));
        $this->expectException(Refusal::class);
        Fixture::composition([Fixture::clip(['brush' => ['form' => 'dotted']])]);
    }
}
