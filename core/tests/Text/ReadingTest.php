<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Text;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Evaluate\Inspection;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Text\Reading;

final class ReadingTest extends TestCase
{
    public function test_three_words_take_a_second(): void
    {
        self::assertSame(2.0, Reading::times('Marta Oldani, electrician', 2));
        self::assertSame(1.0, Reading::times("Open day\n2026 — free!", 4 / 3));
        self::assertNull(Reading::times(' … ', 4));
    }

    public function test_scripts_without_spaces_count_by_characters(): void
    {
        self::assertSame(2.0, Reading::times('夜の車庫へ', 2));
        self::assertEqualsWithDelta(1.0, Reading::times('車庫 Nine', 2 / 5 + 1 / 3), 1e-9);
    }

    public function test_a_layer_is_read_during_its_stay(): void
    {
        $composition = Fixture::composition([Fixture::words([
            'text' => 'Marta Oldani, electrician', 'in' => 0, 'out' => 125,
            'arrive' => ['length' => 30, 'moves' => [['move' => 'fade']]], 'leave' => ['mirror' => true],
        ])]);
        self::assertSame(
            ['arriving' => [0, 30], 'leaving' => [95, 124], 'arrive' => 30, 'leave' => 30, 'stay' => 65, 'reads' => 2.6],
            Inspection::of($composition->layer('words'), 0, $composition->rate, Fixture::media())['life'],
        );
    }
}
