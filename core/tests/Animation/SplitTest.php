<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Animation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Animation\Easing\CubicBezier;
use Ricamo\Core\Animation\Easing\Easings;
use Ricamo\Core\Animation\Easing\Piecewise;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** A keyframe put into a segment does not change its motion. */
final class SplitTest extends TestCase
{
    /** The most that a value of 0..1000 may be off: 0.1 %. */
    private const ALLOWED = 1.0;

    #[DataProvider('easings')]
    public function test_the_motion_stays_as_it_was(string $easing): void
    {
        $before = Fixture::composition([Fixture::bar(['rotation' => Fixture::keyframes([0, 0, $easing], [40, 1000])])]);
        foreach ([1, 9, 18, 20, 31, 39] as $cut) {
            $after = Fixture::edit($before, 'add-keyframe', ['layers' => ['bar'], 'property' => 'rotation', 'frame' => $cut]);
            self::assertCount(3, Fixture::json($after, 'bar')['rotation']['keyframes']);
            for ($frame = 0; $frame <= 40; $frame += 0.25) {
                self::assertEqualsWithDelta(
                    $before->layer('bar')->number('rotation', $frame), $after->layer('bar')->number('rotation', $frame),
                    self::ALLOWED, "$easing cut on $cut, frame $frame",
                );
            }
        }
    }

    /** @return iterable<array{string}> */
    public static function easings(): iterable
    {
        $settings = [
            'back-out(5)', 'elastic-out(2, 0.3)', 'elastic-in-out(1, 0.2)', 'cubic-bezier(0.1, 1.8, 0.9, -0.7)',
            'cubic-bezier(0, 0.5, 1, 0.5)', 'cubic-bezier(0.9, 0, 0.1, 1)', 'linear(0, 0.3 10%, 0.2 60%, 1)',
        ];
        foreach ([...Easings::choices(), ...$settings] as $easing) {
            yield $easing => [$easing];
        }
    }

    public function test_a_bezier_is_split_exactly(): void
    {
        $after = Fixture::edit(
            $this->moving('cubic-bezier(0.3, 0.1, 0.2, 1)'), 'add-keyframe',
            ['layers' => ['bar'], 'property' => 'position', 'frame' => 13],
        );
        for ($frame = 0; $frame <= 40; $frame += 0.5) {
            self::assertEqualsWithDelta(
                $this->moving('cubic-bezier(0.3, 0.1, 0.2, 1)')->layer('bar')->point('position', $frame)->x,
                $after->layer('bar')->point('position', $frame)->x, 0.001,
            );
        }
    }

    #[TestWith(['quad-in', CubicBezier::class])]
    #[TestWith(['cubic-out', CubicBezier::class])]
    #[TestWith(['sine-in-out', CubicBezier::class])]
    #[TestWith(['elastic-out', Piecewise::class])]
    #[TestWith(['bounce-out', Piecewise::class])]
    public function test_a_part_is_a_bezier_where_one_follows_it(string $easing, string $class): void
    {
        $keyframes = Fixture::json(
            Fixture::edit($this->moving($easing), 'add-keyframe', ['layers' => ['bar'], 'property' => 'position', 'frame' => 20]),
            'bar',
        )['position']['keyframes'];
        self::assertInstanceOf($class, Easings::parse($keyframes[0]['easing']));
    }

    public function test_a_hold_is_held_on_both_sides(): void
    {
        $keyframes = Fixture::json(
            Fixture::edit($this->moving('hold'), 'add-keyframe', ['layers' => ['bar'], 'property' => 'position', 'frame' => 20]),
            'bar',
        )['position']['keyframes'];
        self::assertSame(['hold', 'hold'], array_column(array_slice($keyframes, 0, 2), 'easing'));
        self::assertEquals([0, 0], $keyframes[1]['value']);
    }

    public function test_pieces_are_read_as_css_writes_them(): void
    {
        $easing = Easings::parse('linear(0, 0.5, 0.2 75%, 1)');
        // The point without a time lies evenly between its neighbours, at 37.5 %.
        foreach ([[0, 0], [0.375, 0.5], [0.1875, 0.25], [0.75, 0.2], [0.5625, 0.35], [1, 1], [1.5, 1]] as [$t, $value]) {
            self::assertEqualsWithDelta($value, $easing->at($t), 1e-9);
        }
        self::assertSame('linear(0, 0.5 37.5%, 0.2 75%, 1)', (string) $easing);
        self::assertEquals($easing, Easings::parse((string) $easing));
    }

    #[TestWith(['linear(0)'])]
    #[TestWith(['linear(0.2, 1)'])]
    #[TestWith(['linear(0, 0.5 80%, 0.7 20%, 1)'])]
    #[TestWith(['linear(0, x, 1)'])]
    #[TestWith(['linear(0, 1 200%, 1)'])]
    public function test_senseless_pieces_are_refused(string $easing): void
    {
        $this->expectException(Refusal::class);
        Easings::parse($easing);
    }

    private function moving(string $easing): \Ricamo\Core\Document\Composition
    {
        return Fixture::composition([Fixture::bar(['position' => Fixture::keyframes([0, [0, 0], $easing], [40, [1000, 500]])])]);
    }
}
