<?php

declare(strict_types=1);

namespace Ricamo\Core\Path\Combine;

/**
 * How often the lines of shapes go round the places on either side of a piece: by the runs that a ray from the piece itself meets,
 * and by what lies where it does. So it holds for the narrowest slivers too.
 */
final class Windings
{
    /** So many strips the runs are sorted into, by height and by width. */
    private const STRIPS = 256;

    /** Not in the middle of pieces, where shapes that are put in order like to have corners of others at the same height. */
    private const LOOK = 0.4871;

    private float $left = INF;

    private float $top = INF;

    private readonly float $width;

    private readonly float $height;

    /** @var array<int, list<Run>> those that are met by rays across */
    private array $rows = [];

    /** @var array<int, list<Run>> those that are met by rays down */
    private array $columns = [];

    /** @param  list<Run>  $runs */
    public function __construct(array $runs, private readonly int $shapes)
    {
        [$right, $bottom] = [-INF, -INF];
        foreach ($runs as $run) {
            [$this->left, $this->top] = [min($this->left, $run->left), min($this->top, $run->top)];
            [$right, $bottom] = [max($right, $run->right), max($bottom, $run->bottom)];
        }
        [$this->width, $this->height] = [max(1e-9, $right - $this->left), max(1e-9, $bottom - $this->top)];
        foreach ($runs as $run) {
            for ($row = $this->row($run->top); $row <= $this->row($run->bottom); $row++) {
                $this->rows[$row][] = $run;
            }
            for ($column = $this->column($run->left); $column <= $this->column($run->right); $column++) {
                $this->columns[$column][] = $run;
            }
        }
    }

    /**
     * @param  list<Run>  $along  the runs that lie where the piece does, its own among them
     * @return array{list<int>, list<int>} at the left and at the right of it, for each shape, positive where it goes round clockwise
     */
    public function beside(Piece $piece, array $along): array
    {
        $curve = $piece->curve();
        [$at, $way] = [$curve->at(self::LOOK), $curve->direction(self::LOOK)];
        $isSteep = abs($way->y) >= abs($way->x);
        $beyond = array_fill(0, $this->shapes, 0);
        foreach ($isSteep ? $this->rows[$this->row($at->y)] ?? [] : $this->columns[$this->column($at->x)] ?? [] as $run) {
            if (($isSteep ? $run->isRightOf($at) : $run->isBelow($at)) && ! in_array($run, $along, true)) {
                $beyond[$run->shape] += self::sign($run, $isSteep);
            }
        }
        $before = $beyond;
        foreach ($along as $run) {
            $before[$run->shape] += self::sign($run, $isSteep);
        }
        // Right of what goes down is where a ray to the right comes from; right of what goes to the right is where one down leads to.
        $goesOn = $isSteep ? $way->y < 0 : $way->x > 0;

        return $goesOn ? [array_values($before), array_values($beyond)] : [array_values($beyond), array_values($before)];
    }

    /** What a ray that meets it from within goes round less afterwards. */
    private static function sign(Run $run, bool $isSteep): int
    {
        return ($isSteep ? $run->curve->y3 > $run->curve->y0 : $run->curve->x3 < $run->curve->x0) ? 1 : -1;
    }

    private function row(float $y): int
    {
        return (int) floor(($y - $this->top) / $this->height * self::STRIPS);
    }

    private function column(float $x): int
    {
        return (int) floor(($x - $this->left) / $this->width * self::STRIPS);
    }
}
