<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Evaluate;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Evaluate\Band;
use Ricamo\Core\Tests\Fixture;

final class BandTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private function band(array $fields): array
    {
        return Band::of(Fixture::layer(Fixture::words(['in' => 20, 'out' => 90, ...$fields])));
    }

    public function test_of_a_plain_layer_nothing_is_said(): void
    {
        self::assertSame([], $this->band([]));
    }

    public function test_it_arrives_and_leaves_for_as_long_as_lies_within_the_layer(): void
    {
        $fade = ['moves' => [['move' => 'fade']], 'easing' => 'linear'];
        self::assertSame(['arrive' => 12, 'leave' => 8], $this->band([
            'arrive' => [...$fade, 'length' => 20, 'begun' => 8], 'leave' => [...$fade, 'length' => 10, 'begun' => 2],
        ]));
        // What mirrors an arrival that was cut is not cut itself.
        self::assertSame(['arrive' => 12, 'leave' => 20], $this->band([
            'arrive' => [...$fade, 'length' => 20, 'begun' => 8], 'leave' => ['mirror' => true],
        ]));
    }

    public function test_cascades_that_run_are_told_from_the_in_point(): void
    {
        $cascade = ['id' => 'c1', 'as' => 'arrive', 'units' => 'letters', 'length' => 30, 'at' => 5];
        self::assertEquals(['cascades' => [
            ['id' => 'c1', 'leaves' => false, 'at' => 5, 'length' => 30],
            // It is over on the last of 70 frames.
            ['id' => 'c2', 'leaves' => true, 'at' => 69 - 4 - 30, 'length' => 30],
            ['id' => 'c4', 'leaves' => true, 'at' => 69 - 5 - 30, 'length' => 30],
        ]], $this->band(['cascades' => [
            $cascade, ['id' => 'c2', 'mirrors' => 'c1', 'at' => 4], [...$cascade, 'id' => 'c3', 'on' => false],
            [...$cascade, 'id' => 'c4', 'as' => 'leave'],
        ]]));
    }

    public function test_markers_are_told_on_frames_of_the_composition_where_they_lie_within_the_layer(): void
    {
        self::assertSame([20, 89], array_column($this->band([
            'markers' => [['frame' => -1], ['frame' => 0], ['frame' => 69], ['frame' => 70]],
        ])['markers'], 'frame'));
    }
}
