<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Display;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\Backdrop;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Tests\Fixture;

final class BackdropTest extends TestCase
{
    private function find(Composition $composition, int $from = 0, int $to = 20): ?Backdrop
    {
        $evaluator = Fixture::evaluator();

        return Backdrop::under((function () use ($evaluator, $composition, $from, $to): iterable {
            for ($frame = $from; $frame < $to; $frame++) {
                yield $evaluator->frame($composition, $frame);
            }
        })());
    }

    /** @param  array<string, mixed>  $clip */
    private function over(array $clip = [], array $above = []): Composition
    {
        return Fixture::composition([Fixture::clip(['position' => [960, 540], ...$clip]), ...$above]);
    }

    public function test_a_clip_that_fills_the_frame_is_one(): void
    {
        $backdrop = $this->find($this->over(['from' => 30]), 5);
        self::assertSame(['m1', 35, null], [$backdrop?->media, $backdrop?->firstFrame, $backdrop?->touched]);
    }

    public function test_what_lies_above_says_which_pixels_it_touches(): void
    {
        $bar = Fixture::bar([
            'size' => [200, 100], 'position' => Fixture::keyframes([0, [300, 800]], [19, [700, 850]]), 'outlineWidth' => 10,
        ]);
        $backdrop = $this->find($this->over(above: [$bar]));
        // Pointed corners may reach four half widths: 20 px around 200..800 × 750..900.
        self::assertEquals(new Box(180, 730, 820, 920), $backdrop?->touched);
    }

    public function test_a_clip_of_another_size_that_covers_the_frame_is_one(): void
    {
        // 1920 × 1080 at 150 % about the middle: 2880 × 1620, 480 beyond either side and 270 above and below.
        self::assertEquals(new Box(-480, -270, 2400, 1350), $this->find($this->over(['scale' => [150, 150]]))?->place);
        self::assertEquals(new Box(0, 0, 1920, 1080), $this->find($this->over())?->place);
        self::assertEquals(
            new Box(-100, 0, 1920, 1080),
            $this->find($this->over(['position' => [910, 540], 'scale' => [2020 / 19.2, 100]]))?->place,
        );
    }

    public function test_a_clip_that_moves_or_stands_between_pixels_is_none(): void
    {
        $still = ['scale' => [150, 150]];
        self::assertNotNull($this->find($this->over($still)));
        foreach ([
            ['position' => [961, 540]], ['position' => [960.5, 540]], ['scale' => [150.3, 150]], ['scale' => [-150, 150]],
            ['rotation' => 90],
            ['position' => Fixture::keyframes([0, [960, 540]], [19, [980, 540]])],
            ['scale' => Fixture::keyframes([0, [150, 150]], [19, [200, 200]])],
        ] as $fields) {
            self::assertNull($this->find($this->over([...$still, ...$fields])));
        }
    }

    public function test_what_does_not_fill_play_on_or_cover_is_none(): void
    {
        foreach ([
            ['scale' => [99, 99]], ['position' => [961, 540]], ['rotation' => 1], ['opacity' => 99],
            ['media' => 'm2', 'scale' => [178, 178]], ['in' => 5],
        ] as $clip) {
            self::assertNull($this->find($this->over($clip)));
        }
        self::assertNull($this->find(Fixture::composition([Fixture::bar(), Fixture::clip(['position' => [960, 540]])])));
        // At another rate, frames are left out or shown twice.
        self::assertNull($this->find($this->over()->with(['rate' => new \Ricamo\Core\Time\FrameRate(50)])));
        // Beyond its end, the last frame holds.
        self::assertNull($this->find($this->over(['from' => 290])));
    }
}
