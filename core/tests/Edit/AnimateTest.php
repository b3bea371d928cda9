<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Animation\Easing\Easings;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** An animation in one act: a bar that lies in time from frame 5 on. */
final class AnimateTest extends TestCase
{
    /** @param  list<array<string, mixed>>  $values */
    private function animated(array $bar, array $values, int $frame, int $length, string $easing = 'linear', array $layers = ['bar']): Composition
    {
        return Fixture::edit(
            Fixture::composition([Fixture::bar(['in' => 5, ...$bar]), Fixture::bar(['id' => 'two', 'in' => 9, 'rotation' => 10])]), 'animate',
            ['layers' => $layers, 'frame' => $frame, 'length' => $length, 'values' => $values, 'easing' => $easing],
        );
    }

    public function test_from_what_it_is_to_another_value_or_by_as_much_for_each_layer(): void
    {
        $after = $this->animated(
            ['position' => [100, 200]],
            [['property' => 'position', 'value' => 900, 'axis' => 'x'], ['property' => 'rotation', 'value' => '+=90'], ['property' => 'opacity', 'value' => 0]],
            20, 10, 'ease-in-out', ['bar', 'two'],
        );
        $half = Easings::parse('ease-in-out')->at(0.3);
        foreach (['bar' => [[100.0, 200.0], 0.0], 'two' => [[0.0, 0.0], 10.0]] as $id => [$from, $turn]) {
            $layer = $after->layer($id);
            foreach ([5 => 0.0, 20 => 0.0, 23 => $half, 30 => 1.0, 90 => 1.0] as $frame => $t) {
                $at = $layer->point('position', $frame);
                self::assertEqualsWithDelta([$from[0] + (900 - $from[0]) * $t, $from[1]], [$at->x, $at->y], 1e-6);
                self::assertEqualsWithDelta([$turn + 90 * $t, 100 - 100 * $t], [$layer->number('rotation', $frame), $layer->number('opacity', $frame)], 1e-6);
            }
        }
    }

    public function test_both_axes_may_be_told(): void
    {
        $after = $this->animated(['scale' => [100, 50]], [
            ['property' => 'scale', 'value' => 200, 'axis' => 'x'], ['property' => 'scale', 'value' => '*=2', 'axis' => 'y'],
        ], 20, 10);
        self::assertEquals([200, 100], Fixture::json($after, 'bar')['scale']['keyframes'][1]['value']);
    }

    public function test_what_was_between_gives_way_and_what_is_outside_stays(): void
    {
        $before = ['opacity' => Fixture::keyframes([0, 0], [10, 40], [18, 10], [30, 90], [50, 0])];
        $after = $this->animated($before, [['property' => 'opacity', 'value' => 100]], 12, 20);
        // Keyframes count from the layer's first frame, which is 5: those on 15 and 23 are gone.
        self::assertSame([0, 7, 27, 30, 50], array_column(Fixture::json($after, 'bar')['opacity']['keyframes'], 'at'));
        $was = Fixture::composition([Fixture::bar(['in' => 5, ...$before])])->layer('bar');
        foreach ([5, 9, 12, 35, 50, 55] as $frame) {
            self::assertEqualsWithDelta($was->number('opacity', $frame), $after->layer('bar')->number('opacity', $frame), 1e-6, "$frame");
        }
        self::assertEqualsWithDelta(100, $after->layer('bar')->number('opacity', 32), 1e-9);
    }

    public function test_a_way_is_straight_though_it_was_bent(): void
    {
        $bent = ['keyframes' => [
            ['at' => 0, 'value' => [0, 0], 'bend' => ['leave' => [0, 300]]], ['at' => 40, 'value' => [400, 0], 'bend' => ['arrive' => [0, 300]]],
        ]];
        $after = $this->animated(['position' => $bent], [['property' => 'position', 'value' => '+=0', 'axis' => 'y']], 15, 20);
        $layer = $after->layer('bar');
        [$from, $to] = [$layer->point('position', 15), $layer->point('position', 35)];
        foreach ([20, 25, 31] as $frame) {
            $at = $layer->point('position', $frame);
            $cross = ($at->x - $from->x) * ($to->y - $from->y) - ($at->y - $from->y) * ($to->x - $from->x);
            self::assertEqualsWithDelta(0, $cross, 0.1);
        }
    }

    public function test_what_is_no_value_of_it_is_refused(): void
    {
        $this->expectExceptionObject(new Refusal('args.values[0].value: 140 is outside 0..100'));
        $this->animated([], [['property' => 'opacity', 'value' => 140]], 20, 10);
    }
}
