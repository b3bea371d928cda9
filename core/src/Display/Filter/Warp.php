<?php

declare(strict_types=1);

namespace Ricamo\Core\Display\Filter;

use LogicException;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Text;

/**
 * The sheet pulled into another shape by a grid of points: each cell is two triangles, cut from its top right to its bottom left,
 * and within a triangle every point goes along as its corners do.
 */
final readonly class Warp implements Filter
{
    /** The smallest picture of the sheet that a cell is taken from: halved as many times. */
    private const MOST_HALVINGS = 6;

    /** How much may be left of shrinking where a cell is drawn: more would leave out rows of pixels. */
    private const LEFT = 1.5;

    /**
     * @param  int  $columns  how many cells there are in a row
     * @param  non-empty-list<Point>  $from  where the points are on the sheet, row by row, in composition pixels
     * @param  non-empty-list<Point>  $to  where they come to be
     * @param  bool  $keepsRest  whether what no cell comes to lie on stays as it is; otherwise it is clear
     */
    public function __construct(public int $columns, public array $from, public array $to, public bool $keepsRest = false)
    {
        if (count($from) !== count($to) || count($from) % ($columns + 1) !== 0) {
            throw new LogicException('a grid has as many points on either side, in whole rows');
        }
    }

    public function rows(): int
    {
        return intdiv(count($this->from), $this->columns + 1) - 1;
    }

    /**
     * How many times the sheet is halved for each cell, row by row, so that what grows small keeps its detail without flickering:
     * by its edge or diagonal that shrinks the most.
     *
     * @return list<int>
     */
    public function halvings(): array
    {
        $halvings = [];
        for ($row = 0; $row < $this->rows(); $row++) {
            for ($column = 0; $column < $this->columns; $column++) {
                $first = $row * ($this->columns + 1) + $column;
                $below = $first + $this->columns + 1;
                $most = 1.0;
                foreach ([
                    [$first, $first + 1], [$below, $below + 1], [$first, $below], [$first + 1, $below + 1],
                    [$first + 1, $below],
                ] as [$one, $other]) {
                    $long = hypot($this->from[$one]->x - $this->from[$other]->x, $this->from[$one]->y - $this->from[$other]->y);
                    $short = hypot($this->to[$one]->x - $this->to[$other]->x, $this->to[$one]->y - $this->to[$other]->y);
                    // A side that is nothing at all is that of a cell that runs into a point.
                    $most = $short > 1e-3 ? max($most, $long / $short) : $most;
                }
                $halvings[] = min(self::MOST_HALVINGS, max(0, (int) ceil(log($most / self::LEFT, 2) - 1e-6)));
            }
        }

        return $halvings;
    }

    public function encode(): string
    {
        $halvings = $this->halvings();

        return '{"filter":"warp","columns":'.$this->columns.',"from":'.self::list($this->from).',"to":'.self::list($this->to)
            .($this->keepsRest ? ',"rest":true' : '').(max([0, ...$halvings]) > 0 ? ',"halvings":['.implode(',', $halvings).']' : '').'}';
    }

    public function placed(Affine $space): self
    {
        return new self(
            $this->columns, array_map($space->apply(...), $this->from), array_map($space->apply(...), $this->to), $this->keepsRest,
        );
    }

    public function reach(Box $box): Box
    {
        $reached = Box::around($this->to);

        return $this->keepsRest ? $reached->union($box) : $reached;
    }

    /** All that it takes anything from; with the rest, beside what stays where it is. */
    public function source(): Box
    {
        return Box::around($this->from);
    }

    /** @param  list<Point>  $points */
    private static function list(array $points): string
    {
        return Text::list(array_map(fn (Point $point): string => Text::number($point->x, 2).','.Text::number($point->y, 2), $points));
    }
}
