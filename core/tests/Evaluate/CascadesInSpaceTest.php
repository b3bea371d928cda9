<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Evaluate;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Filter\Warp;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Tests\Fixture;

/** What cascades lead out of the plane unit by unit: layers in a group, letters, repeats. */
final class CascadesInSpaceTest extends TestCase
{
    private const DISTANCE = 1920 * 50 / 36;

    private const AWAY = ['z' => -500, 'tiltX' => 35, 'tiltY' => 20];

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private static function cascade(string $units, array $fields = self::AWAY): array
    {
        return ['cascades' => [[
            'id' => 'c1', 'as' => 'arrive', 'units' => $units, 'length' => 40, 'overlap' => 100, 'easing' => 'linear', 'opacity' => 100, ...$fields,
        ]]];
    }

    /** @return list<list<Point>> the points of all outlines that are filled, wherever they are in groups */
    private static function outlines(Composition $composition, int $frame): array
    {
        return self::filled(Fixture::evaluator()->frame($composition, $frame)->operations);
    }

    /**
     * @param  list<Operation>  $operations
     * @return list<list<Point>>
     */
    private static function filled(array $operations): array
    {
        $found = [];
        foreach ($operations as $one) {
            if ($one instanceof Group) {
                self::assertSame([], $one->filters, 'no sheets');
                array_push($found, ...self::filled($one->operations));
            } elseif ($one instanceof Fill) {
                $path = Path::parse($one->outline->data)->transformed($one->matrix);
                $found[] = array_map(fn (array $pair): Point => new Point(...$pair), array_chunk($path->coordinates, 2));
            }
        }

        return $found;
    }

    /** @param  array<string, mixed>  $group */
    private static function group(array $group, array $bar = []): Composition
    {
        return Fixture::composition([
            ['id' => 'g', 'kind' => 'group', 'name' => 'G', 'in' => 0, 'out' => 100, ...$group],
            Fixture::bar(['group' => 'g', 'size' => [300, 200], 'position' => [600, 400], ...$bar]),
        ]);
    }

    /** @param  array<string, mixed>  $pose  of the group */
    #[TestWith([[]])]
    #[TestWith([['rotation' => 15, 'scale' => [80, 80], 'position' => [100, 50]]])]
    #[TestWith([['tiltY' => 40, 'z' => 200]])]
    public function test_a_layer_in_a_group_stands_where_it_would_by_its_own_depth(array $pose): void
    {
        // Overlapped wholly, all take 40 frames: on frame 10 three quarters of the way are left.
        $own = array_map(fn (int $value): float => $value * 0.75, self::AWAY);
        $found = self::outlines(self::group([...$pose, ...self::cascade('layers')]), 10);
        $expected = self::outlines(self::group($pose, $own), 10);
        self::assertCount(1, $found);
        foreach ($expected[0] as $index => $point) {
            self::assertEqualsWithDelta([$point->x, $point->y], [$found[0][$index]->x, $found[0][$index]->y], 0.002);
        }
    }

    public function test_letters_come_from_far_each_by_itself_and_stay_outlines(): void
    {
        $words = fn (array $fields): Composition => Fixture::composition([
            Fixture::words(['typeSize' => 100, 'position' => [100, 500], ...$fields]),
        ]);
        // At rest whole lines are one outline; letter by letter in a cascade that does nothing.
        $resting = self::outlines($words(self::cascade('letters', ['position' => [0, 1e-9]])), 10);
        $found = self::outlines($words(self::cascade('letters', ['z' => 900])), 10);
        self::assertCount(9, $found);
        $by = self::DISTANCE / (self::DISTANCE + 900 * 0.75);
        foreach ($resting as $letter => $points) {
            foreach ($points as $index => $point) {
                self::assertEqualsWithDelta(
                    [960 + ($point->x - 960) * $by, 540 + ($point->y - 540) * $by],
                    [$found[$letter][$index]->x, $found[$letter][$index]->y],
                    0.002,
                );
            }
        }
    }

    public function test_letters_of_a_tilted_layer_are_in_perspective_once(): void
    {
        $tilted = ['tiltY' => 50, 'tiltX' => 10, 'typeSize' => 200, 'position' => [300, 600]];
        // As good as at rest, letter by letter, against the tilted words as a whole.
        $apart = self::outlines(Fixture::composition([Fixture::words([...$tilted, ...self::cascade('letters', ['z' => 1e-6])])]), 10);
        $whole = self::outlines(Fixture::composition([Fixture::words($tilted)]), 10);
        self::assertEqualsWithDelta(self::reach($whole), self::reach($apart), 0.01);
    }

    /**
     * @param  list<list<Point>>  $outlines
     * @return array{float, float, float, float}
     */
    private static function reach(array $outlines): array
    {
        $all = array_merge(...$outlines);
        $x = array_map(fn (Point $one): float => $one->x, $all);
        $y = array_map(fn (Point $one): float => $one->y, $all);

        return [min([INF, ...$x]), min([INF, ...$y]), max([-INF, ...$x]), max([-INF, ...$y])];
    }

    public function test_words_with_effects_are_one_flat_picture_first(): void
    {
        $words = ['tiltY' => 50, 'typeSize' => 200, 'position' => [300, 600], 'effects' => [['id' => 'e1', 'effect' => 'blur', 'radius' => 4]]];
        $composition = Fixture::composition([Fixture::words([...$words, ...self::cascade('letters', ['z' => 300])])]);
        $drawn = Fixture::evaluator()->frame($composition, 10)->operations;
        self::assertCount(1, $drawn);
        self::assertInstanceOf(Group::class, $drawn[0]);
        self::assertInstanceOf(Warp::class, $drawn[0]->filters[0]);
    }

    public function test_repeats_of_a_shape_tilt_one_by_one(): void
    {
        $bars = fn (array $cascade): Composition => Fixture::composition([Fixture::bar([
            'size' => [100, 60], 'position' => [300, 300], 'columns' => 3, 'gaps' => [100, 0], ...$cascade,
        ])]);
        $resting = self::outlines($bars(self::cascade('repeats', ['position' => [0, 1e-9]])), 10);
        $found = self::outlines($bars(self::cascade('repeats', ['tiltY' => 80])), 10);
        self::assertCount(count($resting), $found);
        foreach ($resting as $number => $points) {
            $middle = array_sum(array_map(fn (Point $one): float => $one->x, $points)) / 4;
            foreach ($points as $index => $point) {
                // Tilted by three quarters of 80° about its own middle.
                [$x, $z] = [$middle + ($point->x - $middle) * 0.5, ($point->x - $middle) * sin(deg2rad(60))];
                $by = self::DISTANCE / (self::DISTANCE + $z);
                self::assertEqualsWithDelta(
                    [960 + ($x - 960) * $by, 540 + ($point->y - 540) * $by],
                    [$found[$number][$index]->x, $found[$number][$index]->y],
                    0.002,
                );
            }
        }
    }

    public function test_after_it_has_come_everything_is_exactly_as_without_a_cascade(): void
    {
        $words = Fixture::words(['tiltX' => 30, 'z' => 100]);
        self::assertSame(
            Fixture::evaluator()->frame(Fixture::composition([$words]), 60)->toJson(),
            Fixture::evaluator()->frame(Fixture::composition([[...$words, ...self::cascade('letters')]]), 60)->toJson(),
        );
    }

    public function test_two_cascades_at_once_add_up_as_two_spaces_do(): void
    {
        $two = self::cascade('layers', ['z' => -200]);
        $two['cascades'][] = [...$two['cascades'][0], 'id' => 'c2', 'z' => -300];
        $one = self::outlines(self::group(self::cascade('layers', ['z' => -500])), 10);
        self::assertEqualsWithDelta(self::reach($one), self::reach(self::outlines(self::group($two), 10)), 0.002);
    }
}
