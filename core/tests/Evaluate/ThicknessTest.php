<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Evaluate;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Display\Pieces;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Kind\Solid\Body;
use Ricamo\Core\Tests\Fixture;

/** What is thick, compared with the corners of a box seen through a pinhole. */
final class ThicknessTest extends TestCase
{
    /** How far before a picture of 1920 × 1080 it is seen from. */
    private const AWAY = 1920 * 50 / 36;

    private const SUN = [
        'id' => 'sun', 'kind' => 'light', 'source' => 'directional', 'name' => 'Sun', 'in' => 0, 'out' => 250,
        'position' => [960, 540], 'z' => -1000, 'aim' => [960, 540],
    ];

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private static function board(array $fields = []): array
    {
        return Fixture::bar([
            'position' => [960, 540], 'size' => [400, 200], 'fill' => '#ffffff', 'rotation' => 0, 'thickness' => 120, 'sideColour' => '#804020',
            ...$fields,
        ]);
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

    /** @param  list<Operation>  $operations */
    private static function written(array $operations): string
    {
        return implode('', array_map(fn (Operation $one): string => $one->encode(), $operations));
    }

    /**
     * @param  list<Operation>  $operations
     * @return list<Fill> of all fills in them, groups included, those that are painted with a colour or not
     */
    private static function fills(array $operations, bool $sides): array
    {
        $fills = [];
        foreach ($operations as $operation) {
            if ($operation instanceof Group) {
                array_push($fills, ...self::fills($operation->operations, $sides));
            } elseif ($operation instanceof Fill && $operation->paint instanceof Colour && ($operation->paint->red !== 255) === $sides) {
                $fills[] = $operation;
            }
        }

        return $fills;
    }

    private static function seen(float $x, float $y, float $z): array
    {
        $share = self::AWAY / (self::AWAY + $z);

        return [960 + ($x - 960) * $share, 540 + ($y - 540) * $share];
    }

    public function test_without_any_nothing_changes(): void
    {
        $encoded = fn (array $layer): string => Fixture::evaluator()->frame(self::composition($layer), 0)->encode();
        foreach ([Fixture::words(), self::board(['tiltX' => 40]), Fixture::clip(['tiltY' => 20])] as $layer) {
            $flat = ['thickness' => 0, 'sideColour' => '#ff0000'];
            self::assertSame($encoded(array_diff_key($layer, $flat)), $encoded([...$layer, ...$flat]));
        }
    }

    #[TestWith([40.0])]
    #[TestWith([-40.0])]
    #[TestWith([75.0])]
    public function test_its_sides_lie_between_its_face_and_the_same_behind(float $tilt): void
    {
        $operations = self::operations(self::board(['tiltY' => $tilt]));
        [$sine, $cosine] = [sin(deg2rad($tilt)), cos(deg2rad($tilt))];
        // What is u to the right and w back on a board that is turned about its middle, as it is seen.
        $at = fn (float $u, float $v, float $w): array => self::seen(960 + $u * $cosine - $w * $sine, 540 + $v, $u * $sine + $w * $cosine);
        $face = self::fills($operations, false);
        $edges = array_map(fn (float $u): float => $at($u, 0, 0)[0], [-200.0, 200.0]);
        self::assertEqualsWithDelta($edges, [$face[0]->extent()?->left, $face[0]->extent()?->right], 0.05);
        $extent = DisplayList::extentOf(self::fills($operations, true));
        self::assertInstanceOf(Box::class, $extent);
        // Turned to the right, its right side faces the viewer from behind: the left one is seen, and the other way round.
        $corners = array_map(fn (float $w): array => $at($tilt > 0 ? -200 : 200, 100, $w), [0.0, 120.0]);
        [$near, $far] = array_column($corners, 0);
        $outer = $tilt > 0 ? $extent->left : $extent->right;
        self::assertEqualsWithDelta($tilt > 0 ? min($near, $far) : max($near, $far), $outer, 1.05);
        self::assertEqualsWithDelta($corners[0][1], $extent->bottom, 1.05);
    }

    public function test_straight_ahead_its_face_covers_its_sides_and_beside_that_one_is_seen(): void
    {
        self::assertSame([], self::fills(self::operations(self::board()), true));
        $extent = DisplayList::extentOf(self::fills(self::operations(self::board(['position' => [300, 540]])), true));
        // The side that looks to the middle of the picture, from x = 500 back to what is 120 behind it.
        self::assertEqualsWithDelta([500.0, self::seen(500, 0, 120)[0]], [$extent?->left, $extent?->right], 1.05);
    }

    public function test_from_behind_its_picture_is_seen_on_its_back(): void
    {
        $face = self::fills(self::operations(self::board(['tiltY' => 180])), false)[0]->extent();
        $size = self::AWAY / (self::AWAY - 120);
        self::assertEqualsWithDelta([960 - 200 * $size, 960 + 200 * $size], [$face?->left, $face?->right], 0.05);
    }

    public function test_from_its_edge_its_sides_alone_are_seen(): void
    {
        $operations = self::operations(self::board(['tiltY' => 90, 'position' => [990, 540]]));
        self::assertSame([], self::fills($operations, false));
        // Its face lies across x = 990, its back across 870; the viewer, before 960, sees the side whose depth is −200.
        $extent = DisplayList::extentOf(self::fills($operations, true));
        self::assertEqualsWithDelta(
            [self::seen(870, 0, -200)[0], self::seen(990, 0, -200)[0]], [$extent?->left, $extent?->right], 1.05,
        );
    }

    public function test_sides_are_lit_by_the_angle_at_which_they_stand(): void
    {
        // Its face is in the shade, too, and is drawn after them.
        $sides = self::fills(self::operations(self::board(['tiltY' => 50]), self::SUN), true);
        self::assertCount(2, $sides);
        $bright = sin(deg2rad(50));
        self::assertSame((string) new Colour(
            (int) round(128 * $bright), (int) round(64 * $bright), (int) round(32 * $bright),
        ), (string) $sides[0]->paint);
    }

    public function test_it_grows_with_its_layer_and_fades_with_it(): void
    {
        $extent = fn (array $layer): ?Box => DisplayList::extentOf(self::fills(self::operations($layer), true));
        $large = $extent(self::board(['tiltY' => 40]));
        $scaled = $extent(self::board(['tiltY' => 40, 'scale' => [50, 50], 'size' => [800, 400], 'thickness' => 240]));
        self::assertEqualsWithDelta($large?->toJson(), $scaled?->toJson(), 0.05);
        $faded = self::operations(self::board(['tiltY' => 40, 'opacity' => 30]))[0];
        self::assertEqualsWithDelta(0.3, $faded instanceof Group ? $faded->opacity : $faded->paint->alpha / 255, 0.002);
    }

    public function test_letters_that_fly_are_thick_each_and_the_nearer_covers_the_farther(): void
    {
        $words = Fixture::words([
            'position' => [960, 540], 'align' => 'centre', 'fill' => '#ffffff', 'thickness' => 60, 'sideColour' => '#804020', 'tiltY' => 50,
            'cascades' => [['id' => 'c1', 'as' => 'arrive', 'units' => 'letters', 'length' => 100, 'tiltX' => 30, 'overlap' => 90]],
        ]);
        $seen = Fixture::evaluator()->frame(self::composition($words), 60)->operations;
        self::assertNotSame([], self::fills($seen, true));
        $right = array_map(fn (Operation $one): float => $one->extent()->right ?? 0.0, $seen);
        self::assertGreaterThan(3, count($right));
        $sorted = $right;
        rsort($sorted);
        self::assertSame($sorted, $right, 'the right end is led away: it is drawn first');
    }

    public function test_patches_are_thick_each(): void
    {
        $cut = fn (int $thickness): array => Fixture::evaluator()->frame(self::composition(Fixture::clip([
            'thickness' => $thickness, 'sideColour' => '#804020',
            'patchwork' => ['form' => 'grid', 'rows' => 2, 'columns' => 2],
            'cascades' => [['id' => 'c1', 'as' => 'arrive', 'units' => 'patches', 'length' => 40, 'tiltY' => 70, 'overlap' => 90]],
        ])), 16)->operations;
        self::assertNotSame([], array_filter($cut(0), fn (Operation $one): bool => $one instanceof Pieces));
        self::assertSame([], array_filter($cut(40), fn (Operation $one): bool => $one instanceof Pieces));
        self::assertGreaterThan(2, count(self::fills($cut(40), true)));
    }

    #[TestWith([['masks' => [['id' => 'm1', 'form' => 'ellipse', 'size' => [100, 100]]]]])]
    #[TestWith([['effects' => [['id' => 'e1', 'effect' => 'blur']]]])]
    public function test_what_has_no_sharp_outline_has_no_sides(array $more): void
    {
        $operations = self::operations(self::board(['tiltY' => 50, ...$more]));
        self::assertNotSame([], $operations);
        self::assertSame([], self::fills($operations, true));
    }

    public function test_sides_that_reach_behind_the_viewer_are_left_out(): void
    {
        // The upper side of a board that leads from far away to behind the viewer, whose head it is above.
        $sides = self::fills(self::operations(self::board(['tiltY' => 80, 'size' => [8000, 300], 'position' => [1500, 900]])), true);
        self::assertNotSame([], $sides);
        foreach ($sides as $side) {
            foreach (Path::parse($side->outline->data)->coordinates as $coordinate) {
                self::assertLessThan(100_000, abs($coordinate));
            }
        }
    }

    #[TestWith([5900, true])]
    #[TestWith([6100, false])]
    public function test_what_has_very_many_lines_has_no_sides(int $lines, bool $has): void
    {
        $corners = array_map(fn (int $index): Point => new Point(
            200 * cos(2 * M_PI * $index / $lines), 200 * sin(2 * M_PI * $index / $lines),
        ), range(0, $lines - 1));
        $fill = new Fill(Outline::of(Path::polygon($corners)), Affine::translation(0, 0), new Colour(255, 255, 255));
        self::assertSame($has, Body::of([$fill]) !== []);
    }

    public function test_its_sides_shine_not_and_take_no_shadows(): void
    {
        $lamp = ['source' => 'point', 'shadow' => 80, 'lightSize' => 0, 'position' => [700, 540], 'z' => -900] + self::SUN;
        $card = Fixture::bar(['id' => 'card', 'position' => [800, 540], 'size' => [900, 900], 'z' => -450, 'fill' => '#ffffff']);
        $board = fn (array $fields): array => self::board(['tiltY' => 20, 'roughness' => 100, ...$fields]);
        $with = fn (array $fields, array ...$others): array => self::operations($board($fields), $lamp, ...$others);
        $sides = fn (array $operations): array => array_map(
            fn (Fill $fill): string => "{$fill->outline->data} {$fill->paint}",
            array_values(array_filter(self::fills($operations, true), fn (Fill $fill): bool => $fill->paint->red > $fill->paint->blue)),
        );
        self::assertNotSame([], $sides($with([])));
        self::assertNotSame(self::written($with([])), self::written($with(['shine' => 100])));
        self::assertSame($sides($with([])), $sides($with(['shine' => 100])));
        self::assertNotSame(self::written($with([], $card)), self::written($with(['receivesShadow' => false], $card)), 'its face takes one');
        self::assertSame($sides($with([])), $sides($with([], $card)));
    }

    public function test_it_throws_no_more_of_a_shadow_than_its_face(): void
    {
        $lamp = ['source' => 'point', 'shadow' => 80, 'lightSize' => 0, 'position' => [200, 300], 'z' => -900] + self::SUN;
        $wall = Fixture::bar(['id' => 'wall', 'position' => [960, 540], 'size' => [4000, 3000], 'z' => 700, 'fill' => '#ffffff']);
        $seen = fn (array $board): array => self::operations($wall, self::board($board), $lamp);
        [[$thin], [$thick], [$none]] = [$seen(['thickness' => 0]), $seen(['thickness' => 300]), $seen(['throwsShadow' => false])];
        self::assertSame($thin->encode(), $thick->encode());
        self::assertNotSame($thin->encode(), $none->encode());
    }
}
