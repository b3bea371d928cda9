<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Evaluate;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Filter\Atop;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Pieces;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Tests\Fixture;

/** Light that is mirrored: compared with where a mirror shows it, and with the tilt of facets halfway between light and eye. */
final class ShineTest extends TestCase
{
    /** Where a composition of 1920 × 1080 is seen from. */
    private const EYE = [960.0, 540.0, -1920 * 50 / 36];

    private const LAMP = [
        'id' => 'lamp', 'kind' => 'light', 'source' => 'point', 'name' => 'Lamp', 'in' => 0, 'out' => 250, 'position' => [700, 300],
        'z' => -600,
    ];

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private static function wall(array $fields = []): array
    {
        return Fixture::bar(['position' => [960, 540], 'size' => [1600, 900], 'fill' => '#203040', 'rotation' => 0, 'shine' => 80, ...$fields]);
    }

    /** @param  array<string, mixed>  ...$layers */
    private static function composition(array ...$layers): Composition
    {
        return Fixture::composition(array_values($layers));
    }

    /** @return list<Operation> */
    private static function operations(array ...$layers): array
    {
        return Fixture::evaluator()->frame(self::composition(...$layers), 0)->operations;
    }

    /** @return list<Operation> what is laid atop of what is drawn last */
    private static function atop(array ...$layers): array
    {
        $operations = self::operations(...$layers);
        $last = $operations[count($operations) - 1];
        self::assertInstanceOf(Group::class, $last);
        self::assertCount(1, $last->filters);
        self::assertInstanceOf(Atop::class, $last->filters[0]);

        return $last->filters[0]->operations();
    }

    /** The gradient of a light that is mirrored, from the first of its fills. */
    private static function mirrored(Operation $operation): Gradient
    {
        while ($operation instanceof Group) {
            $operation = $operation->operations[0];
        }
        self::assertInstanceOf(Fill::class, $operation);
        self::assertInstanceOf(Gradient::class, $operation->paint);

        return $operation->paint;
    }

    private static function opacity(Gradient $gradient, Point $at): float
    {
        $place = $gradient->matrix->inverse()->apply($at);
        $offset = hypot($place->x, $place->y);
        [$from, $before] = $gradient->stops[0];
        foreach ($gradient->stops as [$to, $colour]) {
            if ($to >= $offset) {
                $share = $to === $from ? 0.0 : ($offset - $from) / ($to - $from);

                return ($before->alpha + $share * ($colour->alpha - $before->alpha)) / 255;
            }
            [$from, $before] = [$to, $colour];
        }

        return 0.0;
    }

    /**
     * By the halfway vector: exp(−tan²δ / m²), where δ is how far it is off the normal, which is (0, 0, −1) here.
     *
     * @param  list<float>  $towards  from the point to the light
     */
    private static function beckmann(float $x, float $y, array $towards, float $roughness): float
    {
        $unit = function (array $way): array {
            $length = sqrt($way[0] ** 2 + $way[1] ** 2 + $way[2] ** 2);

            return array_map(fn (float $part): float => $part / $length, $way);
        };
        [$light, $eye] = [$unit($towards), $unit([self::EYE[0] - $x, self::EYE[1] - $y, self::EYE[2]])];
        [$a, $b, $c] = [$light[0] + $eye[0], $light[1] + $eye[1], $light[2] + $eye[2]];

        return exp(-($a ** 2 + $b ** 2) / $c ** 2 / $roughness ** 2);
    }

    public function test_nothing_is_mirrored_without_a_light_or_of_one_that_comes_from_all_around(): void
    {
        $encoded = fn (array ...$layers): string => Fixture::evaluator()->frame(self::composition(...$layers), 0)->encode();
        $ambient = [...array_diff_key(self::LAMP, ['position' => 1, 'z' => 1]), 'source' => 'ambient'];
        self::assertSame($encoded(self::wall(['shine' => 0])), $encoded(self::wall()));
        self::assertSame($encoded(self::wall(['shine' => 0]), $ambient), $encoded(self::wall(), $ambient));
        // Nor of one behind the plane.
        self::assertSame($encoded(self::wall(['shine' => 0]), ['z' => 50] + self::LAMP), $encoded(self::wall(), ['z' => 50] + self::LAMP));
    }

    #[TestWith([0.0])]
    #[TestWith([25.0])]
    #[TestWith([-40.0])]
    public function test_it_is_brightest_where_the_way_from_light_to_eye_is_shortest(float $tilt): void
    {
        $gradient = self::mirrored(self::atop(self::wall(['tiltY' => $tilt, 'size' => [20, 20], 'roughness' => 100]), self::LAMP)[0]);
        $on = fn (float $u, float $v): array => [960 + $u * cos(deg2rad($tilt)), 540 + $v, $u * sin(deg2rad($tilt))];
        $between = fn (array $one, array $other): float => sqrt(
            ($one[0] - $other[0]) ** 2 + ($one[1] - $other[1]) ** 2 + ($one[2] - $other[2]) ** 2,
        );
        $way = fn (float $u, float $v): float => $between([700, 300, -600], $on($u, $v)) + $between($on($u, $v), self::EYE);
        [$u, $v] = [0.0, 0.0];
        for ($step = 256.0; $step > 0.01; $step /= 2) {
            foreach ([[$step, 0], [-$step, 0], [0, $step], [0, -$step]] as [$right, $down]) {
                while ($way($u + $right, $v + $down) < $way($u, $v)) {
                    [$u, $v] = [$u + $right, $v + $down];
                }
            }
        }
        // The plane is drawn flat, and as large as it is so near to the picture, before it is pulled into perspective.
        self::assertEqualsWithDelta([960 + $u, 540 + $v], [$gradient->matrix->e, $gradient->matrix->f], 0.2);
    }

    public function test_around_that_it_is_as_strong_as_facets_face_halfway_between_light_and_eye(): void
    {
        foreach ([10.0, 30.0] as $roughness) {
            $lamp = self::mirrored(self::atop(self::wall(['roughness' => $roughness]), self::LAMP)[0]);
            // From the upper left, 45° off the normal.
            $slanting = ['source' => 'directional', 'position' => [560, 340], 'z' => -hypot(400, 200), 'aim' => [960, 540]];
            $sun = self::mirrored(self::atop(self::wall(['roughness' => $roughness, 'size' => [9000, 9000]]), $slanting + self::LAMP)[0]);
            foreach ([[0, 0], [0.3, 0], [0, 0.4], [-0.3, -0.2], [0.1, -0.4]] as [$right, $down]) {
                [$x, $y] = [$lamp->matrix->e + $right * $roughness * 10, $lamp->matrix->f + $down * $roughness * 10];
                self::assertEqualsWithDelta(
                    0.8 * self::beckmann($x, $y, [700 - $x, 300 - $y, -600.0], $roughness / 100),
                    self::opacity($lamp, new Point($x, $y)), 0.012,
                );
                [$x, $y] = [$sun->matrix->e + $right * $roughness * 40, $sun->matrix->f + $down * $roughness * 40];
                self::assertEqualsWithDelta(
                    0.8 * self::beckmann($x, $y, [-400.0, -200.0, -sqrt(400 ** 2 + 200 ** 2)], $roughness / 100),
                    self::opacity($sun, new Point($x, $y)), 0.05,
                );
            }
        }
    }

    public function test_it_has_the_colour_of_its_light_is_weaker_by_its_falloff_and_no_stronger_than_opaque(): void
    {
        $middle = fn (array $lamp): string => (string) self::mirrored(self::atop(self::wall(), $lamp + self::LAMP)[0])->stops[0][1];
        self::assertSame('#ff8000cc', $middle(['lightColour' => '#ff8000']));
        self::assertSame('#ff800066', $middle(['lightColour' => '#804000', 'lightStrength' => 100]));
        self::assertSame('#ffffff', $middle(['lightStrength' => 500]));
        // At the mirrored point the lamp is as far away as a straight line to the mirrored eye is long, by the share of its height.
        $share = 600 / (600 - self::EYE[2]);
        $away = hypot(600, $share * hypot(960 - 700, 540 - 300));
        $left = 1 / (1 + ($away / 500) ** 2);
        $alpha = self::mirrored(self::atop(self::wall(), ['falloff' => 500] + self::LAMP)[0])->stops[0][1]->alpha;
        self::assertEqualsWithDelta(255 * 0.8 * $left, $alpha, 1);
    }

    public function test_where_a_shadow_falls_nothing_is_mirrored(): void
    {
        $card = Fixture::bar(['id' => 'card', 'position' => [800, 400], 'size' => [200, 200], 'z' => -300]);
        $lamp = ['shadow' => 100, 'lightSize' => 0] + self::LAMP;
        // The card is drawn after the wall, and shines not.
        $wall = self::operations(self::wall(), $card, $lamp)[0];
        self::assertInstanceOf(Group::class, $wall);
        self::assertInstanceOf(Atop::class, $wall->filters[0]);
        $shine = $wall->filters[0]->operations()[0];
        self::assertInstanceOf(Group::class, $shine);
        self::assertCount(1, $shine->masks);
        self::assertTrue($shine->masks[0]->inverted);
    }

    public function test_outlines_stay_outlines_where_they_are_tilted(): void
    {
        $shining = self::operations(Fixture::words(['tiltY' => 30, 'shine' => 90]), ['position' => [700, 400], 'z' => -900] + self::LAMP)[0];
        self::assertInstanceOf(Group::class, $shining);
        self::assertInstanceOf(Atop::class, $shining->filters[0]);
        self::assertInstanceOf(Group::class, $shining->operations[0]);
        self::assertNotNull($shining->operations[0]->clip, 'the light is cut out by the words');
    }

    public function test_a_patch_in_which_a_light_is_mirrored_is_drawn_by_itself(): void
    {
        $square = fn (array $more): array => Fixture::bar([
            'position' => [960, 540], 'size' => [800, 800], 'rotation' => 0,
            'gradients' => [['of' => 'fill', 'form' => 'linear', 'stops' => 2]],
            'patchwork' => ['form' => 'grid', 'rows' => 4, 'columns' => 4],
            'cascades' => [['id' => 'c1', 'as' => 'arrive', 'units' => 'patches', 'length' => 40, 'tiltY' => 70, 'overlap' => 50]],
            ...$more,
        ]);
        $sun = ['source' => 'directional', 'position' => [960, 540], 'z' => -2000, 'aim' => [960, 540]] + self::LAMP;
        $at = fn (array $layer): array => Fixture::evaluator()->frame(self::composition($layer, $sun), 16)->operations;
        $pieces = fn (array $operations): int => array_sum(array_map(
            fn (Operation $one): int => $one instanceof Pieces ? count($one->pieces) : 0, $operations,
        ));
        [$matt, $shining] = [$at($square([])), $at($square(['shine' => 100, 'roughness' => 10]))];
        // Those that are tilted away from the mirrored light stay pieces, and have but their brightness.
        self::assertGreaterThan(0, $pieces($shining));
        self::assertLessThan($pieces($matt), $pieces($shining));
    }
}
