<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Evaluate;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Display\Filter\Lit;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Pieces;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Vector;
use Ricamo\Core\Tests\Fixture;

/** Light falls on a matt surface by the cosine of the angle at which it comes: compared with that, worked out here. */
final class LightTest extends TestCase
{
    use FallingLight;

    /** Where a composition of 1920 × 1080 is seen from. */
    private const VIEWER = ['position' => [960, 540], 'z' => -2666.666667, 'aim' => [960, 540]];

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private static function light(string $source, array $fields = [], string $id = 'light'): array
    {
        return [
            'id' => $id, 'kind' => 'light', 'source' => $source, 'name' => 'Light', 'in' => 0, 'out' => 250, ...self::VIEWER, ...$fields,
        ];
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed> a square of 200 about the middle of the picture
     */
    private static function square(array $fields = []): array
    {
        return Fixture::bar(['position' => [960, 540], 'size' => [200, 200], 'fill' => '#c86432', 'rotation' => 0, ...$fields]);
    }

    /** @param  array<string, mixed>  ...$layers */
    private static function composition(array ...$layers): Composition
    {
        return Fixture::composition(array_values($layers));
    }

    /** The list without the number of its frame, as it is written. */
    private static function seen(Composition $composition, int $frame = 0): string
    {
        return Fixture::evaluator()->frame($composition, $frame)->encode();
    }

    /** @return list<Operation> */
    private static function operations(Composition $composition): array
    {
        return Fixture::evaluator()->frame($composition, 0)->operations;
    }

    /** The colour of the only thing that is drawn, which has one. */
    private static function colour(Composition $composition): Colour
    {
        $operations = self::operations($composition);
        self::assertCount(1, $operations);
        self::assertInstanceOf(Fill::class, $operations[0]);
        self::assertInstanceOf(Colour::class, $operations[0]->paint);

        return $operations[0]->paint;
    }

    /** What a lamp makes of a picture: the colour that it is multiplied by in one place, of a gradient from the inside outwards. */
    private static function multiplied(Composition $composition, Point $at): float
    {
        $operations = self::operations($composition);
        $pool = self::falling($operations[0])[1];
        self::assertInstanceOf(Group::class, $pool);
        self::assertInstanceOf(Fill::class, $pool->operations[0]);
        $gradient = $pool->operations[0]->paint;
        self::assertInstanceOf(Gradient::class, $gradient);
        $place = $gradient->matrix->inverse()->apply($at);
        $offset = hypot($place->x, $place->y);
        foreach ($gradient->stops as $index => [$to, $colour]) {
            if ($to >= $offset) {
                [$from, $before] = $gradient->stops[max(0, $index - 1)];

                return ($before->red + ($to === $from ? 0 : ($offset - $from) / ($to - $from)) * ($colour->red - $before->red)) / 255;
            }
        }
        self::fail('the gradient does not reach there');
    }

    public function test_without_lights_that_are_on_nothing_is_shaded(): void
    {
        $bare = self::composition(self::square(['tiltY' => 50]), Fixture::words());
        foreach ([['visible' => false], ['out' => 1], ['reference' => true]] as $off) {
            $composition = self::composition(
                self::square(['tiltY' => 50]), Fixture::words(), self::light('directional', $off), self::light('point', $off, 'lamp'),
            );
            self::assertSame(self::seen($bare, 10), self::seen($composition, 10));
        }
    }

    public function test_a_new_directional_light_changes_nothing_that_lies_in_the_picture(): void
    {
        $composition = self::composition(self::square(), Fixture::words(['typeSize' => 90]), Fixture::clip());
        $lit = Fixture::edit($composition, 'add-layer', ['layer' => ['kind' => 'light', 'source' => 'directional']]);
        self::assertSame(self::seen($composition), self::seen($lit));
        self::assertSame('Directional light', $lit->layers->ids() === [] ? '' : $lit->layer('l1')->name);
    }

    #[TestWith([0.0])]
    #[TestWith([35.0])]
    #[TestWith([-60.0])]
    #[TestWith([150.0])]
    public function test_what_is_tilted_is_as_bright_as_the_cosine_of_its_tilt(float $tilt): void
    {
        foreach (['tiltX', 'tiltY'] as $about) {
            $colour = self::colour(self::composition(self::square([$about => $tilt]), self::light('directional')));
            // Both of its sides are matt: seen from behind, it is the other one that faces the light.
            $bright = abs(cos(deg2rad($tilt)));
            self::assertSame(
                array_map(fn (int $channel): int => (int) round($channel * $bright), [200, 100, 50]),
                [$colour->red, $colour->green, $colour->blue],
            );
        }
    }

    public function test_what_is_lit_from_behind_is_dark_and_an_ambient_light_falls_there_too(): void
    {
        $behind = self::light('directional', ['z' => 2000]);
        self::assertSame('#000000', (string) self::colour(self::composition(self::square(), $behind)));
        $ambient = self::light('ambient', ['lightStrength' => 30, 'lightColour' => '#80ff00'], 'ambient');
        $colour = self::colour(self::composition(self::square(), $behind, $ambient));
        self::assertSame(
            [(int) round(200 * 0.3 * 128 / 255), (int) round(100 * 0.3), 0], [$colour->red, $colour->green, $colour->blue],
        );
    }

    public function test_lights_add_up_and_nothing_is_brighter_than_white(): void
    {
        $colour = self::colour(self::composition(
            self::square(), self::light('directional', ['lightStrength' => 60]), self::light('ambient', ['lightStrength' => 90], 'ambient'),
        ));
        self::assertSame([255, 150, 75], [$colour->red, $colour->green, $colour->blue]);
    }

    public function test_a_point_light_falls_by_the_cosine_and_by_its_distance(): void
    {
        $lamp = self::light('point', ['position' => [900, 500], 'z' => -120, 'falloff' => 300]);
        $composition = self::composition(self::square(['fill' => '#ffffff']), $lamp);
        foreach ([[900, 500], [1060, 640], [860, 440], [980, 560]] as [$x, $y]) {
            $away = sqrt(($x - 900) ** 2 + ($y - 500) ** 2 + 120 ** 2);
            $expected = 120 / $away / (1 + ($away / 300) ** 2);
            self::assertEqualsWithDelta($expected, self::multiplied($composition, new Point($x, $y)), 1.5 / 255, "$x, $y");
        }
    }

    public function test_on_a_tilted_plane_a_point_light_is_brightest_straight_beneath_it(): void
    {
        // The square is turned about its vertical middle by 60°: what is u to the right on it is at x = u·cos 60°, z = u·sin 60°.
        $lamp = self::light('point', ['position' => [930, 520], 'z' => -200]);
        $operations = self::operations(self::composition(self::square(['tiltY' => 60]), $lamp));
        $falling = self::falling($operations[0]);
        $plane = fn (float $u, float $v): array => [960 + $u * cos(M_PI / 3), 540 + $v, $u * sin(M_PI / 3)];
        $away = fn (array $place): float => sqrt(($place[0] - 930) ** 2 + ($place[1] - 520) ** 2 + ($place[2] + 200) ** 2);
        // The foot of the perpendicular, by least distance.
        $best = [0.0, 0.0];
        for ($u = -300.0; $u <= 300; $u += 0.5) {
            $best = $away($plane($u, -20)) < $away($plane(...$best)) ? [$u, -20.0] : $best;
        }
        // As a sheet that is pulled into perspective, whose grid begins where the plane's part begins.
        $encoded = implode('', array_map(fn (Operation $one): string => $one->encode(), $falling));
        self::assertMatchesRegularExpression('/"type":"radial","matrix":\[[^\]]+\]/', $encoded);
        preg_match('/"type":"radial","matrix":\[([^\]]+)\]/', $encoded, $found);
        [$a, $b, $c, $d, $e, $f] = array_map(floatval(...), explode(',', $found[1]));
        // The plane is drawn flat, as large as it is: its middle where the square's is.
        self::assertEqualsWithDelta([960 + $best[0], 540 + $best[1]], [$e, $f], 0.5);
        self::assertEqualsWithDelta(hypot($a, $b), hypot($c, $d), 1e-3, 'a circle');
    }

    public function test_a_picture_that_is_lit_alike_all_over_is_recoloured_and_outlines_stay_outlines(): void
    {
        $sun = self::light('directional', ['lightStrength' => 50]);
        [$words, $clip] = [self::operations(self::composition(Fixture::words(['tiltX' => 30]), $sun)), self::operations(
            self::composition(Fixture::clip(), $sun),
        )];
        foreach ($words as $operation) {
            self::assertInstanceOf(Fill::class, $operation);
        }
        self::assertInstanceOf(Group::class, $clip[0]);
        self::assertEquals(ColourMatrix::ofColours([[0.5, 0, 0, 0], [0, 0.5, 0, 0], [0, 0, 0.5, 0]]), $clip[0]->filters[0]);
        // Words that a lamp lights unevenly, too.
        $lamp = self::light('point', ['position' => [700, 500], 'z' => -900]);
        $lit = self::operations(self::composition(Fixture::words(['tiltX' => 30]), $lamp));
        self::assertInstanceOf(Group::class, $lit[0]);
        self::assertNotNull($lit[0]->clip);
        // What would be brighter than white is multiplied afterwards, and still cut out by outlines.
        $bright = self::operations(self::composition(Fixture::words(['tiltX' => 30]), [...$lamp, 'lightStrength' => 300]));
        self::assertInstanceOf(Group::class, $bright[0]);
        self::assertInstanceOf(Lit::class, $bright[0]->filters[0]);
        self::assertInstanceOf(ColourMatrix::class, $bright[0]->filters[1]);
        self::assertGreaterThan(1, $bright[0]->filters[1]->values[0]);
        foreach ($bright[0]->operations as $operation) {
            self::assertInstanceOf(Fill::class, $operation);
        }
    }

    public function test_what_stays_flat_or_takes_no_light_is_passed_by(): void
    {
        $sun = self::light('directional', ['lightStrength' => 40]);
        foreach ([['flat' => true], ['takesLight' => false]] as $switch) {
            self::assertSame('#c86432', (string) self::colour(self::composition(self::square($switch), $sun)));
            // Of what is in a group, the group says it.
            $grouped = self::composition(
                self::square(['group' => 'g']), ['id' => 'g', 'kind' => 'group', 'name' => 'Group', 'in' => 0, 'out' => 250, ...$switch], $sun,
            );
            self::assertSame('#c86432', (string) self::colour($grouped));
        }
    }

    public function test_layers_in_a_tilted_group_are_lit_as_they_stand_and_one_picture_as_a_whole(): void
    {
        $group = ['id' => 'g', 'kind' => 'group', 'name' => 'Group', 'in' => 0, 'out' => 250, 'position' => [960, 540], 'tiltY' => 20];
        $member = self::square(['group' => 'g', 'position' => [0, 0], 'tiltY' => 25]);
        $colour = self::colour(self::composition($member, $group, self::light('directional')));
        self::assertSame((int) round(200 * cos(deg2rad(45))), $colour->red);
        // An effect takes the group as one picture: that is lit, as the group is tilted.
        $as = self::operations(self::composition($member, [...$group, 'effects' => [['id' => 'e1', 'effect' => 'blur', 'radius' => 5]]], self::light('directional')));
        $encoded = implode('', array_map(fn (Operation $one): string => $one->encode(), $as));
        $factor = round(cos(deg2rad(20)), 5);
        self::assertStringContainsString("\"values\":[$factor,0,0,0,0,0,$factor", $encoded);
        self::assertStringContainsString('#c86432', $encoded);
    }

    public function test_a_light_in_a_group_goes_along_with_it(): void
    {
        $group = ['id' => 'g', 'kind' => 'group', 'name' => 'Group', 'in' => 0, 'out' => 250, 'tiltY' => 40, 'position' => [960, 540], 'anchor' => [960, 540]];
        $colour = self::colour(self::composition(self::square(), $group, self::light('directional', ['group' => 'g'])));
        self::assertSame((int) round(200 * cos(deg2rad(40))), $colour->red);
    }

    public function test_patches_are_lit_one_by_one_and_stay_pieces(): void
    {
        $square = self::square([
            'gradients' => [['of' => 'fill', 'form' => 'linear', 'stops' => 2]],
            'patchwork' => ['form' => 'grid', 'rows' => 2, 'columns' => 2],
            'cascades' => [['id' => 'c1', 'as' => 'arrive', 'units' => 'patches', 'length' => 40, 'tiltY' => 70, 'overlap' => 50]],
        ]);
        $seen = Fixture::evaluator()->frame(self::composition($square, self::light('directional')), 12)->operations;
        $pieces = array_merge(...array_map(fn (Operation $one): array => $one instanceof Pieces ? $one->pieces : [], $seen));
        self::assertNotSame([], $pieces);
        $lights = array_unique(array_map(fn ($piece): string => sprintf('%.3f', $piece->light[0]), $pieces));
        self::assertGreaterThan(1, count($lights));
        foreach ($pieces as $piece) {
            self::assertLessThan(1.0, $piece->light[0]);
            self::assertGreaterThan(cos(deg2rad(71)), $piece->light[0]);
        }
    }

    public function test_a_patch_on_which_a_lamp_hardly_differs_is_lit_as_its_middle_is(): void
    {
        // 8 × 8 patches of 25, most of them at rest and as one; a lamp so far away that it differs by less than 6 of 255 on any.
        $square = self::square([
            'fill' => '#ffffff', 'gradients' => [['of' => 'fill', 'form' => 'linear', 'stops' => 2]],
            'patchwork' => ['form' => 'grid', 'rows' => 8, 'columns' => 8],
            'cascades' => [['id' => 'c1', 'as' => 'arrive', 'units' => 'patches', 'length' => 40, 'tiltX' => 60, 'overlap' => 90, 'opacity' => 100]],
        ]);
        $lamp = self::light('point', ['position' => [960, 540], 'z' => -900]);
        $seen = Fixture::evaluator()->frame(self::composition($square, $lamp), 10)->operations;
        $pieces = array_merge(...array_map(fn (Operation $one): array => $one instanceof Pieces ? $one->pieces : [], $seen));
        self::assertGreaterThan(10, count($pieces));
        foreach ($pieces as $piece) {
            // Where three points of it are, by where they are seen and how many times farther away than the picture.
            $place = function (float $x, float $y) use ($piece): Vector {
                $away = $piece->seen->distance(new Point($x, $y));
                $seen = $piece->seen->apply(new Point($x, $y));

                return new Vector(960 + ($seen->x - 960) * $away, 540 + ($seen->y - 540) * $away, 2666.666667 * ($away - 1));
            };
            $middle = $piece->part->centre();
            $at = $place($middle->x, $middle->y);
            $normal = $place($middle->x + 1, $middle->y)->minus($at)->cross($place($middle->x, $middle->y + 1)->minus($at))->unit();
            $towards = (new Vector(960, 540, -900))->minus($at)->unit();
            self::assertEqualsWithDelta(abs($normal?->dot($towards)), $piece->light[0], 3 / 255);
        }
    }

    public function test_the_background_and_what_adjusts_are_not_lit(): void
    {
        $dim = self::light('ambient', ['lightStrength' => 40]);
        $adjusting = ['id' => 'a', 'kind' => 'adjusting', 'name' => 'Adjusting', 'in' => 0, 'out' => 250, 'effects' => [
            ['id' => 'e1', 'effect' => 'invert'],
        ]];
        $frame = fn (array ...$layers): array => json_decode(Fixture::evaluator()->frame(
            Fixture::composition(array_values($layers), ['background' => '#336699']), 0,
        )->encode(), true);
        [$plain, $lit] = [$frame(self::square(), $adjusting), $frame(self::square(), $adjusting, $dim)];
        self::assertSame($plain['background'], $lit['background']);
        // Its effect is what it was; what lies beneath it is dimmed, the background among that not.
        self::assertSame(
            str_replace('#c86432', '#502814', json_encode($plain['items'])), json_encode($lit['items']),
        );
    }

    public function test_light_is_seen_from_where_the_camera_is_and_does_not_move_with_it(): void
    {
        $camera = ['id' => 'camera', 'kind' => 'camera', 'name' => 'Camera', 'in' => 0, 'out' => 250, ...self::VIEWER, 'orbitY' => 50];
        $colour = self::colour(self::composition(self::square(['tiltY' => 30]), self::light('directional'), $camera));
        self::assertSame((int) round(200 * cos(deg2rad(30))), $colour->red);
        // From behind it is the other side that is seen: dark, as the light comes from the front.
        $behind = self::colour(self::composition(self::square(), self::light('directional'), [...$camera, 'orbitY' => 180]));
        self::assertSame('#000000', (string) $behind);
    }

    public function test_a_light_is_aimed_at_a_layer_or_put_before_it_and_dragged_as_it_is_seen(): void
    {
        $composition = self::composition(
            self::square(['position' => [500, 300], 'z' => 400]), self::light('directional'), self::light('point', ['z' => -600], 'lamp'),
            self::light('ambient', [], 'ambient'),
        );
        $aimed = Fixture::edit($composition, 'aim-light', ['light' => 'light', 'layer' => 'bar', 'frame' => 0])->layer('light');
        self::assertEquals([500.0, 300.0, 400.0], [$aimed->point('aim', 0)->x, $aimed->point('aim', 0)->y, $aimed->number('aimZ', 0)]);
        self::assertEquals(960.0, $aimed->point('position', 0)->x);
        $put = Fixture::edit($composition, 'aim-light', ['light' => 'lamp', 'layer' => 'bar', 'frame' => 0])->layer('lamp');
        self::assertEquals([500.0, 300.0, -600.0], [$put->point('position', 0)->x, $put->point('position', 0)->y, $put->number('z', 0)]);
        // What is nearer is seen larger: it goes less far than it is seen to.
        $dragged = Fixture::edit($composition, 'drag-in-space', ['layers' => ['lamp'], 'frame' => 0, 'by' => [100, -40], 'part' => 'eye'])->layer('lamp');
        $share = (1920 * 50 / 36 - 600) / (1920 * 50 / 36);
        self::assertEqualsWithDelta([960 + 100 * $share, 540 - 40 * $share], [$dragged->point('position', 0)->x, $dragged->point('position', 0)->y], 1e-3);
        $this->expectExceptionMessage('“Light” comes from everywhere alike: it has no place');
        Fixture::edit($composition, 'aim-light', ['light' => 'ambient', 'layer' => 'bar', 'frame' => 0]);
    }
}
