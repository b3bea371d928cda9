<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Camera;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\View;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Geometry\Vector;
use Ricamo\Core\Tests\Fixture;

/** A camera is driven by what is seen through it. */
final class CameraEditsTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>}> a camera, and the group that it is in */
    public static function cameras(): iterable
    {
        yield 'at rest' => [[], []];
        yield 'at an angle' => [['position' => [400, 900], 'z' => -1500, 'aim' => [1100, 450], 'aimZ' => 60], []];
        yield 'orbiting and rolled, with another lens' => [
            ['z' => -1200, 'orbitX' => 25, 'orbitY' => -40, 'rotation' => 30, 'lens' => 85], [],
        ];
        yield 'in a group' => [
            ['orbitY' => 20, 'position' => [300, 0], 'aim' => [0, 0]],
            ['position' => [960, 540], 'rotation' => 15, 'scale' => [80, 80], 'tiltY' => 25, 'z' => 100],
        ];
    }

    /**
     * @param  array<string, mixed>  $camera
     * @param  array<string, mixed>  $group
     */
    private static function composition(array $camera, array $group): Composition
    {
        return Fixture::composition([
            Fixture::bar(['position' => [1300, 400], 'z' => 120]),
            [
                'id' => 'camera', 'kind' => 'camera', 'name' => 'Camera', 'in' => 0, 'out' => 100, 'group' => 'g',
                'position' => [960, 540], 'z' => -2666.666667, 'aim' => [960, 540], ...$camera,
            ],
            ['id' => 'g', 'kind' => 'group', 'name' => 'G', 'in' => 0, 'out' => 100, ...$group],
        ]);
    }

    private static function camera(Composition $composition): Camera
    {
        return $composition->cameras()?->camera(0) ?? self::fail('no camera is on');
    }

    private static function aim(Composition $composition): Vector
    {
        [$layer, $group] = [$composition->layer('camera'), $composition->layer('g')];
        $aim = $layer->point('aim', 0);

        return View::within([$group], 0)->apply(new Vector($aim->x, $aim->y, $layer->number('aimZ', 0)));
    }

    /** Where a point in space is seen. */
    private static function seen(Composition $composition, Vector $point): Point
    {
        $camera = self::camera($composition);
        $way = $point->minus($camera->eye);
        $share = $camera->focal / $way->dot($camera->ahead);

        return new Point(960 + $way->dot($camera->right) * $share, 540 + $way->dot($camera->down) * $share);
    }

    /**
     * @param  array<string, mixed>  $camera
     * @param  array<string, mixed>  $group
     */
    #[DataProvider('cameras')]
    public function test_what_it_aims_at_follows_the_pointer(array $camera, array $group): void
    {
        $composition = self::composition($camera, $group);
        $aim = self::aim($composition);
        $across = Fixture::edit($composition, 'drive-camera', ['camera' => 'camera', 'frame' => 0, 'how' => 'across', 'by' => [40, -25]]);
        self::assertNear(new Point(1000, 515), self::seen($across, $aim));
        // It goes level: what is ahead stays as far away.
        self::assertEqualsWithDelta(
            $aim->minus(self::camera($composition)->eye)->dot(self::camera($composition)->ahead),
            $aim->minus(self::camera($across)->eye)->dot(self::camera($across)->ahead), 0.01,
        );
        $elsewhere = Fixture::edit($composition, 'drive-camera', ['camera' => 'camera', 'frame' => 0, 'how' => 'aim', 'by' => [3, 2]]);
        $eye = self::camera($composition)->eye->minus(self::camera($elsewhere)->eye);
        self::assertLessThan(0.01, $eye->length(), 'it stays where it stands');
        self::assertNear(new Point(963, 542), self::seen($elsewhere, $aim), 0.25);
    }

    /**
     * @param  array<string, mixed>  $camera
     * @param  array<string, mixed>  $group
     */
    #[DataProvider('cameras')]
    public function test_it_goes_nearer_to_what_it_aims_at(array $camera, array $group): void
    {
        $composition = self::composition($camera, $group);
        $aim = self::aim($composition);
        $away = fn (Composition $one): float => $aim->minus(self::camera($one)->eye)->length();
        $drive = ['camera' => 'camera', 'frame' => 0, 'how' => 'nearer', 'by' => [0, -1080]];
        self::assertEqualsWithDelta($away($composition) / 3, $away(Fixture::edit($composition, 'drive-camera', $drive)), 0.01);
        self::assertNear(new Point(960, 540), self::seen(Fixture::edit($composition, 'drive-camera', $drive), $aim));
        // With twice the focal length it is as large from twice as far.
        $lens = $composition->layer('camera')->number('lens', 0);
        $kept = Fixture::edit($composition, 'set-lens', ['camera' => 'camera', 'frame' => 0, 'lens' => 2 * $lens, 'keeps' => true]);
        self::assertEqualsWithDelta(2 * $away($composition), $away($kept), 0.01);
        $beside = $aim->plus(self::camera($composition)->right->times(100));
        self::assertNear(self::seen($composition, $beside), self::seen($kept, $beside));
    }

    public function test_half_a_turn_for_the_width_of_the_picture(): void
    {
        $composition = self::composition([], []);
        $drive = fn (string $how, array $more): array => Fixture::json(Fixture::edit($composition, 'drive-camera', [
            'camera' => 'camera', 'frame' => 0, 'how' => $how, 'by' => [480, 96], ...$more,
        ]), 'camera');
        self::assertSame([9.0, -45.0], array_values(array_intersect_key($drive('orbit', []), ['orbitX' => 0, 'orbitY' => 0])));
        self::assertSame([0.0, -45.0], array_values(array_intersect_key(
            $drive('orbit', ['straight' => true]), ['orbitX' => 0, 'orbitY' => 0],
        )));
        self::assertSame([15.0, -45.0], array_values(array_intersect_key(
            $drive('orbit', ['snap' => true]), ['orbitX' => 0, 'orbitY' => 0],
        )));
        self::assertSame(-45.0, $drive('roll', [])['rotation']);
    }

    public function test_where_it_has_keyframes_it_is_given_one(): void
    {
        $composition = self::composition(['orbitY' => Fixture::keyframes([0, 0], [20, 40])], []);
        $driven = Fixture::json(Fixture::edit($composition, 'drive-camera', [
            'camera' => 'camera', 'frame' => 10, 'how' => 'orbit', 'by' => [-192, 0],
        ]), 'camera');
        self::assertEquals([0, 38, 40], array_column($driven['orbitY']['keyframes'], 'value'));
        self::assertSame(0.0, $driven['orbitX']);
    }

    #[TestWith([['angle' => 90], 18.0])]
    #[TestWith([['angle' => 39.6], 49.9969])]
    #[TestWith([['lens' => 135], 135.0])]
    public function test_a_lens_is_known_by_its_angle_as_well(array $args, float $lens): void
    {
        $composition = self::composition([], []);
        $set = Fixture::edit($composition, 'set-lens', ['camera' => 'camera', 'frame' => 0, ...$args]);
        self::assertEqualsWithDelta($lens, $set->layer('camera')->number('lens', 0), 1e-3);
        self::assertEqualsWithDelta(
            $args['angle'] ?? 15.19, Camera::angleOf($set->layer('camera')->number('lens', 0)), 0.01,
        );
    }

    #[TestWith(['set-lens', ['lens' => 2]])]
    #[TestWith(['set-lens', ['lens' => 20, 'angle' => 30]])]
    #[TestWith(['set-lens', []])]
    public function test_what_makes_no_sense_is_refused(string $edit, array $args): void
    {
        $this->expectExceptionMessageMatches('/lens/');
        Fixture::edit(self::composition([], []), $edit, ['camera' => 'camera', 'frame' => 0, ...$args]);
    }

    public function test_the_way_back_is_the_way_back(): void
    {
        $space = Space::orbiting(new Vector(300, -20, 90), 35, -70)->after(Space::tilted(new Point(100, 50), 400, 20, 30));
        $point = new Vector(17, -230, 505);
        $back = $space->inverse()->apply($space->apply($point));
        self::assertEqualsWithDelta([17, -230, 505], [$back->x, $back->y, $back->z], 1e-9);
    }

    private static function assertNear(Point $expected, Point $found, float $within = 0.01): void
    {
        self::assertEqualsWithDelta([$expected->x, $expected->y], [$found->x, $found->y], $within);
    }
}
