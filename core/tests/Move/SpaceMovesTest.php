<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Move;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Samples;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** Moves that lead out of the picture's plane: a bar of 400 × 200 around (1300, 400), seen from 2666.67 pixels before (960, 540). */
final class SpaceMovesTest extends TestCase
{
    private const DISTANCE = 1920 * 50 / 36;

    /**
     * @param  array<string, mixed>  $move
     * @param  array<string, mixed>  $more
     */
    private static function coming(array $move, array $more = []): Composition
    {
        return Fixture::composition([Fixture::bar([
            'position' => [1300, 400], 'size' => [400, 200],
            'arrive' => ['moves' => [$move], 'length' => 20, 'easing' => 'linear'], ...$more,
        ])]);
    }

    /** @return list<array{float, float}> */
    private static function corners(Composition $composition, int $frame): array
    {
        $fill = Fixture::evaluator()->frame($composition, $frame)->operations[0];
        self::assertInstanceOf(Fill::class, $fill);

        return array_chunk(Path::parse($fill->outline->data)->transformed($fill->matrix)->coordinates, 2);
    }

    /** @return array{float, float} */
    private static function pinhole(float $x, float $y, float $z): array
    {
        $by = self::DISTANCE / (self::DISTANCE + $z);

        return [960 + ($x - 960) * $by, 540 + ($y - 540) * $by];
    }

    /** Half-way, it stands at half the angle; its hinge has not moved, and the free edge is behind the picture. */
    public function test_a_door_swings_about_its_edge(): void
    {
        $angle = deg2rad(90 * 0.5);
        [$x, $z] = [1100 + 400 * cos($angle), 400 * sin($angle)];
        self::assertEqualsWithDelta(
            [[1100.0, 300.0], self::pinhole($x, 300, $z), self::pinhole($x, 500, $z), [1100.0, 500.0]],
            self::corners(self::coming(['move' => 'hinged']), 10), 0.002,
        );
        // Hung at its lower edge.
        [$y, $z] = [500 - 200 * cos($angle), 200 * sin($angle)];
        self::assertEqualsWithDelta(
            [self::pinhole(1100, $y, $z), self::pinhole(1500, $y, $z), [1500.0, 500.0], [1100.0, 500.0]],
            self::corners(self::coming(['move' => 'hinged', 'angle' => 90]), 10), 0.002,
        );
    }

    public function test_a_card_turns_over_about_its_middle_with_its_lower_edge_near(): void
    {
        $angle = deg2rad(45);
        [$up, $z] = [100 * cos($angle), 100 * sin($angle)];
        self::assertEqualsWithDelta([
            self::pinhole(1100, 400 - $up, $z), self::pinhole(1500, 400 - $up, $z),
            self::pinhole(1500, 400 + $up, -$z), self::pinhole(1100, 400 + $up, -$z),
        ], self::corners(self::coming(['move' => 'flip-over']), 10), 0.002);
    }

    /** Half-way, its middle has gone by half a right angle around a point 200 px behind it, from the right. */
    public function test_the_face_of_a_cube_comes_round_from_the_side(): void
    {
        $angle = deg2rad(45);
        $place = fn (float $across, float $y): array => self::pinhole(
            1300 + 200 * sin($angle) + $across * cos($angle), $y, 200 - 200 * cos($angle) + $across * sin($angle),
        );
        self::assertEqualsWithDelta(
            [$place(-200, 300), $place(200, 300), $place(200, 500), $place(-200, 500)],
            self::corners(self::coming(['move' => 'cube-turn']), 10), 0.002,
        );
        // From below it is as deep as it is high.
        [$middle, $z] = [400 + 100 * sin($angle), 100 - 100 * cos($angle)];
        [$up, $away] = [100 * cos($angle), 100 * sin($angle)];
        self::assertEqualsWithDelta([
            self::pinhole(1100, $middle - $up, $z - $away), self::pinhole(1500, $middle - $up, $z - $away),
            self::pinhole(1500, $middle + $up, $z + $away), self::pinhole(1100, $middle + $up, $z + $away),
        ], self::corners(self::coming(['move' => 'cube-turn', 'angle' => 90]), 10), 0.002);
    }

    public function test_from_afar_it_is_as_small_as_it_is_far(): void
    {
        self::assertEqualsWithDelta(
            [self::pinhole(1100, 300, 500), self::pinhole(1500, 300, 500), self::pinhole(1500, 500, 500), self::pinhole(1100, 500, 500)],
            self::corners(self::coming(['move' => 'afar', 'away' => 1000]), 10), 0.002,
        );
    }

    /** Three quarters of the way: a quarter of the way above, of its nearness and of its tilt. */
    public function test_it_tumbles_in_from_above_and_in_front(): void
    {
        $angle = deg2rad(100 * 0.25);
        // From just out of the frame: its lower edge at 0.
        $middle = 400 - 500 * 0.25;
        [$up, $z] = [100 * cos($angle), 100 * sin($angle)];
        self::assertEqualsWithDelta([
            self::pinhole(1100, $middle - $up, $z - 150), self::pinhole(1500, $middle - $up, $z - 150),
            self::pinhole(1500, $middle + $up, -$z - 150), self::pinhole(1100, $middle + $up, -$z - 150),
        ], self::corners(self::coming(['move' => 'tumble']), 15), 0.002);
    }

    #[TestWith(['hinged'])]
    #[TestWith(['flip-over'])]
    #[TestWith(['cube-turn'])]
    #[TestWith(['afar'])]
    #[TestWith(['tumble'])]
    public function test_at_rest_it_is_what_it_is_and_it_leaves_as_it_came(string $move): void
    {
        $plain = Fixture::composition([Fixture::bar(['position' => [1300, 400], 'size' => [400, 200]])]);
        $coming = self::coming(['move' => $move], ['leave' => ['mirror' => true]]);
        self::assertSame(
            Fixture::evaluator()->frame($plain, 50)->encode(), Fixture::evaluator()->frame($coming, 50)->encode(),
        );
        self::assertEqualsWithDelta(self::corners($coming, 12), self::corners($coming, 99 - 12), 1e-6);
        self::assertNotEqualsWithDelta(self::corners($coming, 12), self::corners($coming, 50), 1);

        $blurred = self::coming(['move' => $move], ['motionBlur' => true]);
        self::assertInstanceOf(Samples::class, Fixture::evaluator()->frame($blurred, 10)->operations[0]);

        $this->expectExceptionObject(
            new Refusal('“Bar” leaves the picture’s plane as it comes, which no keyframe of its placement does'),
        );
        Fixture::edit($coming, 'write-moves-out', ['layers' => ['bar']]);
    }

    /** A layer with a tilt of its own, and one in a tilted group. */
    public function test_it_comes_to_rest_in_the_pose_that_it_has(): void
    {
        $pose = ['tiltY' => 30, 'z' => 200];
        $still = Fixture::composition([Fixture::bar(['position' => [1300, 400], 'size' => [400, 200], ...$pose])]);
        self::assertEqualsWithDelta(
            self::corners($still, 40), self::corners(self::coming(['move' => 'hinged'], $pose), 40), 1e-6,
        );
        self::assertNotEqualsWithDelta(
            self::corners($still, 10), self::corners(self::coming(['move' => 'hinged'], $pose), 10), 1,
        );

        $group = ['id' => 'g', 'kind' => 'group', 'name' => 'Group', 'in' => 0, 'out' => 100, 'tiltX' => 25, 'position' => [200, 100]];
        $in = fn (array $more): Composition => Fixture::composition([
            $group, Fixture::bar(['group' => 'g', 'position' => [600, 300], 'size' => [400, 200], ...$more]),
        ]);
        $coming = $in(['arrive' => ['moves' => [['move' => 'flip-over']], 'length' => 20]]);
        self::assertEqualsWithDelta(self::corners($in([]), 40), self::corners($coming, 40), 1e-6);
        self::assertNotEqualsWithDelta(self::corners($in([]), 10), self::corners($coming, 10), 1);
    }
}
