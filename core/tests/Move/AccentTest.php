<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Move;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Move\Accents;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

final class AccentTest extends TestCase
{
    private function accented(string $accent, array $settings = []): Composition
    {
        $bar = Fixture::composition([Fixture::bar(['size' => [400, 100], 'in' => 20, 'out' => 120, 'position' => [700, 400]])]);

        return Fixture::edit(
            $bar, 'set-accents',
            ['layers' => ['bar'], 'add' => ['accent' => $accent, 'at' => 50, 'length' => 24, ...$settings]],
        );
    }

    /** @return list<array<string, mixed>> what is drawn, nothing while it is gone */
    private function drawn(Composition $composition, int $frame): array
    {
        return Fixture::evaluator()->frame($composition, $frame)->toJson()['items'];
    }

    /** @return list<float> */
    private function matrix(Composition $composition, int $frame): array
    {
        return Fixture::evaluator()->frame($composition, $frame)->toJson()['items'][0]['matrix'];
    }

    /** @return iterable<string, array{string}> */
    public static function accents(): iterable
    {
        foreach (array_keys(Accents::which(false)) as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('accents')]
    public function test_outside_of_it_the_layer_rests_and_within_it_moves(string $accent): void
    {
        $composition = $this->accented($accent);
        foreach ([20, 49, 74, 100, 119] as $frame) {
            self::assertEquals([1, 0, 0, 1, 700, 400], $this->matrix($composition, $frame), "frame $frame");
            self::assertEquals($this->drawn($composition, 20), $this->drawn($composition, $frame), "frame $frame");
        }
        // One of them may be back where it rests just there.
        self::assertNotEquals(
            array_fill(0, 2, $this->drawn($composition, 20)), [$this->drawn($composition, 57), $this->drawn($composition, 58)],
        );
    }

    #[DataProvider('accents')]
    public function test_trimmed_and_cut_it_stays_on_its_frames(string $accent): void
    {
        $composition = $this->accented($accent);
        $trimmed = Fixture::edit($composition, 'trim-layer', ['layer' => 'bar', 'in' => 40]);
        $cut = Fixture::edit($composition, 'split-layers', ['layers' => ['bar'], 'at' => 60]);
        foreach (range(41, 119) as $frame) {
            self::assertSame($this->drawn($composition, $frame), $this->drawn($trimmed, $frame));
            self::assertSame($this->drawn($composition, $frame), $this->drawn($cut, $frame));
        }
    }

    public function test_worked_out_by_hand(): void
    {
        self::assertEqualsWithDelta([1.15, 0, 0, 1.15, 700, 400], $this->matrix($this->accented('pulse'), 62), 1e-6);
        // Three times in 24 frames: it is largest after 4 of them, and as it was after 8.
        self::assertEqualsWithDelta(
            [1.15, 1.0],
            [
                $this->matrix($this->accented('pulse', ['times' => 3]), 54)[0],
                $this->matrix($this->accented('pulse', ['times' => 3]), 58)[0],
            ],
            1e-6,
        );
        self::assertEqualsWithDelta([0, 1, -1, 0, 700, 400], $this->matrix($this->accented('spin'), 56), 1e-6);
        self::assertEqualsWithDelta([1, 0, 0, 1, 700, 376], $this->matrix($this->accented('float'), 62), 1e-6);
        self::assertSame(
            [1.3, 1.3, 1.0, 1.0, 1.3],
            array_map(fn (int $frame): float => (float) $this->matrix($this->accented('jump-cut'), $frame)[0], [50, 51, 52, 53, 54]),
        );
    }

    public function test_it_leaves_in_its_time_is_not_seen_and_comes_again_in_its_time(): void
    {
        // From 50 to 74: half of it has gone after 5 of 10 frames, and it comes during the last 5.
        $fades = $this->accented('gone-fade', ['leaves' => 10, 'comes' => 5]);
        $opacities = array_map(
            // The last two digits of its colour, where it is not whole.
            fn (int $frame): float => hexdec(substr($this->drawn($fades, $frame)[0]['colour'] ?? '#00000000', 7) ?: 'ff') / 255,
            [50, 55, 59, 60, 65, 69, 70, 73, 74],
        );
        self::assertEqualsWithDelta([1, 0.5, 0.1, 0, 0, 0, 0.2, 0.8, 1], $opacities, 0.5 / 255);

        // Out of the frame to the left by 700 + 200, and out of nothing where it is to be gone at once.
        $slides = $this->accented('gone-slide', ['leaves' => 0, 'comes' => 0]);
        self::assertSame(
            [1, 0, 0, 1],
            array_map(fn (int $frame): int => count($this->drawn($slides, $frame)), [49, 50, 73, 74]),
        );
        // There is time for half of both: it leaves in 12 frames and comes in 12, and is gone in between.
        $both = $this->accented('gone-widen', ['leaves' => 24, 'comes' => 24]);
        self::assertSame($this->drawn($both, 50), $this->drawn($both, 74));
        self::assertSame([], $this->drawn($both, 62));
        foreach (range(1, 11) as $frame) {
            self::assertEqualsWithDelta($this->matrix($both, 62 - $frame), $this->matrix($both, 62 + $frame), 1e-9, "frame $frame");
        }
    }

    #[TestWith(['jump-cut'])]
    #[TestWith(['gone-slide'])]
    #[TestWith(['pulse'])]
    public function test_at_another_frame_rate_it_does_the_same_at_the_same_moments(string $accent): void
    {
        $composition = $this->accented($accent);
        $faster = Fixture::edit($composition, 'set-composition', ['rate' => '50/1', 'length' => 500]);
        foreach (range(45, 80) as $frame) {
            self::assertSame($this->drawn($composition, $frame), $this->drawn($faster, 2 * $frame), "frame $frame");
        }
    }

    public function test_another_seed_is_another_throw_and_the_same_one_the_same(): void
    {
        $course = fn (int $seed): array => array_map(
            fn (int $frame): array => $this->matrix($this->accented('shake', ['seed' => $seed]), $frame), range(51, 72),
        );
        self::assertSame($course(3), $course(3));
        self::assertNotSame($course(3), $course(4));
        foreach ($course(3) as $matrix) {
            self::assertLessThanOrEqual(14 * M_SQRT2, hypot($matrix[4] - 700, $matrix[5] - 400));
        }
    }

    public function test_what_is_no_accent_is_refused(): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('"wobble" is not an accent');
        $this->accented('wobble');
    }
}
