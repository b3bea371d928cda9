<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Guide;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Geometry\Axis;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Guide\Guide;
use Ricamo\Core\Guide\Sizes;

final class SizesTest extends TestCase
{
    private function sizes(): Sizes
    {
        return new Sizes([new Box(0, 0, 100, 40), new Box(200, 0, 310, 40), new Box(5, 5, 5, 90)]);
    }

    public function test_the_nearest_of_the_lengths_counts(): void
    {
        self::assertSame(100.0, $this->sizes()->nearest(Axis::X, 104, 6));
        self::assertSame(110.0, $this->sizes()->nearest(Axis::X, 106, 6));
        self::assertNull($this->sizes()->nearest(Axis::X, 117, 6));
        self::assertNull($this->sizes()->nearest(Axis::X, 2, 6), 'a line is no size');
        self::assertSame(40.0, $this->sizes()->nearest(Axis::Y, 39, 1));
    }

    public function test_all_that_are_as_long_are_shown_through_their_middles(): void
    {
        self::assertEquals(
            [new Guide(Axis::Y, 520, 500, 600), new Guide(Axis::Y, 20, 0, 100)],
            $this->sizes()->touching(Axis::X, new Box(500, 500, 600, 540)),
        );
        self::assertEquals(
            [new Guide(Axis::X, 550, 500, 540), new Guide(Axis::X, 50, 0, 40), new Guide(Axis::X, 255, 0, 40)],
            $this->sizes()->touching(Axis::Y, new Box(500, 500, 600, 540)),
        );
        self::assertSame([], $this->sizes()->touching(Axis::X, new Box(0, 0, 101, 40)));
    }
}
