<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Evaluate;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Cascade\Order;
use Ricamo\Core\Display\Coverage;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Filter\Blur;
use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Display\Filter\Moved;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Image;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Piece;
use Ricamo\Core\Display\Pieces;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Evaluate\Inspection;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Time\FrameRate;

/** Pictures that are cut into patches, each of which goes its own way. */
final class PatchworkTest extends TestCase
{
    private const DISTANCE = 1920 * 50 / 36;

    /**
     * A clip that fills the frame, cut into rows and columns, which come one after another: of n patches that overlap by three quarters
     * of their time each takes 25 / (1 + (n − 1) / 4) frames.
     *
     * @param  array<string, mixed>  $patchwork
     * @param  array<string, mixed>|null  $cascade  null for none
     * @param  array<string, mixed>  $layer
     */
    private static function cut(array $patchwork = [], ?array $cascade = [], array $layer = []): Composition
    {
        return Fixture::composition([Fixture::clip([
            'position' => [960, 540],
            'patchwork' => ['rows' => 1, 'columns' => 2, ...$patchwork],
            'cascades' => $cascade === null ? [] : [[
                'id' => 'c1', 'as' => 'arrive', 'units' => 'patches', 'length' => 25, 'overlap' => 75, 'easing' => 'linear', 'opacity' => 100,
                ...$cascade,
            ]],
            ...$layer,
        ])]);
    }

    /** @return list<Operation> */
    private static function drawn(Composition $composition, int $frame): array
    {
        return Fixture::evaluator()->frame($composition, $frame)->operations;
    }

    /**
     * @param  list<Operation>  $operations
     * @return list<list<Point>> the corners of what patches are cut out by, the lowest first
     */
    private static function patches(array $operations): array
    {
        $clips = [];
        foreach ($operations as $operation) {
            if ($operation instanceof Pieces) {
                array_push($clips, ...array_map(fn (Piece $piece): string => $piece->clip->data, $operation->pieces));
            } else {
                self::assertInstanceOf(Group::class, $operation);
                $clips[] = (string) $operation->clip?->data;
            }
        }

        return array_map(fn (string $clip): array => array_map(
            fn (array $pair): Point => new Point(...$pair), array_chunk(Path::parse($clip)->coordinates, 2),
        ), $clips);
    }

    /**
     * @param  list<array{float, float}>  $expected
     * @param  list<Point>  $found
     */
    private static function assertPlaces(array $expected, array $found): void
    {
        self::assertCount(count($expected), $found);
        foreach ($expected as $index => [$x, $y]) {
            self::assertEqualsWithDelta([$x, $y], [$found[$index]->x, $found[$index]->y], 0.002, "corner $index");
        }
    }

    #[TestWith(['grid'])]
    #[TestWith(['hexagons'])]
    #[TestWith(['shards'])]
    #[TestWith(['rings'])]
    #[TestWith(['path'])]
    public function test_at_rest_and_without_gaps_it_is_exactly_the_layer(string $form): void
    {
        $whole = Fixture::json(self::cut(cascade: null), 'clip');
        unset($whole['patchwork']);
        foreach ([[], ['rotation' => 20, 'tiltX' => 40, 'z' => -200], ['effects' => [['id' => 'e1', 'effect' => 'drop-shadow']]]] as $fields) {
            $patched = self::cut(['form' => $form, 'rows' => 3, 'columns' => 4], ['z' => -900], $fields);
            self::assertSame(
                Fixture::evaluator()->frame(Fixture::composition([[...$whole, ...$fields]]), 60)->toJson(),
                Fixture::evaluator()->frame($patched, 60)->toJson(),
            );
            self::assertNotSame(
                Fixture::evaluator()->frame($patched, 60)->toJson(), Fixture::evaluator()->frame($patched, 10)->toJson(), 'they come first',
            );
        }
    }

    public function test_patches_are_seen_where_a_pinhole_has_them(): void
    {
        // Each takes 20 frames, and the second begins 5 later: on frame 10 the first has half of its way left, the second three quarters.
        $drawn = self::patches(self::drawn(self::cut(cascade: ['z' => -800, 'tiltX' => 40, 'position' => [0, -300]]), 10));
        self::assertCount(2, $drawn);
        self::assertFalse(Coverage::isExact(self::drawn(self::cut(cascade: ['tiltX' => 40]), 10)), 'what they cover is found by drawing them');
        foreach ([[0.75, 960], [0.5, 0]] as $index => [$away, $left]) {
            // Tilted about the middle of the patch, which has come nearer: the farther one is drawn first.
            $tilt = deg2rad(40 * $away);
            $expected = [];
            // The outer edges are cut a little beyond the picture's.
            [$x1, $x2] = $left === 0 ? [-6, 960] : [960, 1926];
            foreach ([[$x1, -6], [$x2, -6], [$x2, 1086], [$x1, 1086]] as [$x, $y]) {
                $up = $y - 540;
                [$high, $z] = [540 - 300 * $away + $up * cos($tilt), -800 * $away - $up * sin($tilt)];
                $by = self::DISTANCE / (self::DISTANCE + $z);
                $expected[] = [960 + ($x - 960) * $by, 540 + ($high - 540) * $by];
            }
            self::assertPlaces($expected, $drawn[1 - $index]);
        }
    }

    public function test_what_is_nearer_covers_what_is_farther_away(): void
    {
        $depths = fn (array $cascade): array => array_map(
            fn (array $corners): float => round(min([INF, ...array_map(fn (Point $corner): float => $corner->x, $corners)])),
            self::patches(self::drawn(self::cut(cascade: $cascade), 10)),
        );
        // Half of 400 px away, and three quarters: the second is the farther one where they come from behind. The first reaches beyond the
        // picture by 6 px.
        $first = fn (float $z): float => round(960 - 966 / (1 + $z / self::DISTANCE));
        self::assertSame([960.0, $first(200)], $depths(['z' => 400]));
        self::assertSame([$first(-200), 960.0], $depths(['z' => -400]));
    }

    public function test_those_that_rest_are_cut_out_together_so_that_no_border_is_seen(): void
    {
        $composition = self::cut(['rows' => 2, 'columns' => 2], ['z' => -400, 'overlap' => 0, 'length' => 40]);
        // Ten frames each: on frame 25 two rest, the third is half-way, and the last has not begun.
        $drawn = self::drawn($composition, 25);
        self::assertCount(3, $drawn);
        self::assertInstanceOf(Group::class, $drawn[0]);
        self::assertSame('M0 0L960 0L960 540L0 540ZM960 0L1920 0L1920 540L960 540Z', $drawn[0]->clip?->data);
        self::assertCount(1, $drawn[0]->operations);
        self::assertInstanceOf(Image::class, $drawn[0]->operations[0]);
    }

    public function test_a_throw_settles_over_a_stretch_of_its_own(): void
    {
        // Twenty frames for the first; thrown to 40 % of its time, the rest of it is as far away as the rest of its time.
        $turn = function (int $frame): float {
            $composition = self::cut(cascade: ['scatterTurn' => 10, 'settles' => 40, 'seed' => 3]);
            $drawn = array_values(array_filter(
                self::patches(self::drawn($composition, $frame)),
                fn (array $corners): bool => min([INF, ...array_map(fn (Point $corner): float => $corner->x, $corners)]) < 900,
            ));
            [$one, $other] = $drawn[0];

            return rad2deg(atan2($other->y - $one->y, $other->x - $one->x));
        };
        $thrown = $turn(0);
        self::assertGreaterThan(0.5, abs($thrown));
        self::assertEqualsWithDelta($thrown, $turn(8), 1e-4);
        self::assertEqualsWithDelta($thrown * 0.5, $turn(14), 1e-4);
        self::assertEqualsWithDelta($thrown * (1 - 11 / 12), $turn(19), 1e-4);
    }

    public function test_what_is_in_the_picture_is_cut_along_with_it(): void
    {
        $composition = Fixture::composition([
            [
                'id' => 'g', 'kind' => 'group', 'name' => 'G', 'in' => 0, 'out' => 100, 'patchwork' => ['rows' => 1, 'columns' => 2],
                'cascades' => [['id' => 'c1', 'as' => 'arrive', 'units' => 'patches', 'length' => 20, 'easing' => 'linear', 'position' => [0, -50]]],
            ],
            Fixture::bar(['group' => 'g', 'size' => [400, 200], 'position' => [500, 500]]),
            Fixture::words(['group' => 'g', 'typeSize' => 100, 'position' => [320, 520]]),
        ]);
        foreach (self::drawn($composition, 6) as $piece) {
            self::assertInstanceOf(Group::class, $piece);
            $inner = $piece->operations;
            while (count($inner) === 1 && $inner[0] instanceof Group) {
                $inner = $inner[0]->operations;
            }
            self::assertGreaterThan(1, count($inner), 'the words and the bar');
        }
    }

    public function test_an_edge_runs_along_the_inside_and_the_shadow_of_a_clip_has_the_outline_of_the_patch(): void
    {
        $composition = self::cut(['gap' => 20, 'edge' => 3, 'edgeColour' => '#ff0000', 'shadow' => '#00000080', 'distance' => 10, 'angle' => 90, 'softness' => 6], null);
        [$shadow, $cut] = self::drawn($composition, 60);
        self::assertInstanceOf(Group::class, $shadow);
        self::assertEquals(new Blur(6), $shadow->filters[1]);
        self::assertInstanceOf(Moved::class, $shadow->filters[2]);
        self::assertEqualsWithDelta([0, 10], [$shadow->filters[2]->matrix->e, $shadow->filters[2]->matrix->f], 1e-9);
        self::assertInstanceOf(ColourMatrix::class, $shadow->filters[0]);
        self::assertInstanceOf(Fill::class, $shadow->operations[0]);
        self::assertSame('M0 0L950 0L950 1080L0 1080ZM970 0L1920 0L1920 1080L970 1080Z', self::clipOf($cut));
        $items = json_decode($cut->encode(), true)['items'];
        self::assertSame(['image', 'stroke'], array_column($items, 'op'));
        // Twice as wide, of which the half outside is cut off.
        self::assertEquals(['#ff0000', 6], [$items[1]['colour'], $items[1]['width']]);
    }

    private static function clipOf(Operation $operation): ?string
    {
        self::assertInstanceOf(Group::class, $operation);

        return $operation->clip?->data;
    }

    /** @param  list<float>  $expected  times the last, row by row, of two rows of three */
    #[TestWith(['columns', [0, 2, 4, 1, 3, 5], 5])]
    #[TestWith(['diagonal', [0, 1, 2, 1, 2, 3], 3])]
    #[TestWith(['spiral', [0, 1, 2, 5, 4, 3], 5])]
    public function test_patches_have_their_turns_in_every_order(string $order, array $expected, int $last): void
    {
        $middles = [];
        for ($index = 0; $index < 6; $index++) {
            $middles[] = new Point(100 * ($index % 3), 70 * intdiv($index, 3));
        }
        self::assertEqualsWithDelta(
            array_map(fn (int $turn): float => $turn / $last, $expected), Order::from($order)->turns($middles, 1), 1e-9,
        );
    }

    public function test_from_a_point_the_nearest_come_first(): void
    {
        $middles = [new Point(0, 0), new Point(300, 0), new Point(0, 400), new Point(300, 400)];
        self::assertEqualsWithDelta([0, 0.6, 0.8, 1], Order::Point->turns($middles, 1, new Point(0, 0)), 1e-9);
        self::assertSame([0.0, 0.0, 0.0, 0.0], Order::Point->turns($middles, 1));
    }

    public function test_a_ready_cascade_takes_the_patches_of_what_is_cut_and_goes_with_them(): void
    {
        $composition = Fixture::edit(Fixture::composition([Fixture::clip()]), 'set-patchwork', [
            'layers' => ['clip'], 'patchwork' => ['rows' => 3, 'columns' => 4, 'gap' => 5],
        ]);
        self::assertSame(['patches'], Inspection::of($composition->layer('clip'), 0, new FrameRate(25), Fixture::media())['units']);
        $composition = Fixture::edit($composition, 'add-cascade', ['layers' => ['clip'], 'cascade' => 'rise']);
        self::assertSame('patches', Fixture::json($composition, 'clip')['cascades'][0]['units']);
        $units = Fixture::evaluator()->cascades($composition->layer('clip'), $composition);
        self::assertSame(12, $units[0]['units']);
        $own = Fixture::json($composition, 'clip')['cascades'];
        $slower = Fixture::edit($composition, 'set-cascades', ['layers' => ['clip'], 'cascades' => [[...$own[0], 'length' => 50]]]);
        self::assertSame(50, Fixture::json($slower, 'clip')['cascades'][0]['length']);
        // What is not said stays; what is told otherwise changes.
        $composition = Fixture::edit($composition, 'set-patchwork', ['layers' => ['clip'], 'patchwork' => ['columns' => 6]]);
        $patchwork = Fixture::json($composition, 'clip')['patchwork'];
        self::assertSame([3, 6, 5.0], [$patchwork['rows'], $patchwork['columns'], $patchwork['gap']]);
        $whole = Fixture::json(Fixture::edit($composition, 'set-patchwork', ['layers' => ['clip'], 'patchwork' => null]), 'clip');
        self::assertArrayNotHasKey('patchwork', $whole);
        self::assertArrayNotHasKey('cascades', $whole);
    }

    /**
     * @param  array<string, mixed>  $layer
     * @param  array<string, mixed>  $args
     */
    #[TestWith(['make-windows', [], []])]
    #[TestWith(['shape-words', ['kind' => 'text', 'text' => 'Depot Nine'], ['by' => 'letters']])]
    #[TestWith(['shape-words', ['kind' => 'text', 'text' => 'Depot Nine'], ['by' => 'whole']])]
    public function test_what_takes_the_place_of_a_layer_is_cut_as_it_was(string $edit, array $layer, array $args): void
    {
        $cut = ['patchwork' => ['rows' => 2, 'columns' => 3, 'gap' => 4], 'cascades' => [
            ['id' => 'c1', 'as' => 'arrive', 'units' => 'patches', 'length' => 20, 'easing' => 'linear', 'position' => [0, -100]],
            ['id' => 'c2', 'mirrors' => 'c1'],
        ]];
        $clip = Fixture::clip(['id' => 'l', 'position' => [960, 540]]);
        $composition = Fixture::composition([[
            'id' => 'l', 'name' => 'L', 'in' => 0, 'out' => 100, ...($layer === [] ? $clip : $layer), ...$cut,
        ]]);
        $changed = Fixture::edit($composition, $edit, [...($edit === 'make-windows' ? ['layers' => ['l']] : ['layer' => 'l', 'frame' => 50]), ...$args]);
        $there = array_values(array_filter(iterator_to_array($changed->layers), fn ($one): bool => $one->attached->patchwork !== null));
        self::assertCount(1, $there);
        self::assertSame(['c1', 'c2'], array_map(fn ($one): string => $one->id, $there[0]->attached->cascades));
        foreach ([7, 50, 92] as $frame) {
            self::assertSame(count(self::drawn($composition, $frame)), count(self::drawn($changed, $frame)), "frame $frame");
        }
    }

    public function test_a_path_that_is_drawn_cuts_what_lies_to_either_side_of_it(): void
    {
        // Half as large and elsewhere: the path is kept in the layer's own pixels.
        $composition = self::cut(['gap' => 0], layer: ['position' => [700, 400], 'scale' => [50, 50]]);
        $changed = Fixture::edit($composition, 'draw-path', ['path' => 'M700 130L700 670', 'frame' => 20, 'cuts' => 'clip']);
        self::assertSame('M0 -540L0 540', Fixture::json($changed, 'clip')['patchwork']['path']);
        self::assertSame('path', Fixture::json($changed, 'clip')['patchwork']['form']);
        self::assertSame(['c1'], array_column(Fixture::json($changed, 'clip')['cascades'], 'id'));
        // One row: what is nearer to the upper half of it, then to the lower. On frame 12 both are on their way.
        [$upper, $lower] = array_map(Box::around(...), self::patches(self::drawn($changed, 12)));
        self::assertEqualsWithDelta([400, 400], [$upper->bottom, $lower->top], 0.002);
        self::assertGreaterThanOrEqual(1180, min($upper->right, $lower->right));
        // With two rows and one piece it is what lies to either side; downwards the right side of the picture is its left.
        $two = Fixture::edit($changed, 'set-patchwork', ['layers' => ['clip'], 'patchwork' => ['rows' => 2, 'columns' => 1]]);
        [$left, $right] = array_map(Box::around(...), self::patches(self::drawn($two, 12)));
        self::assertEqualsWithDelta([700, 700], [$left->left, $right->right], 0.002);
        self::assertGreaterThanOrEqual(670, min($left->bottom, $right->bottom));
    }

    public function test_the_first_line_of_a_path_counts_and_none_is_a_level_line_through_the_middle(): void
    {
        $drawn = fn (string $path): string => Fixture::evaluator()->frame(
            self::cut(['form' => 'path', 'rows' => 2, 'columns' => 3, 'path' => $path]), 12,
        )->encode();
        self::assertSame($drawn('M-500 -300L400 200'), $drawn('M-500 -300L400 200M0 0L0 400'));
        self::assertNotSame($drawn('M-500 -300L400 200'), $drawn('M0 0L0 400'));
        self::assertSame($drawn('M-960 0L960 0'), $drawn(''));
    }

    public function test_the_path_that_it_is_cut_along_means_something_only_to_that_form(): void
    {
        foreach (['path' => false, 'grid' => true] as $form => $isIdle) {
            $composition = self::cut(['form' => $form, 'path' => 'M0 0L90 0']);
            $idle = Inspection::of($composition->layers[0], 20, new FrameRate(25), Fixture::media())['idle'];
            self::assertSame($isIdle, in_array('p1.path', $idle, true), $form);
        }
    }

    /** @param  array<string, mixed>  $fields */
    #[TestWith([['patchwork' => ['rows' => 40, 'columns' => 40]], '40 times 40 are more than 1000 patches'])]
    #[TestWith([['patchwork' => ['rows' => 0]], 'outside 1..200'])]
    #[TestWith([['patchwork' => ['form' => 'puzzle']], 'grid, hexagons, shards, rings, path'])]
    #[TestWith([['cascades' => [['id' => 'c1', 'as' => 'arrive', 'units' => 'patches', 'length' => 9]]], 'this one is not cut'])]
    public function test_what_is_no_patchwork_is_refused(array $fields, string $reason): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($reason);
        Fixture::composition([Fixture::clip($fields)]);
    }

    public function test_adjusting_layers_have_nothing_to_cut(): void
    {
        $this->expectExceptionMessage('has no picture of its own that could be cut');
        Fixture::composition([['id' => 'a', 'kind' => 'adjusting', 'name' => 'A', 'in' => 0, 'out' => 9, 'patchwork' => ['rows' => 1]]]);
    }

    public function test_a_thousand_patches_of_what_is_not_simple_are_bounded(): void
    {
        $composition = Fixture::composition([
            [
                'id' => 'g', 'kind' => 'group', 'name' => 'G', 'in' => 0, 'out' => 100, 'patchwork' => ['form' => 'shards', 'rows' => 25, 'columns' => 40],
                'cascades' => [['id' => 'c1', 'as' => 'arrive', 'units' => 'patches', 'length' => 90, 'easing' => 'linear', 'z' => -500, 'scatterTilt' => 90]],
            ],
            ...array_map(fn (int $number): array => Fixture::bar([
                'id' => "b$number", 'group' => 'g', 'position' => [($number * 37) % 1920, ($number * 91) % 1080],
            ]), range(1, 60)),
        ]);
        self::assertSame(60, self::bars(self::drawn($composition, 30)), 'more than 40,000 together: it is not cut');
    }

    /** @param  list<Operation>  $operations */
    private static function bars(array $operations): int
    {
        return array_sum(array_map(fn (Operation $one): int => $one instanceof Group ? self::bars($one->operations) : 1, $operations));
    }
}
