<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Kind\Playing\Played;
use Ricamo\Core\Move\Life;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Time\FrameRange;

/** Two clips that meet at frame 60; the second one begins with the fourth frame of its source. */
final class CrossCutTest extends TestCase
{
    private const DISSOLVE = ['length' => 10, 'easing' => 'linear', 'moves' => [['move' => 'fade']]];

    public function test_both_go_on_for_half_of_it_and_the_upper_one_comes_over_the_other(): void
    {
        $crossed = $this->cross($this->cut());
        self::assertEquals([new FrameRange(0, 65), new FrameRange(55, 120)], [$crossed->layer('a')->span, $crossed->layer('b')->span]);
        // What is on a frame of either stays on that frame.
        self::assertSame([50, 8], [$this->shown($crossed, 50, 'a'), $this->shown($crossed, 64, 'b')]);
        self::assertSame([50, 8], [$this->shown($this->cut(), 50, 'a'), $this->shown($this->cut(), 64, 'b')]);
        // Half way between the first frame on which nothing of it is seen and the last on which not all is.
        self::assertEqualsWithDelta(5 / 10, $this->opacity($crossed, 60, 'b'), 0.06);
        self::assertSame([1.0, 1.0], [$this->opacity($crossed, 60, 'a'), $this->opacity($crossed, 65, 'b')]);
    }

    public function test_what_a_clip_does_not_have_is_said_and_held(): void
    {
        $crossed = $this->cross($this->cut());
        // One frame is missing before the beginning: the source has but four of the five.
        self::assertEquals([new FrameRange(55, 56)], $this->missing($crossed, 'b'));
        self::assertSame([0, 0, 1], [$this->shown($crossed, 55, 'b'), $this->shown($crossed, 56, 'b'), $this->shown($crossed, 57, 'b')]);
    }

    public function test_the_earlier_one_leaves_where_it_lies_above(): void
    {
        $crossed = $this->cross($this->cut(isEarlierAbove: true));
        self::assertNull($crossed->layer('b')->life->arrive);
        self::assertSame(10, $crossed->layer('a')->life->leave?->length);
        self::assertLessThan(0.2, $this->opacity($crossed, 64, 'a'));
    }

    public function test_what_pushes_moves_both_side_by_side(): void
    {
        $push = ['length' => 10, 'easing' => 'ease-in-out(60%)', 'moves' => [['move' => 'push', 'angle' => 0]]];
        foreach ([false, true] as $isEarlierAbove) {
            $crossed = Fixture::edit($this->cut($isEarlierAbove), 'cross-cut', ['layers' => ['a', 'b'], 'phase' => $push]);
            foreach (range(55, 64) as $frame) {
                [$out, $in] = [$this->image($crossed, $frame, 'a')['matrix'][4], $this->image($crossed, $frame, 'b')['matrix'][4]];
                // One frame's width apart, the new one to the right of the old one.
                self::assertEqualsWithDelta(1920, $in - $out, 1e-3, "frame $frame");
            }
            self::assertEqualsWithDelta(
                1920, $this->image($crossed, 55, 'b')['matrix'][4] - $this->image($crossed, 80, 'b')['matrix'][4], 1e-3,
            );
            $plain = Fixture::edit($crossed, 'cross-cut', ['layers' => ['a', 'b']]);
            self::assertSame($this->cut($isEarlierAbove)->toJson(), $plain->toJson());
        }
    }

    public function test_asked_for_again_it_takes_the_place_of_the_one_before_and_the_plain_cut_comes_back(): void
    {
        $crossed = $this->cross($this->cut());
        $longer = Fixture::edit($crossed, 'cross-cut', ['layers' => ['b', 'a'], 'phase' => ['length' => 21] + self::DISSOLVE]);
        self::assertEquals(
            [new FrameRange(0, 71), new FrameRange(50, 120), 21],
            [$longer->layer('a')->span, $longer->layer('b')->span, $longer->layer('b')->life->arrive?->length],
        );
        self::assertSame($this->cut()->toJson(), Fixture::edit($longer, 'cross-cut', ['layers' => ['a', 'b']])->toJson());
    }

    public function test_others_are_left_alone_and_what_does_not_meet_is_refused(): void
    {
        $three = Fixture::edit($this->cut(), 'add-layer', ['layer' => ['kind' => 'shape', 'form' => 'ellipse', 'id' => 'c']]);
        self::assertSame($three->layer('c'), $this->cross($three)->layer('c'));
        foreach ([
            '“A” and “Ellipse” do not meet at a cut' => [['a', 'c'], self::DISSOLVE],
            '200 frames are more than “A” and “B” last' => [['a', 'b'], ['length' => 200] + self::DISSOLVE],
        ] as $message => [$layers, $phase]) {
            try {
                Fixture::edit($three, 'cross-cut', ['layers' => $layers, 'phase' => $phase]);
                self::fail($message);
            } catch (Refusal $refusal) {
                self::assertSame($message, $refusal->getMessage());
            }
        }
    }

    public function test_where_both_end_at_once_there_is_no_cut_left(): void
    {
        $crossed = $this->cross($this->cut());
        $end = $crossed->layer('a')->span->out;
        $together = Fixture::edit($crossed, 'trim-layer', ['layer' => 'b', 'out' => $end]);
        self::assertSame($end, $together->layer('b')->span->out);
        $this->expectExceptionMessage('“A” and “B” do not meet at a cut');
        Fixture::edit($together, 'cross-cut', ['layers' => ['a', 'b'], 'phase' => ['length' => 3] + self::DISSOLVE]);
    }

    public function test_neither_may_be_gone_before_the_other_has_come(): void
    {
        $short = Fixture::composition([
            Fixture::clip(['id' => 'a', 'name' => 'A', 'out' => 100]),
            Fixture::clip(['id' => 'b', 'name' => 'B', 'in' => 100, 'out' => 110]),
        ]);
        $cross = fn (int $length): Composition => Fixture::edit(
            $short, 'cross-cut', ['layers' => ['a', 'b'], 'phase' => ['length' => $length] + self::DISSOLVE],
        );
        self::assertSame(109, $cross(18)->layer('a')->span->out);
        // Frames of the earlier one before the later one comes: at least one is left.
        $brief = Fixture::composition([
            Fixture::clip(['id' => 'a', 'name' => 'A', 'in' => 90, 'out' => 100]),
            Fixture::clip(['id' => 'b', 'name' => 'B', 'in' => 100, 'out' => 200]),
        ]);
        $crossed = Fixture::edit($brief, 'cross-cut', ['layers' => ['a', 'b'], 'phase' => ['length' => 19] + self::DISSOLVE]);
        self::assertSame(91, $crossed->layer('b')->span->in);
        foreach ([20, 21] as $length) {
            try {
                Fixture::edit($brief, 'cross-cut', ['layers' => ['a', 'b'], 'phase' => ['length' => $length] + self::DISSOLVE]);
                self::fail("$length frames");
            } catch (Refusal $refusal) {
                self::assertStringContainsString("$length frames are more than", $refusal->getMessage());
            }
        }
        $this->expectExceptionMessage('20 frames are more than');
        $cross(20);
    }

    private function cut(bool $isEarlierAbove = false): Composition
    {
        $layers = [
            Fixture::clip(['id' => 'a', 'name' => 'A', 'out' => 60]),
            Fixture::clip(['id' => 'b', 'name' => 'B', 'in' => 60, 'out' => 120, 'from' => 4]),
        ];

        return Fixture::composition($isEarlierAbove ? array_reverse($layers) : $layers);
    }

    private function cross(Composition $composition): Composition
    {
        return Fixture::edit($composition, 'cross-cut', ['layers' => ['a', 'b'], 'phase' => self::DISSOLVE]);
    }

    /** @return array<string, mixed> */
    private function image(Composition $composition, int $frame, string $layer): array
    {
        $alone = Fixture::edit($composition, 'look-alone', ['layers' => [$layer]]);

        return Fixture::evaluator()->frame($alone, $frame)->toJson()['items'][0] ?? ['frame' => null, 'opacity' => 0.0];
    }

    private function shown(Composition $composition, int $frame, string $layer): ?int
    {
        $opaque = $composition->replacing($composition->layer($layer)->with(['life' => new Life]));

        return $this->image($opaque, $frame, $layer)['frame'];
    }

    private function opacity(Composition $composition, int $frame, string $layer): float
    {
        return (float) $this->image($composition, $frame, $layer)['opacity'];
    }

    /** @return list<FrameRange> */
    private function missing(Composition $composition, string $layer): array
    {
        $found = $composition->layer($layer);
        assert($found->content instanceof Played);

        return $found->content->missing($found->span, $composition->rate, Fixture::media());
    }
}
