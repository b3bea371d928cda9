<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Document;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Axes;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Evaluate\Trail;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

final class AxesTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, int}> a place, and how many keyframes it takes beyond its own */
    public static function paths(): iterable
    {
        yield 'still' => [['position' => [120, 80]], 0];
        yield 'eased, overshooting, held' => [
            ['position' => Fixture::keyframes(
                [0, [0, 0], 'back-out'], [30, [100, 50], 'hold'], [60, [300, -20], 'ease-in(40%)'], [90, [10, 10]],
            )],
            0,
        ];
        yield 'pinned to both ends' => [
            ['position' => ['keyframes' => [['at' => 5, 'value' => [0, 0]], ['at' => -10, 'pin' => 'end', 'value' => [200, 100]]]]],
            0,
        ];
        yield 'bent' => [['position' => ['keyframes' => [
            ['at' => 0, 'value' => [0, 0], 'easing' => 'sine-in-out', 'bend' => ['arrive' => [0, 0], 'leave' => [0, 120]]],
            ['at' => 40, 'value' => [300, 100]], ['at' => 60, 'value' => [300, 0]],
        ]]], 40];
        yield 'gliding' => [
            ['position' => Fixture::keyframes([0, [0, 0], 'glide'], [20, [100, 50], 'glide'], [50, [100, 200], 'linear'], [60, [0, 0]])],
            50,
        ];
    }

    /** @param  array<string, mixed>  $place */
    #[DataProvider('paths')]
    public function test_apart_and_together_again_no_frame_changes(array $place, int $written): void
    {
        $path = $this->composition($place)->layer('bar');
        [$apart, $count] = Axes::apart($path);
        self::assertSame($written, $count);
        self::assertArrayNotHasKey('position', $apart->toJson());
        [$again] = Axes::together($apart);
        for ($frame = -3; $frame < 104; $frame++) {
            self::assertEqualsWithDelta($path->matrix($frame), $apart->matrix($frame), 1e-9, "apart, $frame");
            self::assertEqualsWithDelta($path->matrix($frame), $again->matrix($frame), 1e-9, "together, $frame");
        }
        if ($written === 0) {
            self::assertSame($path->toJson()['position'], $again->toJson()['position']);
            self::assertEqualsWithDelta($path->matrix(17.3), $apart->matrix(17.3), 1e-9);
        }
    }

    public function test_axes_of_their_own_pace_come_together_as_exactly_as_they_can(): void
    {
        $own = ['x' => Fixture::keyframes([0, 0, 'ease-out(50%)'], [40, 400]), 'y' => Fixture::keyframes([40, 0, 'cubic-in'], [70, 90])];
        [$path, $written] = Axes::together($this->composition($own)->layer('bar'));
        self::assertSame([0, [0, 40, 70]], [$written, Axes::frames($path)], 'one after the other they are one path');
        self::assertSame('cubic-in', $path->toJson()['position']['keyframes'][1]['easing']);
        $crossing = [
            'x' => Fixture::keyframes([0, 0, 'ease-out(50%)'], [40, 400]),
            'y' => Fixture::keyframes([20, 0, 'cubic-in'], [70, 90]),
        ];
        $apart = $this->composition($crossing)->layer('bar');
        [$path, $written] = Axes::together($apart);
        self::assertSame(
            [20, [0, ...range(20, 39), 40, 70]], [$written, Axes::frames($path)],
            'only while both move at once it is written out',
        );
        foreach (range(0, 80) as $frame) {
            self::assertEqualsWithDelta($apart->matrix($frame), $path->matrix($frame), 0.35, "$frame");
        }
    }

    public function test_an_axis_alone_is_keyframed_and_dragged(): void
    {
        $composition = Fixture::edit($this->composition(['position' => [100, 50]]), 'set-axes', ['layers' => ['bar'], 'apart' => true]);
        $composition = Fixture::edit($composition, 'add-keyframe', ['layers' => ['bar'], 'property' => 'x', 'frame' => 10]);
        $composition = Fixture::edit($composition, 'drag-layers', ['layers' => ['bar'], 'frame' => 30, 'by' => [60, 7]]);
        // What is keyframed gets another keyframe; what is not is another value.
        self::assertSame([[[10, 100.0], [30, 160.0]], 57.0], [
            array_map(fn (array $one): array => [$one['at'], $one['value']], Fixture::json($composition, 'bar')['x']['keyframes']),
            Fixture::json($composition, 'bar')['y'],
        ]);
        $moved = Fixture::edit($composition, 'move-anchor', ['layer' => 'bar', 'frame' => 30, 'to' => [200, 90]]);
        foreach ([10, 20, 30] as $frame) {
            self::assertEqualsWithDelta($composition->layer('bar')->matrix($frame), $moved->layer('bar')->matrix($frame), 1e-6);
        }
        self::assertTrue(isset($moved->layer('bar')->properties['x']), 'its axes stay apart');
        $trail = Trail::of($moved->layer('bar'), 20, $moved, Fixture::evaluator());
        self::assertNotNull($trail);
        self::assertSame([true, [10, 30]], [$trail['apart'], array_column($trail['points'], 'frame')]);
    }

    public function test_it_turns_along_the_way_that_both_axes_go(): void
    {
        $layer = $this->composition([
            'x' => Fixture::keyframes([0, 0], [50, 100]), 'y' => Fixture::keyframes([0, 0], [50, 100]),
            'turnsAlong' => true,
        ])->layer('bar');
        self::assertEqualsWithDelta(45, rad2deg(atan2($layer->matrix(20)->b, $layer->matrix(20)->a)), 1e-6);
    }

    public function test_what_takes_many_keyframes_is_said_first(): void
    {
        $bent = $this->composition(['position' => ['keyframes' => [
            ['at' => 0, 'value' => [0, 0], 'bend' => ['arrive' => [0, 0], 'leave' => [0, 120]]],
            ['at' => 40, 'value' => [300, 100]],
        ]]]);
        $written = Fixture::edit($bent, 'set-axes', ['layers' => ['bar'], 'apart' => true, 'write' => true]);
        self::assertCount(41, Fixture::json($written, 'bar')['x']['keyframes']);
        $this->expectExceptionObject(new Refusal(
            '“Bar” goes a way that x and y cannot go by themselves; with a keyframe on each of 40 frames nothing would change',
        ));
        Fixture::edit($bent, 'set-axes', ['layers' => ['bar'], 'apart' => true]);
    }

    public function test_the_other_form_is_refused_by_name(): void
    {
        $apart = $this->composition(['x' => 5]);
        self::assertSame([5.0, 0.0], [Fixture::json($apart, 'bar')['x'], Fixture::json($apart, 'bar')['y']]);
        foreach ([
            ['"Bar" has x and y apart', $apart, 'position', [1, 2]], ['"Bar" has its position as one path', $this->composition([]), 'x', 3],
        ] as [$message, $composition, $property, $value]) {
            try {
                Fixture::edit(
                    $composition, 'set-values',
                    ['frame' => 0, 'values' => [['layer' => 'bar', 'property' => $property, 'value' => $value]]],
                );
                self::fail("$property was set");
            } catch (Refusal $refusal) {
                self::assertStringContainsString($message, $refusal->getMessage());
            }
        }
        $this->expectExceptionMessage('layers[0].position: stands beside x or y, which take its place');
        $this->composition(['x' => 5, 'position' => [1, 2]]);
    }

    /** @param  array<string, mixed>  $fields */
    private function composition(array $fields): Composition
    {
        return Fixture::composition([Fixture::bar($fields)]);
    }
}
