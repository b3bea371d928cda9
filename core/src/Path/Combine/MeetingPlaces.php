<?php

declare(strict_types=1);

namespace Ricamo\Core\Path\Combine;

use Ricamo\Core\Geometry\Point;

/** The places at which pieces meet: what is as good as in one place is one. */
final class MeetingPlaces
{
    /** In pixels. */
    private const SAME = 0.02;

    /** @var list<Point> */
    public array $all = [];

    /** @var array<string, list<int>> by the squares of a grid */
    private array $squares = [];

    public function at(Point $point): int
    {
        [$column, $row] = [(int) floor($point->x / self::SAME), (int) floor($point->y / self::SAME)];
        for ($y = $row - 1; $y <= $row + 1; $y++) {
            for ($x = $column - 1; $x <= $column + 1; $x++) {
                foreach ($this->squares["$x $y"] ?? [] as $corner) {
                    if (hypot($this->all[$corner]->x - $point->x, $this->all[$corner]->y - $point->y) < self::SAME) {
                        return $corner;
                    }
                }
            }
        }
        $this->all[] = $point;
        $this->squares["$column $row"][] = count($this->all) - 1;

        return count($this->all) - 1;
    }
}
