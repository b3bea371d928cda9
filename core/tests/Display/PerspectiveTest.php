<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Display;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\Filter\Perspective;
use Ricamo\Core\Display\Filter\Warp;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Projection;
use Ricamo\Core\Geometry\Space;

final class PerspectiveTest extends TestCase
{
    /** Any place comes to lie where perspective has it, to a third of a pixel, and all of the sheet is in a cell. */
    #[TestWith([50.0, 0.0])]
    #[TestWith([0.0, -70.0])]
    #[TestWith([35.0, 60.0])]
    public function test_all_of_the_sheet_comes_to_lie_where_it_is_seen(float $tiltX, float $tiltY): void
    {
        $seen = Space::tilted(new Point(0, 0), 0, $tiltX, $tiltY)->seenFrom(new Point(0, 0), 1800);
        $sheet = new Box(-400, -300, 500, 200);
        $warp = Perspective::of($sheet, $seen);
        self::assertNotNull($warp);
        mt_srand(3);
        for ($try = 0; $try < 300; $try++) {
            $point = new Point(mt_rand(-400, 500), mt_rand(-300, 200));
            $found = self::pulled($warp, $point);
            self::assertNotNull($found, "$point->x, $point->y is in no cell");
            $expected = $seen->apply($point);
            self::assertLessThan(0.34, hypot($found->x - $expected->x, $found->y - $expected->y), "$point->x, $point->y");
        }
    }

    public function test_of_what_is_partly_behind_the_viewer_the_rest_is_left(): void
    {
        $lying = Space::tilted(new Point(0, 0), 0, 90, 0)->seenFrom(new Point(0, -100), 1000);
        $warp = Perspective::of(new Box(-50, -500, 50, 3000), $lying);
        self::assertNotNull($warp);
        $last = max(array_map(fn (Point $one): float => $one->y, $warp->from));
        self::assertEqualsWithDelta(1000 - 1000 * Projection::NEAREST, $last, 1e-6);
        self::assertNull(Perspective::of(new Box(-50, 1000, 50, 3000), $lying));
    }

    /** Where a place of the sheet comes to be, by the triangle that it is in: each cell is cut from its top right to its bottom left. */
    private static function pulled(Warp $warp, Point $point): ?Point
    {
        for ($row = 0; $row < $warp->rows(); $row++) {
            for ($column = 0; $column < $warp->columns; $column++) {
                $first = $row * ($warp->columns + 1) + $column;
                $below = $first + $warp->columns + 1;
                foreach ([[$first, $first + 1, $below], [$below + 1, $first + 1, $below]] as [$a, $b, $c]) {
                    [$from, $u, $v] = [$warp->from[$a], $warp->from[$b]->minus($warp->from[$a]), $warp->from[$c]->minus($warp->from[$a])];
                    $determinant = $u->x * $v->y - $u->y * $v->x;
                    $by = $point->minus($from);
                    [$s, $t] = [($by->x * $v->y - $by->y * $v->x) / $determinant, ($u->x * $by->y - $u->y * $by->x) / $determinant];
                    if ($s >= -1e-9 && $t >= -1e-9 && $s + $t <= 1 + 1e-9) {
                        $to = $warp->to[$a];

                        return $to->plus($warp->to[$b]->minus($to)->times($s))->plus($warp->to[$c]->minus($to)->times($t));
                    }
                }
            }
        }

        return null;
    }
}
