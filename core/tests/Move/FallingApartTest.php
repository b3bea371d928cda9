<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Move;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Pieces;
use Ricamo\Core\Display\Samples;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Kind\Solid\Body;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** Moves in which a layer comes in parts: a bar of 400 × 200 around (1300, 400), seen from 2666.67 pixels before (960, 540). */
final class FallingApartTest extends TestCase
{
    private const DISTANCE = 1920 * 50 / 36;

    /** Neighbours reach beneath one another. */
    private const BENEATH = 1.0;

    /**
     * @param  array<string, mixed>  $move
     * @param  array<string, mixed>  $more
     */
    private static function coming(array $move, array $more = []): Composition
    {
        return Fixture::composition([Fixture::bar([
            'position' => [1300, 400], 'size' => [400, 200], 'rotation' => 0,
            'arrive' => ['moves' => [$move], 'length' => 20, 'easing' => 'linear'], ...$more,
        ])]);
    }

    /** @return list<Operation> what is drawn of each part, from the back to the front */
    private static function parts(Composition $composition, int $frame): array
    {
        $operations = Fixture::evaluator()->frame($composition, $frame)->operations;

        // What fades does so as one.
        return count($operations) === 1 && $operations[0] instanceof Group && $operations[0]->clip === null
            ? $operations[0]->operations
            : $operations;
    }

    /** @return array{float, float, float, float} the sides of what is seen of a part */
    private static function box(Operation $part): array
    {
        $points = array_merge(...array_map(fn (Body $body): array => array_merge(...$body->polygons->all), Body::of([$part])));
        self::assertNotSame([], $points);

        return Box::around($points)->toJson();
    }

    /** @return list<array{float, float, float, float}> those of all, sorted from left to right */
    private static function boxes(Composition $composition, int $frame): array
    {
        $boxes = array_map(self::box(...), self::parts($composition, $frame));
        usort($boxes, fn (array $one, array $other): int => $one[0] <=> $other[0]);

        return $boxes;
    }

    /**
     * @param  list<array{float, float, float}>  ...$points
     * @return array{float, float, float, float}
     */
    private static function around(array ...$points): array
    {
        $seen = array_map(function (array $point): array {
            $by = self::DISTANCE / (self::DISTANCE + $point[2]);

            return [960 + ($point[0] - 960) * $by, 540 + ($point[1] - 540) * $by];
        }, $points);

        return [
            min(array_column($seen, 0)), min(array_column($seen, 1)), max(array_column($seen, 0)), max(array_column($seen, 1)),
        ];
    }

    /** Of a leaf that stands upright on the picture between two lines, each with its x and its depth. */
    private static function leaf(array $from, array $to): array
    {
        return self::around(
            [$from[0], 300, $from[1]], [$from[0], 500, $from[1]], [$to[0], 300, $to[1]], [$to[0], 500, $to[1]],
        );
    }

    public function test_doors_swing_about_their_outer_edges_and_meet_in_the_middle(): void
    {
        // A quarter of the way, each stands off by three quarters of a right angle, its free edge nearer.
        $angle = deg2rad(90 * 0.75);
        [$wide, $near] = [200 * cos($angle), 200 * sin($angle)];
        $found = self::boxes(self::coming(['move' => 'swing-doors']), 5);
        self::assertCount(2, $found);
        self::assertEqualsWithDelta(self::leaf([1100, 0], [1100 + $wide, -$near]), $found[0], self::BENEATH);
        self::assertEqualsWithDelta(self::leaf([1500, 0], [1500 - $wide, -$near]), $found[1], self::BENEATH);
    }

    public function test_a_map_is_unfolded_to_and_fro(): void
    {
        $angle = deg2rad(90 * 0.5);
        [$wide, $near] = [100 * cos($angle), 100 * sin($angle)];
        $found = self::boxes(self::coming(['move' => 'unfold']), 10);
        self::assertCount(4, $found);
        foreach ($found as $index => $box) {
            $depths = $index % 2 === 0 ? [0, -$near] : [-$near, 0];
            self::assertEqualsWithDelta(
                self::leaf([1100 + $index * $wide, $depths[0]], [1100 + ($index + 1) * $wide, $depths[1]]), $box, 1.5, "leaf $index",
            );
        }
    }

    public function test_a_page_hangs_at_its_edge_and_what_is_farther_from_that_comes_last(): void
    {
        $composition = self::coming(['move' => 'page-turn', 'bend' => 60]);
        // At three quarters; each strip hangs at the end of the one before.
        [$x, $z] = [1100.0, 0.0];
        $expected = [];
        for ($strip = 0; $strip < 16; $strip++) {
            $angle = deg2rad(150 * 0.25 + 60 * sin(M_PI * 0.75) * (($strip + 0.5) / 16 - 0.5));
            $to = [$x + 25 * cos($angle), $z - 25 * sin($angle)];
            $expected[] = self::leaf([$x, $z], $to);
            [$x, $z] = $to;
        }
        usort($expected, fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $found = self::boxes($composition, 15);
        self::assertCount(16, $found);
        foreach ($found as $index => $box) {
            self::assertEqualsWithDelta($expected[$index], $box, 1.6, "strip $index");
        }
        $parts = self::parts($composition, 15);
        [[, $top, , $bottom], [, $nearTop, , $nearBottom]] = [self::box($parts[0]), self::box($parts[15])];
        self::assertGreaterThan($bottom - $top, $nearBottom - $nearTop, 'the nearer ones, which are larger, are drawn later');
    }

    public function test_a_flap_uncovers_one_half_and_then_shows_the_other_on_its_back(): void
    {
        $composition = self::coming(['move' => 'split-flap']);
        [$upper] = self::boxes($composition, 5);
        self::assertEqualsWithDelta([1100, 300, 1500, 400 - 100 * cos(deg2rad(45))], $upper, 0.01);
        $angle = deg2rad(45);
        $halves = self::parts($composition, 15);
        self::assertCount(2, $halves);
        self::assertEqualsWithDelta([1100, 300, 1500, 400], self::box($halves[0]), self::BENEATH);
        [$y, $z] = [400 + 100 * cos($angle), -100 * sin($angle)];
        self::assertEqualsWithDelta(
            self::around([1100, 400, 0], [1500, 400, 0], [1100, $y, $z], [1500, $y, $z]), self::box($halves[1]), self::BENEATH,
        );
    }

    #[TestWith(['swing-doors'])]
    #[TestWith(['page-turn'])]
    #[TestWith(['unfold'])]
    #[TestWith(['split-flap'])]
    public function test_at_rest_it_is_whole_and_it_leaves_as_it_came(string $move): void
    {
        $encoded = fn (Composition $one, int $frame): string => Fixture::evaluator()->frame($one, $frame)->encode();
        $plain = Fixture::composition([Fixture::bar(['position' => [1300, 400], 'size' => [400, 200], 'rotation' => 0])]);
        $coming = self::coming(['move' => $move], ['leave' => ['mirror' => true]]);
        self::assertSame($encoded($plain, 50), $encoded($coming, 50));
        self::assertEqualsWithDelta(self::boxes($coming, 12), self::boxes($coming, 99 - 12), 1e-6);
        self::assertInstanceOf(
            Samples::class, Fixture::evaluator()->frame(self::coming(['move' => $move], ['motionBlur' => true]), 11)->operations[0],
        );
        $this->expectExceptionObject(
            new Refusal('“Bar” leaves the picture’s plane as it comes, which no keyframe of its placement does'),
        );
        Fixture::edit($coming, 'write-moves-out', ['layers' => ['bar']]);
    }

    /** Each beside what else a layer may have: it draws something, all of it before the viewer, and ends as it would without. */
    #[TestWith([['tiltY' => 40, 'z' => 300]])]
    #[TestWith([['thickness' => 20]])]
    #[TestWith([['patchwork' => ['form' => 'grid', 'rows' => 2, 'columns' => 3]]])]
    #[TestWith([['masks' => [['id' => 'm1', 'form' => 'ellipse', 'size' => [300, 150]]]]])]
    #[TestWith([['effects' => [['id' => 'e1', 'effect' => 'drop-shadow']]]])]
    #[TestWith([['columns' => 3]])]
    #[TestWith([['motionBlur' => true, 'opacity' => 50]])]
    public function test_beside_what_else_a_layer_has(array $more): void
    {
        foreach (['swing-doors', 'page-turn', 'unfold', 'split-flap'] as $move) {
            foreach ([7, 14] as $frame) {
                $extent = DisplayList::extentOf(Fixture::evaluator()->frame(self::coming(['move' => $move], $more), $frame)->operations);
                self::assertInstanceOf(Box::class, $extent, "$move on frame $frame");
                self::assertLessThan(3000, $extent->longer());
            }
            $rests = fn (Composition $one): string => Fixture::evaluator()->frame($one, 60)->encode();
            self::assertSame($rests(self::coming(['move' => 'fade'], $more)), $rests(self::coming(['move' => $move], $more)));
        }
    }

    public function test_a_group_falls_apart_as_one_picture_and_a_clip_stays_pieces(): void
    {
        $group = ['id' => 'g', 'kind' => 'group', 'name' => 'Group', 'in' => 0, 'out' => 250, 'arrive' => [
            'moves' => [['move' => 'page-turn']], 'length' => 20, 'easing' => 'linear',
        ]];
        $grouped = Fixture::composition([
            $group, Fixture::bar(['position' => [1300, 400], 'size' => [400, 200], 'group' => 'g', 'rotation' => 0]),
        ]);
        $alone = self::coming(['move' => 'page-turn']);
        self::assertEqualsWithDelta(self::boxes($alone, 12), self::boxes($grouped, 12), 0.05);

        $clip = Fixture::composition([Fixture::clip(['arrive' => ['moves' => [['move' => 'page-turn']], 'length' => 20]])]);
        $seen = self::parts($clip, 10);
        self::assertInstanceOf(Pieces::class, $seen[0]);
        self::assertGreaterThan(8, count($seen[0]->pieces), 'those of them that are in the frame');
    }
}
