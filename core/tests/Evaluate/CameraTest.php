<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Evaluate;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\Samples;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Tests\Fixture;

/** Compositions are 1920 × 1080; a lens of 50 mm on a sensor of 36 mm sees its width from 1920 · 50 / 36 pixels away. */
final class CameraTest extends TestCase
{
    use SeenPlaces;

    private const REST = ['position' => [960, 540], 'z' => -2666.666667, 'aim' => [960, 540]];

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private static function camera(array $fields = []): array
    {
        return ['id' => 'camera', 'kind' => 'camera', 'name' => 'Camera', 'in' => 0, 'out' => 250, ...self::REST, ...$fields];
    }

    /**
     * Where a pinhole camera sees a point: the triangle of any textbook, for one that looks from an eye to an aim, with its sides level.
     *
     * @param  array{float, float, float}  $point
     * @param  array{float, float, float}  $eye
     * @param  array{float, float, float}  $aim
     */
    private static function pinhole(array $point, array $eye, array $aim, float $lens = 50, float $roll = 0): Point
    {
        // Turned to the left and right until the aim is straight ahead, then up or down.
        $to = fn (array $place): array => [$place[0] - $eye[0], $place[1] - $eye[1], $place[2] - $eye[2]];
        [[$x, $y, $z], [$ax, $ay, $az]] = [$to($point), $to($aim)];
        $pan = atan2($ax, $az);
        [$x, $z] = [$x * cos($pan) - $z * sin($pan), $x * sin($pan) + $z * cos($pan)];
        $rise = atan2($ay, hypot($ax, $az));
        [$y, $z] = [$y * cos($rise) - $z * sin($rise), $y * sin($rise) + $z * cos($rise)];
        // A camera that is turned clockwise sees everything turned the other way.
        [$x, $y] = [$x * cos(deg2rad($roll)) + $y * sin(deg2rad($roll)), $y * cos(deg2rad($roll)) - $x * sin(deg2rad($roll))];
        $focal = 1920 * $lens / 36;

        return new Point(960 + $focal * $x / $z, 540 + $focal * $y / $z);
    }

    /**
     * Carried about a point: up along a circle towards the top, then around the vertical axis to the right.
     *
     * @param  array{float, float, float}  $eye
     * @param  array{float, float, float}  $aim
     * @return array{float, float, float}
     */
    private static function orbited(array $eye, array $aim, float $up, float $around): array
    {
        [$x, $y, $z] = [$eye[0] - $aim[0], $eye[1] - $aim[1], $eye[2] - $aim[2]];
        [$y, $z] = [$y * cos(deg2rad($up)) + $z * sin(deg2rad($up)), $z * cos(deg2rad($up)) - $y * sin(deg2rad($up))];
        [$x, $z] = [$x * cos(deg2rad($around)) - $z * sin(deg2rad($around)), $z * cos(deg2rad($around)) + $x * sin(deg2rad($around))];

        return [$aim[0] + $x, $aim[1] + $y, $aim[2] + $z];
    }

    /** @return array<string, mixed> a bar of 400 × 200 */
    private static function bar(array $fields = []): array
    {
        return Fixture::bar(['position' => [1300, 400], 'size' => [400, 200], ...$fields]);
    }

    private const CORNERS = [[1100, 300], [1500, 300], [1500, 500], [1100, 500]];

    /**
     * @param  array{float, float, float}  $eye
     * @param  array{float, float, float}  $aim
     */
    #[TestWith([[960, 540, -1500], [960, 540, 0], 50, 0])]
    #[TestWith([[960, 540, -2666.667], [960, 540, 0], 100, 0])]
    #[TestWith([[-400, 900, -2000], [1200, 450, 100], 35, 0])]
    #[TestWith([[2500, -700, -1800], [960, 540, 0], 50, 30])]
    #[TestWith([[1000, 540, 1500], [1100, 500, 0], 24, -200])]
    public function test_what_it_sees_is_where_a_pinhole_has_it(array $eye, array $aim, float $lens, float $roll): void
    {
        $composition = Fixture::composition([self::bar(['z' => 70]), self::camera([
            'position' => [$eye[0], $eye[1]], 'z' => $eye[2], 'aim' => [$aim[0], $aim[1]], 'aimZ' => $aim[2], 'lens' => $lens,
            'rotation' => $roll,
        ])]);
        $expected = array_map(fn (array $corner): Point => self::pinhole([...$corner, 70], $eye, $aim, $lens, $roll), self::CORNERS);
        self::assertSamePlaces($expected, self::corners($composition));
        $pose = Fixture::evaluator()->pose($composition->layer('bar'), $composition, 0);
        self::assertSamePlaces($expected, array_map($pose->seen(...), $pose->box->corners()));
    }

    #[TestWith([0, 40])]
    #[TestWith([25, 0])]
    #[TestWith([-30, 65])]
    public function test_it_orbits_about_what_it_aims_at(float $up, float $around): void
    {
        $composition = Fixture::composition([self::bar(), self::camera([
            'z' => -2000, 'aim' => [1100, 600], 'aimZ' => 200, 'orbitX' => $up, 'orbitY' => $around,
            'position' => [1100, 600],
        ])]);
        $eye = self::orbited([1100, 600, -2000], [1100, 600, 200], $up, $around);
        self::assertSamePlaces(
            array_map(fn (array $corner): Point => self::pinhole([...$corner, 0], $eye, [1100, 600, 200]), self::CORNERS),
            self::corners($composition),
        );
    }

    /** @return list<array<string, mixed>> layers of many kinds, with what is done to them */
    private static function many(): array
    {
        return [
            Fixture::clip(['tiltX' => 50, 'effects' => [['id' => 'e1', 'effect' => 'blur', 'radius' => 6]]]),
            self::bar(['outline' => '#112233', 'outlineWidth' => 8, 'patchwork' => ['rows' => 2, 'columns' => 3]]),
            Fixture::words(['position' => [700, 500], 'z' => Fixture::keyframes([0, 900], [40, 0]), 'motionBlur' => true, 'group' => 'g']),
            ['id' => 'g', 'kind' => 'group', 'name' => 'G', 'in' => 0, 'out' => 100, 'tiltY' => 30],
            Fixture::words(['id' => 'w2', 'arrive' => ['moves' => [['move' => 'tumble']], 'length' => 20], 'position' => [300, 900]]),
        ];
    }

    public function test_one_that_is_added_changes_nothing(): void
    {
        $without = Fixture::composition(self::many());
        foreach ([[], ['rotation' => 360, 'orbitY' => -720], ['lens' => 50]] as $fields) {
            $with = Fixture::composition([...self::many(), self::camera($fields)]);
            foreach ([0, 12, 60] as $frame) {
                self::assertSame(self::list($without, $frame)->encode(), self::list($with, $frame)->encode());
            }
        }
        $added = Fixture::edit($without, 'add-layer', ['layer' => ['kind' => 'camera']]);
        self::assertCount(6, $added->layers);
        self::assertSame(self::list($without, 12)->encode(), self::list($added, 12)->encode());
        // Of another size, too.
        foreach (['corner', 'middle', 'scale'] as $how) {
            $resized = Fixture::edit($added, 'set-composition', ['width' => 1080, 'height' => 1350, 'layers' => $how]);
            $plain = Fixture::edit($without, 'set-composition', ['width' => 1080, 'height' => 1350, 'layers' => $how]);
            self::assertSame(self::list($plain, 12)->encode(), self::list($resized, 12)->encode(), $how);
        }
    }

    public function test_twice_the_focal_length_is_twice_the_size(): void
    {
        $composition = Fixture::composition([self::bar(), self::camera(['lens' => 100])]);
        self::assertSamePlaces(array_map(
            fn (array $corner): Point => new Point(960 + 2 * ($corner[0] - 960), 540 + 2 * ($corner[1] - 540)), self::CORNERS,
        ), self::corners($composition));
    }

    public function test_what_lies_behind_it_is_absent(): void
    {
        $composition = Fixture::composition([self::bar(['z' => -1000]), self::camera(['z' => -900])]);
        self::assertSame([], self::list($composition)->operations);
        // And so is what stands where it stands itself.
        $there = Fixture::composition([self::bar(['position' => [960, 540], 'z' => -900]), self::camera(['z' => -900])]);
        self::assertSame([], self::list($there)->operations);
    }

    #[TestWith([50])]
    #[TestWith([200])]
    public function test_what_is_nearer_than_a_twentieth_of_its_focal_distance_is_cut_off(float $lens): void
    {
        $nearest = 1920 * $lens / 36 / 20;
        $at = fn (float $ahead): Composition => Fixture::composition([
            self::bar(['position' => [960, 540], 'z' => -2000 + $ahead]), self::camera(['z' => -2000, 'lens' => $lens]),
        ]);
        self::assertSame([], self::list($at($nearest - 1))->operations);
        self::assertCount(1, self::list($at($nearest + 1))->operations);
    }

    public function test_cameras_pass_by_what_is_kept_flat_with_all_that_is_in_it(): void
    {
        $far = self::camera(['position' => [200, 100], 'z' => -1200, 'orbitY' => 30]);
        $group = ['id' => 'g', 'kind' => 'group', 'name' => 'G', 'in' => 0, 'out' => 100];
        foreach ([[self::bar(['tiltY' => 20])], [self::bar(['group' => 'g', 'tiltY' => 20]), $group]] as $layers) {
            $plain = Fixture::composition($layers);
            $layers[count($layers) - 1]['flat'] = true;
            $kept = Fixture::composition([...$layers, $far]);
            self::assertSame(self::list($plain)->encode(), self::list($kept)->encode());
            $pose = fn (Composition $one): string => Fixture::evaluator()->pose($one->layer('bar'), $one, 0)->encode();
            self::assertSame($pose($plain), $pose($kept));
        }
    }

    public function test_the_topmost_that_is_on_is_looked_through(): void
    {
        $near = self::camera(['id' => 'near', 'z' => -1000, 'in' => 10, 'out' => 20]);
        $layers = [self::bar(), self::camera(['z' => -1500]), $near];
        $alone = fn (float $z): string => self::list(Fixture::composition([self::bar(), self::camera(['z' => $z])]), 12)->encode();
        $at = fn (array $layers, int $frame): string => str_replace(
            "\"frame\":$frame,", '"frame":12,', self::list(Fixture::composition($layers), $frame)->encode(),
        );
        self::assertSame([$alone(-1500), $alone(-1000), $alone(-1000), $alone(-1500)], array_map(
            fn (int $frame): string => $at($layers, $frame), [9, 10, 19, 20],
        ));
        $layers[2]['visible'] = false;
        self::assertSame($alone(-1500), $at($layers, 12));
        $layers[1]['reference'] = true;
        self::assertSame(self::list(Fixture::composition([self::bar()]), 12)->encode(), $at($layers, 12));
    }

    public function test_one_in_a_group_goes_along_with_it(): void
    {
        $group = ['id' => 'g', 'kind' => 'group', 'name' => 'G', 'in' => 0, 'out' => 100];
        $moved = Fixture::composition([
            self::bar(), self::camera(['group' => 'g', 'position' => [460, 340], 'aim' => [460, 340]]),
            [...$group, 'position' => [960, 540], 'anchor' => [460, 340]],
        ]);
        self::assertSame(self::list(Fixture::composition([self::bar()]))->encode(), self::list($moved)->encode());
        // A group that is turned about the middle turns it like its own roll, one that is tilted carries it around.
        foreach ([[['rotation' => 25], ['rotation' => 25]], [['tiltY' => 35], ['orbitY' => 35]], [['tiltX' => 20], ['orbitX' => 20]]] as [$of, $own]) {
            $carried = Fixture::composition([
                self::bar(), self::camera(['group' => 'g']), [...$group, 'position' => [960, 540], 'anchor' => [960, 540], ...$of],
            ]);
            self::assertSamePlaces(self::corners(Fixture::composition([self::bar(), self::camera($own)])), self::corners($carried));
        }
    }

    public function test_a_bundle_is_seen_through_its_own(): void
    {
        $inner = Fixture::composition([self::bar(), self::camera(['orbitY' => 40, 'z' => -1800])]);
        $project = Project::read(new Node([
            'format' => 'ricamo-project', 'version' => 1, 'name' => 'P', 'media' => [], 'compositions' => [
                Fixture::composition([[
                    'id' => 'x', 'kind' => 'bundle', 'name' => 'X', 'in' => 0, 'out' => 100, 'composition' => 'c2', 'position' => [960, 540],
                ]])->toJson(),
                [...$inner->toJson(), 'id' => 'c2', 'background' => null],
            ],
        ]));
        $outer = Fixture::evaluator()->showing($project->library())->frame($project->composition('c1'), 0);
        self::assertSame([], array_diff_key(self::list($inner)->paths(), $outer->paths()), 'the same outline as it is seen there');
    }

    public function test_what_is_looked_at_while_working_is_what_is_rendered(): void
    {
        $composition = Fixture::composition([...self::many(), self::camera([
            'z' => -1800, 'orbitY' => Fixture::keyframes([0, 0], [50, 70]), 'position' => [900, 300],
        ])]);
        foreach ([0, 12, 60] as $frame) {
            $items = fn (string $list): array => json_decode($list, true)['items'];
            self::assertSame(
                $items(self::list($composition, $frame)->encode()), $items(Fixture::evaluator()->look($composition, $frame)->list()),
            );
        }
    }

    public function test_what_stands_still_is_blurred_by_its_way(): void
    {
        $across = Fixture::keyframes([0, [0, 540]], [20, [1900, 540]]);
        $moving = self::camera(['position' => $across, 'aim' => $across]);
        $operations = self::list(Fixture::composition([self::bar(['motionBlur' => true]), $moving]), 10)->operations;
        self::assertCount(1, $operations);
        self::assertInstanceOf(Samples::class, $operations[0]);
        self::assertNotEquals($operations[0]->lists[0], $operations[0]->lists[1]);
        // What it passes by is sharp.
        $sharp = self::list(Fixture::composition([self::bar(['motionBlur' => true, 'flat' => true]), $moving]), 10)->operations;
        self::assertNotInstanceOf(Samples::class, $sharp[0]);
    }

    #[TestWith([0])]
    #[TestWith([4.9])]
    #[TestWith([1e9])]
    public function test_no_lens_is_shorter_or_longer_than_any(float $lens): void
    {
        $this->expectExceptionMessage('lens');
        Fixture::composition([self::camera(['lens' => $lens])]);
    }

    public function test_one_that_aims_at_where_it_stands_looks_ahead(): void
    {
        $composition = Fixture::composition([self::bar(), self::camera(['z' => -1500, 'aimZ' => -1500])]);
        self::assertSamePlaces(array_map(
            fn (array $corner): Point => self::pinhole([...$corner, 0], [960, 540, -1500], [960, 540, 0]), self::CORNERS,
        ), self::corners($composition));
    }

    public function test_one_that_looks_straight_down_sees_a_floor(): void
    {
        // From 1,000 pixels above: what is far away in depth is up in the picture.
        $composition = Fixture::composition([
            self::bar(['position' => [960, 1540], 'tiltX' => 90]), self::camera(['position' => [960, 540], 'z' => 0, 'aim' => [960, 1540]]),
        ]);
        $by = 1920 * 50 / 36 / 1000;
        self::assertSamePlaces([
            new Point(960 - 200 * $by, 540 - 100 * $by), new Point(960 + 200 * $by, 540 - 100 * $by),
            new Point(960 + 200 * $by, 540 + 100 * $by), new Point(960 - 200 * $by, 540 + 100 * $by),
        ], self::corners($composition));
    }

    public function test_it_is_aimed_at_a_layer_and_stays_where_it_stands(): void
    {
        $composition = Fixture::composition([
            self::bar(['z' => 300, 'position' => [1300, 400]]), self::camera(['position' => [700, 300], 'z' => -1500, 'orbitX' => 10, 'orbitY' => -20]),
        ]);
        $eye = $composition->cameras()?->camera(0)?->eye;
        $aimed = Fixture::edit($composition, 'aim-camera', ['camera' => 'camera', 'layer' => 'bar', 'frame' => 0]);
        self::assertSame([[1300.0, 400.0], 300.0], [$aimed->toJson()['layers'][1]['aim'], $aimed->toJson()['layers'][1]['aimZ']]);
        $after = $aimed->cameras()?->camera(0)?->eye;
        self::assertNotNull($eye);
        self::assertEqualsWithDelta([$eye->x, $eye->y, $eye->z], [$after?->x, $after?->y, $after?->z], 0.002);
        // What it aims at is in the middle of the picture.
        $pose = Fixture::evaluator()->pose($aimed->layer('bar'), $aimed, 0);
        self::assertSamePlaces([new Point(960, 540)], [$pose->seen(new Point(0, 0))]);
        $this->expectExceptionMessage('is not a camera');
        Fixture::edit($composition, 'aim-camera', ['camera' => 'bar', 'layer' => 'camera', 'frame' => 0]);
    }

    public function test_it_is_set_back_to_where_nothing_changes(): void
    {
        $composition = Fixture::composition([self::bar(), self::camera(['z' => -400, 'aimZ' => 90, 'orbitY' => 50, 'position' => [0, 0]])]);
        $back = Fixture::edit($composition, 'reset-placement', ['layers' => ['camera']]);
        self::assertSame(self::list(Fixture::composition([self::bar()]))->encode(), self::list($back)->encode());
        $one = Fixture::edit($composition, 'reset-value', ['layer' => 'camera', 'property' => 'z']);
        self::assertSame(-2666.666667, $one->toJson()['layers'][1]['z']);
    }

    /** @return list<float> the deviations of the blurs of what is drawn, from the bottom; 0 for what is sharp */
    private static function blurs(Composition $composition): array
    {
        return array_map(
            fn (array $item): float => $item['filters'][0]['deviation'] ?? 0.0, json_decode(self::list($composition)->encode(), true)['items'],
        );
    }

    public function test_what_is_nearer_or_farther_than_its_focus_is_blurred(): void
    {
        $bars = fn (array $camera): Composition => Fixture::composition([
            self::bar(['z' => 2666.666667]), self::bar(['id' => 'b', 'z' => -1333.333333, 'position' => [1000, 500]]),
            self::bar(['id' => 'c', 'position' => [700, 700]]), self::camera($camera),
        ]);
        // A thin lens 120 wide, focused at 2,667: at twice that a disc of 60 pixels, at half of it one of 120. A quarter is its deviation.
        self::assertEqualsWithDelta([15, 30, 0], self::blurs($bars(['aperture' => 120])), 0.001);
        self::assertEqualsWithDelta([0, 45, 15], self::blurs($bars(['aperture' => 120, 'focus' => 5333.333333])), 0.001);
        self::assertSame([0.0, 0.0, 0.0], self::blurs($bars(['focus' => 900])));
        // What it passes by is sharp, and each in a group is by itself as it is.
        $passed = Fixture::composition([self::bar(['z' => 2000, 'flat' => true]), self::camera(['aperture' => 120])]);
        self::assertSame([0.0], self::blurs($passed));
        $grouped = Fixture::composition([
            self::bar(['z' => 2666.666667, 'group' => 'g']), self::bar(['id' => 'c', 'group' => 'g']),
            ['id' => 'g', 'kind' => 'group', 'name' => 'G', 'in' => 0, 'out' => 100], self::camera(['aperture' => 120]),
        ]);
        self::assertEqualsWithDelta([15, 0], self::blurs($grouped), 0.001);
    }

    public function test_it_is_focused_on_a_layer_by_a_click(): void
    {
        $composition = Fixture::composition([
            self::bar(['z' => 500]), self::camera(['aperture' => 200, 'position' => [-300, 200], 'z' => -1200, 'orbitX' => 12]),
        ]);
        self::assertGreaterThan(5, self::blurs($composition)[0]);
        $focused = Fixture::edit($composition, 'aim-camera', ['camera' => 'camera', 'layer' => 'bar', 'frame' => 0, 'focus' => true]);
        self::assertSame([0.0], self::blurs($focused));
        $this->expectExceptionMessage('not before');
        Fixture::edit(
            Fixture::composition([self::bar(['z' => -3000]), self::camera()]), 'aim-camera',
            ['camera' => 'camera', 'layer' => 'bar', 'frame' => 0, 'focus' => true],
        );
    }

    public function test_a_layer_is_dragged_as_far_as_the_pointer_goes(): void
    {
        $composition = Fixture::composition([self::bar(), self::camera(['z' => -1200, 'orbitY' => 50])]);
        $seen = fn (Composition $one): Point => Fixture::evaluator()->pose($one->layer('bar'), $one, 0)->seen(new Point(0, 0));
        $by = new Point(3, -2);
        $dragged = Fixture::edit($composition, 'drag-layers', ['layers' => ['bar'], 'frame' => 0, 'by' => [$by->x, $by->y]]);
        $went = $seen($dragged)->minus($seen($composition));
        self::assertEqualsWithDelta([$by->x, $by->y], [$went->x, $went->y], 0.05);
    }

    public function test_a_camera_whose_place_has_keyframes_has_a_pose_on_every_frame(): void
    {
        $composition = Fixture::composition([Fixture::bar(), self::camera(['position' => Fixture::keyframes([0, [960, 540]], [50, [1200, 540]])])]);
        $look = Fixture::evaluator()->look($composition, 25);
        self::assertSame(['bar', 'camera'], array_column(json_decode($look->poses(), true), 'layer'));
    }
}
