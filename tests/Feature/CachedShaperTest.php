<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Editing\CachedShaper;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Tests\SquareShaper;
use Ricamo\Core\Text\Language;
use Ricamo\Core\Text\ShapedLine;
use Ricamo\Core\Text\Shaper;

final class CachedShaperTest extends TestCase
{
    private string $folder;

    private int $asked = 0;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/ricamo-shaped-'.getmypid();
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("$this->folder/*") ?: []);
        if (is_dir($this->folder)) {
            rmdir($this->folder);
        }
    }

    private function shaper(?string $folder = null): CachedShaper
    {
        $counting = new class(fn () => $this->asked++) implements Shaper
        {
            public function __construct(private readonly \Closure $count)
            {
            }

            public function shape(
                string $line, string $font, array $features = [], array $axes = [], array $spans = [], bool $down = false,
            ): ShapedLine {
                ($this->count)();

                return (new SquareShaper)->shape($line, $font);
            }

            public function weight(string $font): float
            {
                return 400;
            }

            public function hyphens(string $line, Language $language): array
            {
                ($this->count)();

                return (new SquareShaper)->hyphens($line, $language);
            }
        };

        return new CachedShaper($counting, $folder ?? $this->folder);
    }

    public function test_a_line_is_shaped_once_and_found_again_by_another_process(): void
    {
        $first = $this->shaper()->shape('Marta', 'karla-bold');
        $again = $this->shaper()->shape('Marta', 'karla-bold');
        self::assertSame(1, $this->asked);
        self::assertEquals($first, $again);
        self::assertSame(strlen('Marta'), count($again->glyphs));
    }

    public function test_where_words_are_parted_is_asked_once_for_each_language(): void
    {
        foreach ([Language::German, Language::German, Language::Italian, Language::Italian] as $language) {
            self::assertSame([2, 8], $this->shaper()->hyphens('depot nine', $language));
        }
        self::assertSame(2, $this->asked);
        array_map(fn (string $file): int|false => file_put_contents($file, '["x"]'), glob("$this->folder/*") ?: []);
        self::assertSame([2, 8], $this->shaper()->hyphens('depot nine', Language::German), 'what is damaged is asked for again');
    }

    public function test_another_font_or_line_is_another_entry(): void
    {
        foreach ([['Marta', 'karla-bold'], ['Marta', 'karla-regular'], ['Martha', 'karla-bold']] as [$line, $font]) {
            $this->shaper()->shape($line, $font);
        }
        self::assertSame(3, $this->asked);
        self::assertCount(3, glob("$this->folder/*") ?: []);
    }

    public function test_what_is_damaged_is_shaped_anew_and_mended(): void
    {
        $this->shaper()->shape('Marta', 'karla-bold');
        [$file] = glob("$this->folder/*") ?: [''];
        foreach (['', 'O:8:"stdClass":0:{}', substr((string) file_get_contents($file), 0, 80)] as $damage) {
            file_put_contents($file, $damage);
            self::assertCount(5, $this->shaper()->shape('Marta', 'karla-bold')->glyphs);
        }
        self::assertSame(4, $this->asked);
        $this->shaper()->shape('Marta', 'karla-bold');
        self::assertSame(4, $this->asked);
    }

    public function test_a_cache_that_cannot_be_written_costs_time_only(): void
    {
        self::assertCount(5, $this->shaper('/dev/null/nowhere')->shape('Marta', 'karla-bold')->glyphs);
    }
}
