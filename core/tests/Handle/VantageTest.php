<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Handle;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\View;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Vector;
use Ricamo\Core\Handle\Vantage;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Tests\Fixture;

/** A composition's space from above, from the side and from anywhere; 2.4 times 1920 · 50 / 36 pixels are seen across its height. */
final class VantageTest extends TestCase
{
    private const SCALE = 1080 / (2.4 * 1920 * 50 / 36);

    /** @param  array<string, mixed>  $fields */
    private static function vantage(string $sight, array $fields = []): Vantage
    {
        return Vantage::read(new Node(['sight' => $sight, ...$fields]));
    }

    /** @param  array<string, mixed>  $bar */
    private static function composition(array $bar = [], array $camera = []): Composition
    {
        return Fixture::composition([
            Fixture::bar(['size' => [400, 200], 'position' => [1460, 340], 'z' => 700, ...$bar]),
            [
                'id' => 'camera', 'kind' => 'camera', 'name' => 'Camera', 'in' => 0, 'out' => 100,
                'position' => [960, 540], 'z' => -2000, 'aim' => [960, 540], ...$camera,
            ],
            ['id' => 'g', 'kind' => 'group', 'name' => 'G', 'in' => 0, 'out' => 100],
        ]);
    }

    private static function anchor(Composition $composition, Vantage $vantage): Point
    {
        $seen = $vantage->seen($composition);

        return Fixture::evaluator()->pose($seen->layer('bar'), $seen, 0)->seen(new Point(0, 0));
    }

    #[TestWith(['front', 500, -200])]
    #[TestWith(['above', 500, -700])]
    #[TestWith(['side', 700, -200])]
    public function test_each_side_shows_two_coordinates(string $sight, float $across, float $down): void
    {
        // From so far away hardly anything is foreshortened: a few pixels.
        $at = self::anchor(self::composition(), self::vantage($sight));
        self::assertEqualsWithDelta([960 + self::SCALE * $across, 540 + self::SCALE * $down], [$at->x, $at->y], 5);
    }

    public function test_it_is_looked_at_instead_of_through_its_cameras(): void
    {
        $evaluator = Fixture::evaluator();
        $other = self::composition([], ['orbitY' => 80]);
        $vantage = self::vantage('free', ['up' => 20, 'around' => 30]);
        self::assertSame(
            $evaluator->look($vantage->seen(self::composition()), 0)->list(), $evaluator->look($vantage->seen($other), 0)->list(),
        );
        // What no camera sees in space would only be in the way.
        $flat = $vantage->seen(self::composition(['flat' => true]));
        self::assertSame([], $evaluator->frame($flat, 0)->operations);
        self::assertSame(['bar', 'camera', 'g'], self::composition()->layers->ids());
    }

    public function test_cameras_are_seen_with_what_they_see(): void
    {
        [$camera] = self::vantage('front')->cameras(self::composition(), 0);
        self::assertSame(['camera', true, [960.0, 540.0], [960.0, 540.0]], [
            $camera['layer'], $camera['on'], $camera['eye'], $camera['aim'],
        ]);
        // 2,000 pixels before the plane it sees three quarters of it.
        $half = [960 * 0.75 * self::SCALE, 540 * 0.75 * self::SCALE];
        self::assertEqualsWithDelta([
            [960 - $half[0], 540 - $half[1]], [960 + $half[0], 540 - $half[1]],
            [960 + $half[0], 540 + $half[1]], [960 - $half[0], 540 + $half[1]],
        ], $camera['corners'], 0.02);
        self::assertSame([], $camera['way']);
        [$moving] = self::vantage('side')->cameras(self::composition([], ['z' => Fixture::keyframes([0, -2000], [20, -1000])]), 0);
        self::assertCount(21, $moving['way']);
        self::assertEqualsWithDelta([960 - 1500 * self::SCALE, 540.0], $moving['way'][10], 0.02);
        [$above] = self::vantage('above')->cameras(self::composition([], ['orbitY' => 90]), 0);
        self::assertEqualsWithDelta([960 + 2000 * self::SCALE, 540], $above['eye'], 0.02);
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>}> */
    public static function sights(): iterable
    {
        foreach (['front', 'above', 'side'] as $sight) {
            yield $sight => [['sight' => $sight, 'zoom' => 2], []];
        }
        yield 'free' => [['sight' => 'free', 'up' => 25, 'around' => -50], []];
        yield 'in a group that is tilted' => [['sight' => 'above'], ['group' => 'g']];
    }

    /**
     * @param  array<string, mixed>  $vantage
     * @param  array<string, mixed>  $bar
     */
    #[DataProvider('sights')]
    public function test_what_is_dragged_follows_the_pointer(array $vantage, array $bar): void
    {
        $composition = Fixture::edit(self::composition($bar), 'set-values', ['frame' => 0, 'values' => [
            ['layer' => 'g', 'property' => 'tiltY', 'value' => 30], ['layer' => 'g', 'property' => 'scale', 'value' => [50, 50]],
        ]]);
        $looked = Vantage::read(new Node($vantage));
        $before = self::anchor($composition, $looked);
        $drag = ['layers' => ['bar'], 'frame' => 0, 'vantage' => $vantage, 'by' => [30, -12]];
        $went = self::anchor(Fixture::edit($composition, 'drag-in-space', $drag), $looked)->minus($before);
        self::assertEqualsWithDelta([30, -12], [$went->x, $went->y], 0.01);
        $straight = self::anchor(Fixture::edit($composition, 'drag-in-space', [...$drag, 'straight' => true]), $looked)->minus($before);
        self::assertEqualsWithDelta([30, 0], [$straight->x, $straight->y], 0.01);
    }

    public function test_of_a_camera_its_eye_and_its_aim_are_dragged(): void
    {
        $composition = self::composition([], ['orbitX' => 10, 'orbitY' => 40]);
        $vantage = ['sight' => 'above'];
        $seen = fn (Composition $one): array => self::vantage('above')->cameras($one, 0)[0];
        $dragged = fn (string $part): array => $seen(Fixture::edit($composition, 'drag-in-space', [
            'layers' => ['camera'], 'frame' => 0, 'vantage' => $vantage, 'by' => [20, 40], 'part' => $part,
        ]));
        $moved = fn (array $point): array => [$point[0] + 20, $point[1] + 40];
        $was = $seen($composition);
        foreach (['eye' => ['eye'], 'aim' => ['aim'], 'whole' => ['eye', 'aim']] as $part => $moves) {
            foreach (['eye', 'aim'] as $one) {
                // Both go as far in space, which is seen from a little farther away the deeper it lies.
                self::assertEqualsWithDelta(
                    in_array($one, $moves, true) ? $moved($was[$one]) : $was[$one], $dragged($part)[$one],
                    $part === 'whole' ? 1.5 : 0.02, "$part: $one",
                );
            }
        }
    }

    public function test_what_has_no_place_in_space_is_not_dragged_there(): void
    {
        $this->expectExceptionMessage('no place in space');
        Fixture::edit(
            Fixture::composition([['id' => 'all', 'kind' => 'adjusting', 'name' => 'All', 'in' => 0, 'out' => 9]]), 'drag-in-space',
            ['layers' => ['all'], 'frame' => 0, 'vantage' => ['sight' => 'above'], 'by' => [1, 1]],
        );
    }

    #[TestWith([['sight' => 'below']])]
    #[TestWith([['sight' => 'above', 'zoom' => 0]])]
    #[TestWith([['sight' => 'free', 'up' => 120]])]
    public function test_there_is_no_other_side(array $vantage): void
    {
        $this->expectExceptionMessageMatches('/sight|zoom|up/');
        Vantage::read(new Node($vantage));
    }

    public function test_where_something_is_seen_is_where_its_anchor_stands(): void
    {
        $composition = self::composition(['group' => 'g']);
        $anchor = View::anchorOf($composition->layer('bar'), $composition, 0);
        self::assertEquals(new Vector(1460, 340, 700), $anchor);
    }
}
