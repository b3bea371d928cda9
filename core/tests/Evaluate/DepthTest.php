<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Evaluate;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Filter\Warp;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Samples;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Motion;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\Compositions\Resizing;
use Ricamo\Core\Evaluate\Trail;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Handle\Touched;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** Compositions are 1920 × 1080, seen from 1920 · 50 / 36 pixels before (960, 540). */
final class DepthTest extends TestCase
{
    use SeenPlaces;

    private const DISTANCE = 1920 * 50 / 36;

    /** The pinhole formula of any textbook: what is z farther away is nearer to the middle by distance / (distance + z). */
    private static function pinhole(float $x, float $y, float $z): Point
    {
        $by = self::DISTANCE / (self::DISTANCE + $z);

        return new Point(960 + ($x - 960) * $by, 540 + ($y - 540) * $by);
    }

    /**
     * Turned in the plane, tilted about y, then about x, each by its own formula, and moved to where it stands.
     *
     * @param  array{float, float, float}  $at
     * @param  float  $anchor  how far behind it that lies about which it is tilted
     */
    private static function standing(float $x, float $y, float $turn, float $tiltX, float $tiltY, array $at, float $anchor = 0.0): Point
    {
        [$turn, $tiltX, $tiltY] = [deg2rad($turn), deg2rad($tiltX), deg2rad($tiltY)];
        [$x, $y, $z] = [$x * cos($turn) - $y * sin($turn), $x * sin($turn) + $y * cos($turn), -$anchor];
        [$x, $z] = [$x * cos($tiltY) - $z * sin($tiltY), $x * sin($tiltY) + $z * cos($tiltY)];
        [$y, $z] = [$y * cos($tiltX) + $z * sin($tiltX), $z * cos($tiltX) - $y * sin($tiltX)];

        return self::pinhole($x + $at[0], $y + $at[1], $z + $at[2]);
    }

    #[TestWith([0, 0, 0, 400])]
    #[TestWith([0, 0, 0, -900])]
    #[TestWith([0, 55, 0, 0])]
    #[TestWith([0, 0, -70, 0])]
    #[TestWith([30, 40, 25, 350])]
    #[TestWith([-120, 200, -310, -600])]
    public function test_corners_are_seen_where_a_pinhole_has_them(float $turn, float $tiltX, float $tiltY, float $z): void
    {
        $composition = Fixture::composition([Fixture::bar([
            'position' => [1300, 400], 'size' => [400, 200], 'rotation' => $turn, 'tiltX' => $tiltX, 'tiltY' => $tiltY, 'z' => $z,
        ])]);
        $expected = array_map(
            fn (array $corner): Point => self::standing($corner[0], $corner[1], $turn, $tiltX, $tiltY, [1300, 400, $z]),
            [[-200, -100], [200, -100], [200, 100], [-200, 100]],
        );
        self::assertSamePlaces($expected, self::corners($composition));
        $pose = Fixture::evaluator()->pose($composition->layer('bar'), $composition, 0);
        self::assertSamePlaces($expected, array_map($pose->seen(...), $pose->box->corners()));
        self::assertEqualsWithDelta(min(array_map(fn (Point $one): float => $one->x, $expected)), $pose->bounds()->left, 1e-6);
    }

    public function test_it_is_tilted_about_an_anchor_behind_it_which_lies_farther_away_the_larger_it_is(): void
    {
        $bar = ['position' => [1300, 400], 'size' => [400, 200], 'scale' => [200, 50], 'anchorZ' => 80];
        foreach ([[0, 0, 0, 0], [30, 40, 25, 350]] as [$turn, $tiltX, $tiltY, $z]) {
            $composition = Fixture::composition([
                Fixture::bar([...$bar, 'rotation' => $turn, 'tiltX' => $tiltX, 'tiltY' => $tiltY, 'z' => $z]),
            ]);
            self::assertSamePlaces(array_map(
                fn (array $corner): Point => self::standing($corner[0], $corner[1], $turn, $tiltX, $tiltY, [1300, 400, $z], 80),
                [[-400, -50], [400, -50], [400, 50], [-400, 50]],
            ), self::corners($composition));
        }
    }

    public function test_without_depth_nothing_changes_whatever_turns_round_as_a_whole(): void
    {
        $layers = fn (array $depth): array => [
            Fixture::bar(['outline' => '#112233', 'outlineWidth' => 8, 'rotation' => 17, 'position' => [500, 300], ...$depth]), Fixture::words($depth),
        ];
        $flat = self::list(Fixture::composition($layers([])))->encode();
        foreach ([['z' => 0, 'tiltX' => 0, 'tiltY' => 0], ['tiltX' => 360], ['tiltY' => -720], ['tiltX' => 1080, 'tiltY' => 360]] as $depth) {
            self::assertSame($flat, self::list(Fixture::composition($layers($depth)))->encode(), json_encode($depth));
        }
    }

    public function test_twice_the_distance_is_half_the_size_with_outline_and_all(): void
    {
        $bar = ['position' => [960, 540], 'size' => [400, 200], 'outline' => '#112233', 'outlineWidth' => 8];
        $encoded = fn (array $more): string => str_replace(
            '-0,', '0,', self::list(Fixture::composition([Fixture::bar([...$bar, ...$more])]))->encode(),
        );
        self::assertSame($encoded(['scale' => [50, 50]]), $encoded(['z' => self::DISTANCE]));
    }

    public function test_three_turns_by_a_third_are_none(): void
    {
        $group = fn (string $id, ?string $in): array => [
            'id' => $id, 'kind' => 'group', 'name' => $id, 'in' => 0, 'out' => 100, 'position' => [1200, 500], 'anchor' => [1200, 500],
            'tiltY' => 120, ...($in === null ? [] : ['group' => $in]),
        ];
        $bar = ['position' => [1200, 500], 'size' => [300, 120]];
        $turned = Fixture::composition([$group('a', null), $group('b', 'a'), $group('c', 'b'), Fixture::bar([...$bar, 'group' => 'c'])]);
        self::assertSamePlaces(
            [new Point(1050, 440), new Point(1350, 440), new Point(1350, 560), new Point(1050, 560)], self::corners($turned),
        );
    }

    /** What stands before a tilted group stands before it in its own direction, and not in the viewer's. */
    public function test_a_group_hands_its_space_down(): void
    {
        $layers = fn (array $group): array => [
            ['id' => 'g', 'kind' => 'group', 'name' => 'Group', 'in' => 0, 'out' => 100, 'position' => [700, 600], 'tiltY' => 35, ...$group],
            Fixture::bar(['group' => 'g', 'position' => [150, -80], 'size' => [200, 100], 'z' => -90]),
        ];
        $expected = array_map(function (array $corner): Point {
            [$x, $y, $z] = [$corner[0] + 150, $corner[1] - 80, -90.0];
            $tilt = deg2rad(35);

            return self::pinhole(700 + $x * cos($tilt) - $z * sin($tilt), 600 + $y, $x * sin($tilt) + $z * cos($tilt));
        }, [[-100, -50], [100, -50], [100, 50], [-100, 50]]);
        $composition = Fixture::composition($layers([]));
        self::assertSamePlaces($expected, self::corners($composition));
        $pose = Fixture::evaluator()->pose($composition->layer('bar'), $composition, 0);
        self::assertSamePlaces($expected, array_map($pose->seen(...), $pose->box->corners()));

        $wiped = ['arrive' => ['moves' => [['move' => 'wipe']], 'length' => 20]];
        foreach ([
            ['effects' => [['id' => 'e1', 'effect' => 'blur', 'radius' => 6]]], ['masks' => [['id' => 'm1', 'form' => 'ellipse']]], $wiped,
        ] as $taken) {
            $operations = self::list(Fixture::composition($layers($taken)), 5)->operations;
            self::assertInstanceOf(Group::class, $operations[0]);
            // What is wiped is cut out by an outline that is seen as all others are.
            self::assertTrue(
                $taken === $wiped ? $operations[0]->clip !== null : $operations[0]->filters[0] instanceof Warp,
                key($taken).': the group is one picture',
            );
        }
        self::assertSamePlaces($expected, self::corners(Fixture::composition($layers($wiped)), 40));
    }

    #[TestWith([['z' => -self::DISTANCE]])]
    #[TestWith([['z' => -self::DISTANCE - 500]])]
    #[TestWith([['position' => [960, 540], 'tiltY' => 90]])]
    #[TestWith([['position' => [300, 540], 'tiltX' => 270]])]
    public function test_what_is_behind_the_viewer_or_seen_from_its_edge_is_absent(array $depth): void
    {
        foreach ([['fill' => '#ffffff'], ['outline' => '#ffffff', 'outlineWidth' => 9]] as $paint) {
            self::assertSame([], self::list(Fixture::composition([Fixture::bar([...$paint, ...$depth])]))->operations);
        }
    }

    /** A floor that goes on under the viewer: its near part is cut off in front of them, and nothing comes out torn. */
    public function test_a_plane_that_reaches_behind_the_viewer_is_cut_in_front_of_them(): void
    {
        foreach (['#ffffff', 'words'] as $what) {
            $floor = $what === 'words'
                ? Fixture::words(['position' => [0, 800], 'typeSize' => 2000, 'tiltX' => 88])
                : Fixture::bar(['position' => [960, 800], 'size' => [9000, 90_000], 'fill' => $what, 'tiltX' => 85]);
            $operations = self::list(Fixture::composition([$floor]))->operations;
            self::assertNotSame([], $operations);
            foreach ($operations as $operation) {
                $extent = $operation->extent();
                self::assertNotNull($extent);
                self::assertLessThanOrEqual(200_001, max($extent->width(), $extent->height()));
                self::assertTrue(is_finite($extent->left + $extent->top));
            }
        }
    }

    public function test_dragged_it_goes_along_with_the_pointer_however_far_away_it_is(): void
    {
        foreach ([['z' => 1500.0], ['z' => -800.0], ['z' => 300.0, 'tiltY' => 40]] as $depth) {
            $composition = Fixture::composition([Fixture::bar(['position' => [1400, 300], ...$depth])]);
            $after = Fixture::edit($composition, 'drag-layers', ['layers' => ['bar'], 'frame' => 0, 'by' => [90, -40]]);
            $anchor = fn (Composition $one): Point => Fixture::evaluator()->pose($one->layer('bar'), $one, 0)->seen(new Point(0, 0));
            self::assertEqualsWithDelta(90, $anchor($after)->x - $anchor($composition)->x, 0.05);
            self::assertEqualsWithDelta(-40, $anchor($after)->y - $anchor($composition)->y, 0.05);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, ?array<string, mixed>}> a layer, and the group that it is in */
    public static function tilted(): iterable
    {
        yield 'about y' => [['tiltY' => 50], null];
        yield 'about x, far away' => [['tiltX' => -65, 'z' => 900], null];
        yield 'both, turned, scaled and anchored elsewhere' => [
            ['tiltX' => 30, 'tiltY' => 40, 'rotation' => 25, 'scale' => [130, 70], 'anchor' => [60, -30], 'z' => -200, 'scaleLinked' => false], null,
        ];
        yield 'about an anchor behind it' => [['anchorZ' => 120], null];
        yield 'tilted about an anchor before it' => [['tiltX' => 30, 'tiltY' => -25, 'anchorZ' => -90, 'scale' => [80, 80]], null];
        yield 'in a tilted group' => [
            ['tiltX' => 20, 'position' => [150, -40]], ['position' => [700, 500], 'scale' => [150, 150], 'rotation' => 15, 'tiltY' => -35],
        ];
    }

    /**
     * @param  array<string, mixed>  $fields
     * @param  array<string, mixed>|null  $group
     */
    #[DataProvider('tilted')]
    public function test_a_corner_that_is_pulled_follows_the_pointer_and_the_opposite_one_stays(array $fields, ?array $group): void
    {
        $before = self::inGroup(['position' => [1200, 450], 'size' => [400, 240], ...$fields], $group);
        $was = self::seenCorners($before);
        foreach (['top-left', 'top-right', 'bottom-right', 'bottom-left'] as $index => $handle) {
            foreach ([[40, -30], [-25, 60]] as $by) {
                $after = Fixture::edit($before, 'pull-handle', ['layer' => 'bar', 'frame' => 0, 'handle' => $handle, 'by' => $by]);
                $is = self::seenCorners($after);
                self::assertSamePlaces(
                    [$was[$index]->plus(new Point(...$by)), $was[($index + 2) % 4]], [$is[$index], $is[($index + 2) % 4]], 0.02,
                );
            }
        }
    }

    /**
     * @param  array<string, mixed>  $fields
     * @param  array<string, mixed>|null  $group
     */
    #[DataProvider('tilted')]
    public function test_with_another_anchor_it_is_seen_where_it_was(array $fields, ?array $group): void
    {
        $before = self::inGroup(['position' => [1200, 450], 'size' => [400, 240], ...$fields], $group);
        $corner = self::seenCorners($before)[2];
        $after = Fixture::edit($before, 'move-anchor', ['layer' => 'bar', 'frame' => 0, 'to' => [$corner->x, $corner->y]]);
        self::assertSamePlaces(self::seenCorners($before), self::seenCorners($after), 0.02);
        self::assertEqualsWithDelta([200, 120], [$after->layer('bar')->point('anchor', 0)->x, $after->layer('bar')->point('anchor', 0)->y], 0.01);

        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('is tilted and moves');
        $moving = self::inGroup(['position' => Fixture::keyframes([0, [0, 0]], [9, [90, 0]]), 'tiltY' => 30], $group);
        Fixture::edit($moving, 'move-anchor', ['layer' => 'bar', 'frame' => 0, 'to' => [30, 30]]);
    }

    /**
     * @param  array<string, mixed>  $bar
     * @param  array<string, mixed>|null  $group
     */
    private static function inGroup(array $bar, ?array $group): Composition
    {
        return Fixture::composition($group === null ? [Fixture::bar($bar)] : [
            ['id' => 'g', 'kind' => 'group', 'name' => 'Group', 'in' => 0, 'out' => 100, ...$group], Fixture::bar([...$bar, 'group' => 'g']),
        ]);
    }

    /** @return list<Point> */
    private static function seenCorners(Composition $composition): array
    {
        $pose = Fixture::evaluator()->pose($composition->layer('bar'), $composition, 0);

        return array_map($pose->seen(...), $pose->box->corners());
    }

    /** As large as the frame, and against its edges, as it is seen. */
    public function test_what_is_far_away_is_put_into_the_frame_as_it_is_seen(): void
    {
        $bar = self::inGroup(['position' => [1200, 450], 'size' => [400, 225], 'z' => 700], null);
        $filled = Fixture::edit($bar, 'frame-layers', ['layers' => ['bar'], 'frame' => 0, 'as' => 'fill']);
        self::assertSamePlaces(
            [new Point(0, 0), new Point(1920, 0), new Point(1920, 1080), new Point(0, 1080)], self::seenCorners($filled), 0.02,
        );
        $placed = Fixture::edit($bar, 'align-layers', ['layers' => ['bar'], 'frame' => 0, 'x' => 'end', 'y' => 'start', 'to' => 'frame']);
        self::assertSamePlaces([new Point(1920, 0)], [self::seenCorners($placed)[1]], 0.02);
    }

    public function test_split_and_copied_it_goes_on_as_it_was(): void
    {
        $whole = Fixture::composition([Fixture::bar([
            'z' => Fixture::keyframes([0, 900], [60, -300]), 'tiltY' => Fixture::keyframes([10, -50], [50, 40]),
        ])]);
        $split = Fixture::edit($whole, 'split-layers', ['layers' => ['bar'], 'at' => 33]);
        $copied = Fixture::edit($whole, 'duplicate-layers', ['layers' => ['bar']]);
        foreach ([0, 20, 32, 33, 45, 80] as $frame) {
            self::assertSamePlaces(self::corners($whole, $frame), self::corners($split, $frame), 0.01);
            $twice = self::list($copied, $frame)->operations;
            self::assertSame([2, $twice[0]->encode()], [count($twice), $twice[1]->encode()]);
        }
    }

    public function test_flipped_it_stays_where_it_is(): void
    {
        $before = self::inGroup(['position' => [1200, 450], 'size' => [400, 240], 'anchor' => [150, -60], 'tiltX' => 35, 'tiltY' => 40], null);
        $after = Fixture::edit($before, 'flip-layers', ['layers' => ['bar'], 'frame' => 0, 'axis' => 'x']);
        [$a, $b, $c, $d] = self::seenCorners($before);
        self::assertSamePlaces([$b, $a, $d, $c], self::seenCorners($after), 0.02);
    }

    /** What arrives in its own tilted plane cannot be said by its placement; what is only far away can. */
    public function test_moves_are_written_out_where_that_changes_nothing(): void
    {
        $arriving = ['arrive' => ['moves' => [['move' => 'slide']], 'length' => 20], 'position' => [1200, 450]];
        $away = Fixture::composition([Fixture::bar([...$arriving, 'z' => 600])]);
        $written = Fixture::edit($away, 'write-moves-out', ['layers' => ['bar']]);
        foreach ([0, 7, 13, 40] as $frame) {
            self::assertSamePlaces(self::corners($away, $frame), self::corners($written, $frame), 0.05);
        }
        $this->expectExceptionObject(
            new Refusal('“Bar” is tilted and goes in its own plane, which no keyframe of its placement does'),
        );
        Fixture::edit(Fixture::composition([Fixture::bar([...$arriving, 'tiltY' => 30])]), 'write-moves-out', ['layers' => ['bar']]);
    }

    /** The way is shown, and bent, where it is seen: each point as far away as the layer is there. */
    public function test_its_way_is_seen_and_bent_in_perspective(): void
    {
        $composition = Fixture::composition([Fixture::bar([
            'position' => Fixture::keyframes([0, [200, 300]], [40, [1500, 800]]), 'z' => Fixture::keyframes([0, 1200], [40, -300]),
        ])]);
        $trail = fn (Composition $one): array => Trail::of($one->layer('bar'), 10, $one, Fixture::evaluator()) ?? [];
        $place = fn (int $frame): Point => self::pinhole(200 + 1300 * $frame / 40, 300 + 500 * $frame / 40, 1200 - 1500 * $frame / 40);
        self::assertSamePlaces(
            [$place(0), $place(40)], array_map(fn (array $one): Point => new Point(...$one['at']), $trail($composition)['points']), 0.01,
        );
        self::assertSamePlaces([$place(17)], [new Point(...$trail($composition)['ticks'][17])], 0.01);

        $bent = Fixture::edit($composition, 'bend-path', [
            'layer' => 'bar', 'property' => 'position', 'frame' => 0, 'handle' => 'leave', 'to' => [120, -90], 'seen' => 10,
        ]);
        self::assertEqualsWithDelta([120, -90], $trail($bent)['points'][0]['bend']['leave'], 0.01);
    }

    public function test_what_lies_on_it_has_no_handles_where_it_would_not_be_seen(): void
    {
        $bar = fn (array $depth): Composition => Fixture::composition([Fixture::bar([
            'masks' => [['id' => 'm1', 'form' => 'ellipse']], 'effects' => [['id' => 'e1', 'effect' => 'bulge']], ...$depth,
        ])]);
        $touched = fn (Composition $one): array => Touched::of($one->layer('bar'), $one, 0, Fixture::evaluator());
        self::assertSame([1, 1], [count($touched($bar([]))['masks']), count($touched($bar([]))['points'])]);
        foreach ([['z' => 90], ['tiltX' => 20]] as $depth) {
            self::assertSame([[], [], []], array_values(array_diff_key($touched($bar($depth)), ['trail' => 0])));
        }
    }

    /** Words of several colours that fade as one, half wiped: neither makes them a sheet of pixels. */
    public function test_what_fades_or_is_wiped_stays_outlines(): void
    {
        $bar = ['size' => [400, 200], 'position' => [1300, 400], 'columns' => 2, 'opacity' => 50, 'tiltY' => 40];
        [$faded] = self::list(Fixture::composition([Fixture::bar($bar)]))->operations;
        self::assertInstanceOf(Group::class, $faded);
        self::assertSame([0.5, 2, []], [$faded->opacity, count($faded->operations), $faded->filters]);
        self::assertContainsOnlyInstancesOf(Fill::class, $faded->operations);

        $wiped = Fixture::composition([Fixture::bar([
            'size' => [400, 200], 'position' => [1300, 400], 'tiltY' => 40,
            'arrive' => ['moves' => [['move' => 'wipe', 'angle' => 180]], 'length' => 20, 'easing' => 'linear'],
        ])]);
        [$half] = self::list($wiped, 10)->operations;
        self::assertInstanceOf(Group::class, $half);
        self::assertNotNull($half->clip?->bounds);
        // From the left up to the middle, at which it stands in the plane of the picture.
        self::assertEqualsWithDelta(1300, $half->clip->bounds->right, 0.01);
    }

    public function test_a_tilt_that_changes_is_blurred_by_motion_though_nothing_else_moves(): void
    {
        $bar = Fixture::bar(['size' => [900, 500], 'motionBlur' => true, 'tiltY' => Fixture::keyframes([0, 0], [10, 80])]);
        self::assertInstanceOf(Samples::class, self::list(Fixture::composition([$bar]), 5)->operations[0]);
        self::assertInstanceOf(Fill::class, self::list(Fixture::composition([$bar]), 50)->operations[0]);
    }

    public function test_from_behind_it_is_seen_as_through_glass(): void
    {
        $corners = self::corners(Fixture::composition([Fixture::bar(['position' => [1300, 400], 'size' => [400, 200], 'tiltY' => 180])]));
        self::assertSamePlaces([new Point(1500, 300), new Point(1100, 300), new Point(1100, 500), new Point(1500, 500)], $corners);
    }

    /** Its own picture, in perspective of its own, is what is tilted. */
    public function test_a_bundle_is_a_flat_picture(): void
    {
        $inner = ['id' => 'c2', 'name' => 'Inner', 'width' => 1920, 'height' => 1080, 'rate' => '25/1', 'length' => 100];
        $project = Project::read(new Node(['format' => 'ricamo-project', 'version' => 1, 'name' => 'Depot', 'compositions' => [
            [
                ...$inner, 'id' => 'c1', 'name' => 'Outer',
                'layers' => [[
                    'id' => 'b', 'kind' => 'bundle', 'composition' => 'c2', 'name' => 'Bundle', 'in' => 0, 'out' => 100,
                    'position' => [960, 540], 'tiltY' => 40, 'crop' => false,
                ]],
            ],
            [...$inner, 'background' => 'transparent', 'layers' => [
                Fixture::bar(['position' => [1200, 640], 'size' => [200, 100], 'z' => -400, 'tiltX' => 25]),
            ]],
        ]]));
        $composition = $project->compositions->entries()[0]->composition();
        $list = Fixture::evaluator()->showing($project->library())->frame($composition, 0);
        $fill = $list->operations[0];
        self::assertInstanceOf(Fill::class, $fill);
        $expected = array_map(function (array $corner): Point {
            $flat = self::standing($corner[0], $corner[1], 0, 25, 0, [1200, 640, -400]);

            return self::standing($flat->x - 960, $flat->y - 540, 0, 0, 40, [960, 540, 0]);
        }, [[-100, -50], [100, -50], [100, 50], [-100, 50]]);
        $found = array_chunk(Path::parse($fill->outline->data)->transformed($fill->matrix)->coordinates, 2);
        self::assertSamePlaces($expected, array_map(fn (array $pair): Point => new Point(...$pair), $found));
    }

    /** A bundle that is flipped and half as large shows what is in it, in its own perspective, flipped and half as large. */
    public function test_in_a_flipped_bundle_depth_is_as_it_was(): void
    {
        $bar = Fixture::bar(['position' => [1200, 640], 'size' => [200, 100], 'z' => -400, 'tiltX' => 25, 'tiltY' => -50]);
        $inner = Fixture::composition([$bar]);
        $frame = ['width' => 1920, 'height' => 1080, 'rate' => '25/1', 'length' => 100, 'background' => 'transparent'];
        $project = Project::read(new Node(['format' => 'ricamo-project', 'version' => 1, 'name' => 'Depot', 'compositions' => [
            ['id' => 'c1', 'name' => 'Outer', ...$frame, 'layers' => [[
                'id' => 'b', 'kind' => 'bundle', 'composition' => 'c2', 'name' => 'Bundle', 'in' => 0, 'out' => 100,
                'position' => [700, 500], 'scale' => [-50, 50], 'crop' => false,
            ]]],
            ['id' => 'c2', 'name' => 'Inner', ...$frame, 'layers' => [$bar]],
        ]]));
        $list = Fixture::evaluator()->showing($project->library())->frame($project->compositions->entries()[0]->composition(), 0);
        $fill = $list->operations[0];
        self::assertInstanceOf(Fill::class, $fill);
        $found = array_chunk(Path::parse($fill->outline->data)->transformed($fill->matrix)->coordinates, 2);
        self::assertSamePlaces(
            array_map(fn (Point $one): Point => new Point(700 - ($one->x - 960) / 2, 500 + ($one->y - 540) / 2), self::corners($inner)),
            array_map(fn (array $pair): Point => new Point(...$pair), $found),
        );
    }

    public function test_a_composition_that_grows_keeps_its_picture(): void
    {
        $composition = Fixture::composition([Fixture::bar(['position' => [1300, 400], 'z' => 350, 'tiltX' => 50])]);
        $grown = Resizing::Scale->apply($composition->with(['width' => 960, 'height' => 540]), $composition);
        self::assertSamePlaces(
            array_map(fn (Point $point): Point => $point->times(0.5), self::corners($composition)), self::corners($grown),
        );
    }

    public function test_placement_is_set_back_and_moves_are_kept_with_depth_and_tilts(): void
    {
        $from = Fixture::composition([
            Fixture::bar(['z' => Fixture::keyframes([0, -500], [20, 100]), 'tiltX' => Fixture::keyframes([0, 90], [20, 30])]),
            Fixture::words(['z' => 40]), ['id' => 'a', 'kind' => 'adjusting', 'name' => 'All', 'in' => 0, 'out' => 90],
        ]);
        $motion = Motion::of($from->layer('bar'));
        $given = $motion->on($from->layer('words'), 20);
        self::assertSame([-560.0, 40.0], [$given->number('z', 0), $given->number('z', 20)]);
        self::assertSame([60.0, 0.0], [$given->number('tiltX', 0), $given->number('tiltX', 20)]);
        self::assertEquals($from->layer('a'), $motion->on($from->layer('a'), 20));

        $back = Fixture::edit($from, 'reset-placement', ['layers' => ['bar', 'words']]);
        self::assertFalse($back->layer('bar')->hasDepth || $back->layer('words')->hasDepth);
    }

    public function test_it_is_kept_and_read_and_left_out_where_there_is_none(): void
    {
        $composition = Fixture::composition([Fixture::bar(['z' => -40, 'tiltX' => Fixture::keyframes([0, 0], [9, 30])])]);
        $written = $composition->toJson();
        self::assertSame(-40.0, $written['layers'][0]['z']);
        self::assertArrayNotHasKey('tiltY', $written['layers'][0]);
        self::assertEquals($written, Composition::read(new Node($written))->toJson());
    }

    public function test_what_adjusts_lies_flat(): void
    {
        $this->expectExceptionMessage('z');
        Fixture::composition([['id' => 'a', 'kind' => 'adjusting', 'name' => 'All', 'in' => 0, 'out' => 9, 'z' => 5]]);
    }

    public function test_its_face_is_tilted_with_the_pointer_and_led_away_and_back(): void
    {
        $composition = Fixture::composition([Fixture::bar(['tiltX' => 10, 'z' => Fixture::keyframes([0, 0], [20, 100])]), Fixture::words()]);
        $tilt = fn (array $more): array => Fixture::json(Fixture::edit($composition, 'tilt-layers', [
            'layers' => ['bar'], 'frame' => 10, 'by' => [96, 320], ...$more,
        ]), 'bar');
        // 320 pixels down are 30° of the 180 for the width: the lower edge goes away.
        self::assertSame([-20.0, 9.0], [$tilt([])['tiltX'], $tilt([])['tiltY']]);
        self::assertArrayNotHasKey('tiltY', $tilt(['straight' => true]));
        self::assertSame([-15.0, 15.0], [$tilt(['snap' => true])['tiltX'], $tilt(['snap' => true])['tiltY']]);
        // By keyframes where it has some, and nearer as the pointer goes down: 320 of 1,080 pixels of the distance.
        $away = 50 - round(320 / 1080 * self::DISTANCE);
        self::assertEqualsWithDelta([0, $away, 100], array_column($tilt(['how' => 'depth'])['z']['keyframes'], 'value'), 0.51);
        // 96 pixels to the right are 9° clockwise, and about no other axis.
        $turned = $tilt(['how' => 'turn']);
        self::assertSame([9.0, 10.0], [$turned['rotation'], $turned['tiltX']]);
        self::assertArrayNotHasKey('tiltY', $turned);
        self::assertSame(15.0, $tilt(['how' => 'turn', 'snap' => true])['rotation']);
        $this->expectExceptionMessage('no place in space');
        Fixture::edit(
            Fixture::composition([['id' => 'a', 'kind' => 'adjusting', 'name' => 'All', 'in' => 0, 'out' => 9]]), 'tilt-layers',
            ['layers' => ['a'], 'frame' => 0, 'by' => [1, 1]],
        );
    }
}
