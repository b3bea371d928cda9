<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Document;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Stay;
use Ricamo\Core\Kind\Bundle\Lasting;
use Ricamo\Core\Tests\Fixture;

final class StayTest extends TestCase
{
    /** @return iterable<string, array{list<array<string, mixed>>, int, int}> */
    public static function stays(): iterable
    {
        yield 'nothing is on its way' => [[Fixture::bar(['out' => 250])], 0, 250];
        yield 'after arriving' => [[Fixture::bar(['out' => 250, 'opacity' => Fixture::keyframes([0, 0], [30, 100])])], 30, 250];
        yield 'a pause is rest' => [
            [Fixture::bar(['out' => 250, 'opacity' => Fixture::keyframes([0, 0], [30, 100], [200, 100], [249, 0])])], 30,
            200,
        ];
        yield 'moves at both ends' => [
            [Fixture::bar([
                'out' => 250, 'arrive' => ['length' => 15, 'easing' => 'linear', 'moves' => [['move' => 'fade']]],
                'leave' => ['mirror' => true],
            ])],
            15, 234,
        ];
        yield 'the longer of two' => [[Fixture::bar(['out' => 100]), Fixture::bar(['id' => 'b', 'in' => 100, 'out' => 250])], 100, 250];
        yield 'an accent breaks it' => [
            [Fixture::bar(['out' => 250, 'accents' => [['accent' => 'pulse', 'at' => 40, 'length' => 10]]])], 50, 250,
        ];
        yield 'the longest way is no rest' => [
            [Fixture::bar(['out' => 250, 'rotation' => Fixture::keyframes([0, 0], [150, 360])])], 150, 250,
        ];
        yield 'nor is what two of them are on together' => [
            [
                Fixture::bar(['out' => 250, 'rotation' => Fixture::keyframes([0, 0], [100, 360])]),
                Fixture::words(['out' => 250, 'opacity' => Fixture::keyframes([60, 0], [160, 100])]),
            ],
            160, 250,
        ];
        yield 'nor what the last is on' => [
            [
                Fixture::bar(['out' => 250, 'rotation' => Fixture::keyframes([0, 0], [10, 360])]),
                Fixture::words(['out' => 250, 'opacity' => Fixture::keyframes([100, 0], [250, 100])]),
            ],
            10, 100,
        ];
        yield 'always on the way' => [
            [Fixture::bar(['out' => 250, 'rotation' => Fixture::keyframes([0, 0], [90, 360], [250, 0])])], 90, 250,
        ];
    }

    /** @param  list<array<string, mixed>>  $layers */
    #[DataProvider('stays')]
    public function test_it_is_the_longest_rest(array $layers, int $from, int $to): void
    {
        $stay = Stay::of(Fixture::composition($layers));
        self::assertSame([$from, $to], [$stay->from, $stay->to]);
    }

    public function test_what_comes_after_is_later_whatever_it_is_pinned_to(): void
    {
        $composition = Fixture::composition([
            Fixture::bar([
                'out' => 250,
                'opacity' => Fixture::keyframes([0, 0], [30, 100], [220, 100, 'linear', 'start'], [0, 0, 'linear', 'end']),
            ]),
            Fixture::bar(['id' => 'early', 'in' => 5, 'out' => 30]),
            Fixture::bar(['id' => 'late', 'in' => 225, 'out' => 240]),
            Fixture::clip(['in' => 0, 'out' => 250, 'accents' => [['accent' => 'pulse', 'at' => 230, 'length' => 5]]]),
        ], ['markers' => [['frame' => 10], ['frame' => 235]]]);
        foreach ([310, 200] as $length) {
            $by = $length - 250;
            $lasting = Lasting::for($composition, $length, Fixture::media());
            self::assertSame($length, $lasting->length);
            for ($frame = 0; $frame < 250; $frame++) {
                // Rest has no events: it may be anywhere between.
                $now = $frame < 31 ? $frame : ($frame >= 220 ? $frame + $by : null);
                if ($now !== null) {
                    self::assertSame(
                        $composition->layer('bar')->number('opacity', $frame),
                        $lasting->layer('bar')->number('opacity', $now), "frame $frame of $length",
                    );
                }
            }
            self::assertSame([5, 30, 225 + $by, 240 + $by, 250 + $by], [
                $lasting->layer('early')->span->in, $lasting->layer('early')->span->out,
                $lasting->layer('late')->span->in, $lasting->layer('late')->span->out, $lasting->layer('clip')->span->out,
            ]);
            self::assertSame(230 + $by, $lasting->layer('clip')->life->accents[0]->at);
            self::assertSame([10, 235 + $by], $lasting->markers->frames());
        }
    }

    public function test_it_never_rests_for_less_than_a_frame(): void
    {
        $composition = Fixture::composition([Fixture::bar([
            'out' => 250,
            'opacity' => Fixture::keyframes([0, 0], [30, 100], [-30, 100, 'linear', 'end'], [0, 0, 'linear', 'end']),
        ])]);
        $short = Lasting::for($composition, 20, Fixture::media());
        // What came still comes at its pace; then it is cut off.
        self::assertSame(20, $short->length);
        self::assertEqualsWithDelta(100 * 15 / 30, $short->layer('bar')->number('opacity', 15), 1e-9);
        self::assertSame(100.0, $short->layer('bar')->number('opacity', 31));
        self::assertEqualsWithDelta(100 * 29 / 30, $short->layer('bar')->number('opacity', 32), 1e-9);
    }
}
