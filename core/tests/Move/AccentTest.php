<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Move;

use PHPUnit\Framework\Attributes\DataProvider;
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

    /** @return list<float> */
    private function matrix(Composition $composition, int $frame): array
    {
        return Fixture::evaluator()->frame($composition, $frame)->toJson()['items'][0]['matrix'];
    }

    /** @return iterable<string, array{string}> */
    public static function accents(): iterable
    {
        foreach (array_keys(Accents::all()) as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('accents')]
    public function test_outside_of_it_the_layer_rests_and_within_it_moves(string $accent): void
    {
        $composition = $this->accented($accent);
        foreach ([20, 49, 74, 100, 119] as $frame) {
            self::assertEquals([1, 0, 0, 1, 700, 400], $this->matrix($composition, $frame), "frame $frame");
        }
        self::assertNotEquals([1, 0, 0, 1, 700, 400], $this->matrix($composition, 58));
    }

    #[DataProvider('accents')]
    public function test_trimmed_and_cut_it_stays_on_its_frames(string $accent): void
    {
        $composition = $this->accented($accent);
        $trimmed = Fixture::edit($composition, 'trim-layer', ['layer' => 'bar', 'in' => 40]);
        $cut = Fixture::edit($composition, 'split-layers', ['layers' => ['bar'], 'at' => 60]);
        foreach (range(41, 119) as $frame) {
            self::assertSame($this->matrix($composition, $frame), $this->matrix($trimmed, $frame));
            self::assertSame($this->matrix($composition, $frame), $this->matrix($cut, $frame));
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
