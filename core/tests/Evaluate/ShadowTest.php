<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Evaluate;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Filter\Blur;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Tests\Fixture;

/** Where shadows fall, and how soft they are: compared with lines drawn from the light through what throws them. */
final class ShadowTest extends TestCase
{
    use FallingLight;

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private static function square(string $id, float $side, array $fields = []): array
    {
        return Fixture::bar(['id' => $id, 'position' => [960, 540], 'size' => [$side, $side], 'rotation' => 0, ...$fields]);
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private static function light(string $source, array $fields): array
    {
        return [
            'id' => 'light', 'kind' => 'light', 'source' => $source, 'name' => 'Light', 'in' => 0, 'out' => 250, 'shadow' => 100,
            'lightSize' => 0, ...$fields,
        ];
    }

    /** @param  array<string, mixed>  ...$layers */
    private static function composition(array ...$layers): Composition
    {
        return Fixture::composition(array_values($layers));
    }

    /** @return list<Operation> what lies in shadow on a wall that is drawn first */
    private static function onWall(Composition $composition): array
    {
        $wall = Fixture::evaluator()->frame($composition, 0)->operations[0];
        $light = self::falling($wall)[1] ?? null;

        return $light instanceof Group ? array_slice($light->operations, 1) : [];
    }

    /**
     * The outlines in it, with how soft they are.
     *
     * @param  list<Operation>  $operations
     * @return list<array{Path, float}>
     */
    private static function outlines(array $operations, float $softness = 0.0): array
    {
        $found = [];
        foreach ($operations as $operation) {
            if ($operation instanceof Fill) {
                $found[] = [Path::parse($operation->outline->data)->transformed($operation->matrix), $softness];
            } elseif ($operation instanceof Group) {
                $blur = $operation->filters[0] ?? null;
                array_push($found, ...self::outlines($operation->operations, $blur instanceof Blur ? $blur->deviation : $softness));
            }
        }

        return $found;
    }

    private static function bounds(Path $path): Box
    {
        $bounds = $path->bounds();
        self::assertNotNull($bounds);

        return $bounds;
    }

    public function test_along_one_direction_a_shadow_is_as_large_and_lies_where_its_line_meets_the_wall(): void
    {
        // 45° from the left: what is 120 before the wall throws its shadow 120 to the right.
        $sun = self::light('directional', ['position' => [0, 540], 'z' => -960, 'aim' => [960, 540]]);
        $outlines = self::outlines(self::onWall(self::composition(
            self::square('wall', 1000), self::square('card', 200, ['z' => -120, 'position' => [900, 500]]), $sun,
        )));
        self::assertCount(1, $outlines);
        self::assertEqualsWithDelta([920, 400, 1120, 600], self::bounds($outlines[0][0])->toJson(), 0.01);
    }

    public function test_from_a_point_it_is_larger_by_similar_triangles(): void
    {
        // The lamp is 400 before the wall, the card half-way: its shadow is twice as large, from the lamp's foot outwards.
        $lamp = self::light('point', ['position' => [860, 540], 'z' => -400]);
        $outlines = self::outlines(self::onWall(self::composition(
            self::square('wall', 1000), self::square('card', 100, ['z' => -200]), $lamp,
        )));
        self::assertEqualsWithDelta(
            [860 + 2 * 50, 440, 860 + 2 * 150, 640], self::bounds($outlines[0][0])->toJson(), 0.01,
        );
    }

    public function test_a_shadow_on_a_tilted_floor_lies_where_lines_from_the_lamp_meet_it(): void
    {
        // A floor through y = 900, level: its own coordinates are x and the depth, counted from its middle.
        $floor = self::square('wall', 3000, ['position' => [960, 900], 'tiltX' => 90]);
        $lamp = self::light('point', ['position' => [960, 100], 'z' => -300]);
        $composition = self::composition($floor, self::square('card', 200, ['position' => [1000, 600], 'z' => 50]), $lamp);
        $camera = [
            'id' => 'camera', 'kind' => 'camera', 'name' => 'Camera', 'in' => 0, 'out' => 250, 'position' => [960, 100], 'z' => -2000,
            'aim' => [960, 700],
        ];
        $composition = self::composition($floor, self::square('card', 200, ['position' => [1000, 600], 'z' => 50]), $lamp, $camera);
        $encoded = self::onWall($composition) === [] ? Fixture::evaluator()->frame($composition, 0)->operations[0] : null;
        $found = $encoded === null ? self::outlines(self::onWall($composition)) : [];
        self::assertNotSame([], $found);
        // Both are seen in perspective by then: the same camera sees the points where the lines meet the floor.
        $corners = array_map(function (array $corner): Point {
            [$x, $y] = $corner;
            $times = (900 - 100) / ($y - 100);
            $at = [960 + ($x - 960) * $times, 900.0, -300 + (50 + 300) * $times];
            // The camera looks down by the angle at which its aim lies beneath it.
            $down = atan2(600, 2000);
            [$dx, $dy, $dz] = [$at[0] - 960, $at[1] - 100, $at[2] + 2000];
            [$dy, $dz] = [$dy * cos($down) - $dz * sin($down), $dy * sin($down) + $dz * cos($down)];
            $focal = 1920 * 50 / 36;

            return new Point(960 + $focal * $dx / $dz, 540 + $focal * $dy / $dz);
        }, [[900, 500], [1100, 500], [1100, 700], [900, 700]]);
        $expected = Box::around($corners);
        self::assertEqualsWithDelta($expected->toJson(), self::bounds($found[0][0])->toJson(), 0.1);
    }

    #[TestWith([40.0])]
    #[TestWith([-40.0])]
    public function test_what_reaches_through_the_wall_throws_only_what_is_before_it(float $tilt): void
    {
        $sun = self::light('directional', ['position' => [0, 540], 'z' => -960, 'aim' => [960, 540]]);
        // Half of the card is behind the wall, through which it goes along its middle.
        $outlines = self::onWall(self::composition(self::square('wall', 1000), self::square('card', 200, ['tiltY' => $tilt]), $sun));
        $bounds = $outlines === [] ? null : $outlines[0]->extent();
        self::assertNotNull($bounds);
        // The half that is before it reaches 100·sin before it, and as far to the right as it is before it.
        $reach = ($tilt < 0 ? 100 : -100) * cos(deg2rad(40)) + 100 * sin(deg2rad(40));
        $expected = [min(960, 960 + $reach), 440, max(960, 960 + $reach), 640];
        self::assertEqualsWithDelta($expected, $bounds->toJson(), 0.6);
    }

    public function test_its_penumbra_is_as_wide_as_similar_triangles_have_it(): void
    {
        $lamp = self::light('point', ['position' => [960, 540], 'z' => -400, 'lightSize' => 30]);
        $soft = fn (float $z): float => self::outlines(self::onWall(self::composition(
            self::square('wall', 1000), self::square('card', 100, ['z' => $z]), $lamp,
        )))[0][1];
        foreach ([-50.0, -200.0, -300.0] as $z) {
            // Half a penumbra is radius · (from the card to the wall) / (from the lamp to the card).
            self::assertEqualsWithDelta(0.525 * 30 * -$z / (400 + $z), $soft($z), 0.01, "$z");
        }
        $sun = self::light('directional', ['position' => [960, 540], 'z' => -1000, 'aim' => [960, 540], 'lightSize' => 50]);
        $outlines = self::outlines(self::onWall(self::composition(
            self::square('wall', 1000), self::square('card', 100, ['z' => -300]), $sun,
        )));
        self::assertEqualsWithDelta(0.525 * 50 / 1000 * 300, $outlines[0][1], 0.01);
    }

    public function test_what_throws_none_receives_none_or_lies_in_one_plane_is_left_out(): void
    {
        $sun = self::light('directional', ['position' => [0, 540], 'z' => -960, 'aim' => [960, 540]]);
        $wall = self::square('wall', 1000);
        $card = fn (array $fields): array => self::square('card', 200, ['z' => -120, ...$fields]);
        self::assertNotSame([], self::onWall(self::composition($wall, $card([]), $sun)));
        foreach ([
            self::composition($wall, $card(['throwsShadow' => false]), $sun),
            self::composition([...$wall, 'receivesShadow' => false], $card([]), $sun),
            self::composition($wall, $card(['flat' => true]), $sun),
            self::composition($wall, $card(['visible' => false]), $sun),
            self::composition($wall, $card(['z' => 0]), $sun),
            self::composition($wall, $card(['z' => 120]), $sun),
            self::composition($wall, $card(['opacity' => 0]), $sun),
            self::composition($wall, $card([]), [...$sun, 'shadow' => 0]),
        ] as $composition) {
            self::assertSame([], self::onWall($composition));
        }
    }

    public function test_what_is_in_groups_throws_and_receives_shadows_there(): void
    {
        $sun = self::light('directional', ['position' => [0, 540], 'z' => -960, 'aim' => [960, 540]]);
        $group = ['id' => 'g', 'kind' => 'group', 'name' => 'Group', 'in' => 0, 'out' => 250];
        $expected = self::composition(self::square('wall', 1000), self::square('card', 200, ['z' => -120]), $sun);
        foreach ([
            self::composition(self::square('wall', 1000), self::square('card', 200, ['z' => -120, 'group' => 'g']), $group, $sun),
            self::composition(self::square('wall', 1000, ['group' => 'g']), self::square('card', 200, ['z' => -120, 'group' => 'g']), $group, $sun),
        ] as $composition) {
            self::assertSame(self::encoded($expected), self::encoded($composition));
        }
    }

    private static function encoded(Composition $composition): string
    {
        return Fixture::evaluator()->frame($composition, 0)->encode();
    }

    public function test_half_a_shadow_is_half_as_dark_and_fades_with_what_throws_it(): void
    {
        $sun = self::light('directional', ['position' => [0, 540], 'z' => -960, 'aim' => [960, 540], 'shadow' => 50]);
        $half = self::onWall(self::composition(self::square('wall', 1000), self::square('card', 200, ['z' => -120]), $sun))[0];
        self::assertInstanceOf(Fill::class, $half);
        self::assertSame('#00000080', (string) $half->paint);
        $faded = self::onWall(self::composition(
            self::square('wall', 1000), self::square('card', 200, ['z' => -120, 'opacity' => 50]), $sun,
        ))[0];
        self::assertInstanceOf(Fill::class, $faded);
        self::assertSame('#00000040', (string) $faded->paint);
    }

    public function test_patches_throw_shadows_where_they_are_and_those_alike_are_as_soft(): void
    {
        $sun = self::light('directional', ['position' => [0, 540], 'z' => -960, 'aim' => [960, 540], 'lightSize' => 40]);
        $card = self::square('card', 400, ['z' => -100, 'patchwork' => ['form' => 'grid', 'rows' => 4, 'columns' => 4], 'cascades' => [[
            'id' => 'c1', 'as' => 'arrive', 'units' => 'patches', 'length' => 60, 'z' => -500, 'tiltX' => 30, 'overlap' => 80, 'opacity' => 100,
        ]]]);
        $composition = self::composition(self::square('wall', 1400), $card, $sun);
        $wall = Fixture::evaluator()->frame($composition, 25)->operations[0];
        $outlines = self::outlines(self::falling($wall));
        // The wall's own two, and those of the patches, of which those that have come to rest are one.
        self::assertGreaterThan(2 + 10, count($outlines));
        $soft = array_unique(array_column(array_slice($outlines, 2), 1));
        self::assertGreaterThan(1, count($soft));
        self::assertLessThan(9, count($soft));
    }

    public function test_of_many_layers_only_the_uppermost_throw_shadows(): void
    {
        $sun = self::light('directional', ['position' => [0, 540], 'z' => -960, 'aim' => [960, 540]]);
        foreach ([10 => 10, 43 => 43, 99 => 20] as $cards => $thrown) {
            $all = array_map(fn (int $card): array => self::square("card$card", 100, ['z' => -120 - $card]), range(1, $cards));
            self::assertCount($thrown, self::outlines(self::onWall(self::composition(self::square('wall', 1000), ...$all, ...[$sun]))));
        }
    }
}
