<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Line;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Tests\Fixture;

/** Marks at the ends of lines. */
final class LineEndsTest extends TestCase
{
    use DrawnLines;

    public function test_marks_stand_at_the_ends_of_what_is_drawn_of_a_line(): void
    {
        $line = fn (array $more): array => self::items(Fixture::composition([Fixture::bar([
            'form' => 'line', 'size' => [200, 0], 'outlineWidth' => 20, 'fill' => '#00000000', 'position' => [0, 0],
            'endSize' => 300, ...$more,
        ])]));
        // 60 px wide and 54 long; the line goes on a quarter of its width beneath it.
        [$stroke, $head] = $line(['endMark' => 'arrow']);
        self::assertSame(
            [[[-100.0, 0.0], [51.0, 0.0]], [[100.0, 0.0], [46.0, 30.0], [46.0, -30.0]]],
            [self::points($stroke['path']), self::points($head['path'])],
        );
        self::assertSame(['stroke', 'fill', 20], [$stroke['op'], $head['op'], $stroke['width']]);
        // Half drawn, its tip is in the middle; and it points back where it stands at the beginning.
        self::assertSame(
            [[0.0, 0.0], [-54.0, 30.0], [-54.0, -30.0]],
            self::points($line(['endMark' => 'arrow', 'drawEnd' => 50])[1]['path']),
        );
        self::assertSame([[-100.0, 0.0], [-46.0, -30.0], [-46.0, 30.0]], self::points($line(['beginMark' => 'arrow'])[1]['path']));
        // Of 20 px there is only the head, as long as that.
        $short = $line(['endMark' => 'arrow', 'drawEnd' => 10]);
        self::assertCount(1, $short);
        self::assertEqualsWithDelta([[-80, 0], [-100, 20 / 0.9 / 2], [-100, -20 / 0.9 / 2]], self::points($short[0]['path']), 1e-3);
        self::assertSame(
            self::points($short[0]['path'])[1][0],
            self::points($line(['endMark' => 'arrow', 'drawBegin' => 90])[0]['path'])[1][0] - 180,
        );
        self::assertSame([], $line(['endMark' => 'arrow', 'drawEnd' => 0]));
        // A bar ends where the line does; a square has its middle there. Both ends are one area.
        self::assertSame(
            [[80.0, -30.0], [100.0, -30.0], [100.0, 30.0], [80.0, 30.0]],
            self::points($line(['endMark' => 'bar'])[1]['path']),
        );
        self::assertSame(
            [[-70.0, 30.0], [-130.0, 30.0], [-130.0, -30.0], [-70.0, -30.0], [70.0, -30.0], [130.0, -30.0], [130.0, 30.0], [70.0, 30.0]],
            self::points($line(['beginMark' => 'square', 'endMark' => 'square'])[1]['path']),
        );
        // Tapered, the line is an area as well.
        self::assertSame(['fill', 'fill'], array_column($line(['endMark' => 'dot', 'taperBegin' => 50]), 'op'));
    }

    public function test_each_mark_is_as_large_as_it_says_and_smaller_where_the_line_is_short(): void
    {
        $mark = fn (string $mark, float $drawn): array => self::items(Fixture::composition([Fixture::bar([
            'form' => 'line', 'size' => [200, 0], 'outlineWidth' => 20, 'fill' => '#00000000', 'position' => [0, 0],
            'endSize' => 300, 'endMark' => $mark, 'drawEnd' => $drawn / 2,
        ])]));
        // Its sides are as thick as the line: 20 px across each, which meet 20 · √(36² + 30²) / 30 behind the tip.
        $long = hypot(36, 30);
        [$stroke, $barb] = $mark('barb', 200);
        $inner = 20 * $long / 30;
        [$x, $y] = [20 * 30 / $long, 20 * 36 / $long];
        self::assertEqualsWithDelta(
            [[100, 0], [64, 30], [64 - $x, 30 - $y], [100 - $inner, 0], [64 - $x, $y - 30], [64, -30]],
            self::points($barb['path']), 2e-3,
        );
        self::assertEqualsWithDelta(100 - ($inner + 12) / 2, self::points($stroke['path'])[1][0], 1e-3);
        self::assertEqualsWithDelta(
            [[137.5, 0], [100, 37.5], [62.5, 0], [100, -37.5]], self::points($mark('diamond', 200)[1]['path']), 1e-3,
        );
        // Half as long as they would take up, they are half as large, and all there is.
        foreach (['arrow' => 54, 'barb' => 56, 'dot' => 30, 'square' => 30, 'diamond' => 37.5, 'bar' => 20] as $name => $taken) {
            $short = $mark($name, $taken / 2);
            self::assertCount(1, $short, $name);
            self::assertCount(2, $mark($name, $taken + 1), $name);
            $bounds = Contours::parse($short[0]['path'])->path()->bounds();
            self::assertEqualsWithDelta($name === 'diamond' ? 37.5 : 30, $bounds->height(), 1e-3, $name);
        }
        self::assertEqualsWithDelta(10, Contours::parse($mark('bar', 10)[0]['path'])->path()->bounds()->width(), 1e-3);
    }

    public function test_a_translucent_line_and_its_marks_are_one(): void
    {
        $items = self::rawItems(Fixture::composition([Fixture::bar([
            'form' => 'line', 'size' => [200, 0], 'outlineWidth' => 20, 'fill' => '#00000000', 'outline' => '#ff000080',
            'endMark' => 'dot',
        ])]));
        self::assertSame(
            [['group', 0.502, ['#ff0000', '#ff0000']]],
            array_map(fn (array $one): array => [$one['op'], round($one['opacity'], 3), array_column($one['items'], 'colour')], $items),
        );
    }

    public function test_a_closed_outline_has_ends_only_while_it_is_drawn(): void
    {
        self::assertCount(1, self::rawItems(self::square(['endMark' => 'arrow'])));
        [, $head] = self::items(self::square(['endMark' => 'arrow', 'endSize' => 200, 'drawEnd' => 37.5]));
        self::assertSame([[50.0, 0.0], [40.0, -18.0], [60.0, -18.0]], self::points($head['path']));
        // Over where it began, and with a brush too.
        $over = self::items(self::square(['endMark' => 'arrow', 'endSize' => 200, 'drawEnd' => 50, 'drawOffset' => 62.5]));
        self::assertSame([0.0, -50.0], self::points($over[1]['path'])[0]);
        $dotted = self::items(self::square(['endMark' => 'arrow', 'endSize' => 200, 'drawEnd' => 37.5, 'brush' => ['form' => 'dotted']]));
        self::assertSame($head['path'], $dotted[count($dotted) - 1]['path']);
        // Once, though leaves have a stem beneath them.
        $leaves = array_column(
            self::items(self::square(['endMark' => 'arrow', 'endSize' => 200, 'drawEnd' => 37.5, 'brush' => ['form' => 'leaves']])),
            'path',
        );
        self::assertCount(1, array_keys($leaves, $head['path'], true));
    }

    public function test_an_arrow_that_slides_in_begins_wholly_out_of_the_picture(): void
    {
        $line = Fixture::composition([Fixture::bar([
            'form' => 'line', 'in' => 0, 'size' => [200, 0], 'outlineWidth' => 20, 'position' => [500, 500],
            'beginMark' => 'square', 'arrive' => ['length' => 20, 'moves' => [['move' => 'slide', 'angle' => 0]]],
        ])]);
        $first = Fixture::evaluator()->frame($line, 0)->toJson();
        foreach ($first['items'] as $item) {
            self::assertGreaterThanOrEqual(
                1920, $item['matrix'][4] + Contours::parse($first['paths'][$item['path']])->path()->bounds()->left,
                json_encode($item),
            );
        }
    }
}
