<?php

declare(strict_types=1);

namespace Ricamo\Core\Layout;

use Ricamo\Core\Geometry\Box;

/** How a picture is split into cells. */
enum ScreenCells: string
{
    /** Rows of columns, all alike. */
    case Grid = 'grid';
    /** A large one at one side, of two thirds of the picture; the others beside it, one after another. */
    case LargeLeft = 'large-left';
    case LargeRight = 'large-right';
    case LargeTop = 'large-top';
    case LargeBottom = 'large-bottom';

    /**
     * Row by row, the large one first.
     *
     * @param  int  $rows  of a grid; of the others, $rows × $columns is the number of cells
     * @param  float  $margin  pixels around them all
     * @param  float  $gap  pixels between them
     * @return list<Box> to whole pixels; side by side they make up exactly what they share
     */
    public function of(float $width, float $height, int $rows, int $columns, float $margin, float $gap): array
    {
        $inside = new Box($margin, $margin, max($margin, $width - $margin), max($margin, $height - $margin));
        $rest = $rows * $columns - 1;
        if ($this === self::Grid || $rest < 1) {
            return self::grid($inside, $rows, $columns, $gap);
        }
        $isAcross = $this === self::LargeLeft || $this === self::LargeRight;
        $isFirst = $this === self::LargeLeft || $this === self::LargeTop;
        $shares = $isFirst ? [2, 1] : [1, 2];
        $boxes = $isAcross
            ? array_map(
                fn (array $part): Box => new Box($part[0], $inside->top, $part[1], $inside->bottom),
                self::parts($inside->left, $inside->right, $shares, $gap),
            )
            : array_map(
                fn (array $part): Box => new Box($inside->left, $part[0], $inside->right, $part[1]),
                self::parts($inside->top, $inside->bottom, $shares, $gap),
            );
        [$large, $others] = $isFirst ? $boxes : array_reverse($boxes);

        return [$large, ...self::grid($others, $isAcross ? $rest : 1, $isAcross ? 1 : $rest, $gap)];
    }

    /** @return list<Box> */
    private static function grid(Box $inside, int $rows, int $columns, float $gap): array
    {
        $cells = [];
        foreach (self::parts($inside->top, $inside->bottom, array_fill(0, $rows, 1), $gap) as [$top, $bottom]) {
            foreach (self::parts($inside->left, $inside->right, array_fill(0, $columns, 1), $gap) as [$left, $right]) {
                $cells[] = new Box($left, $top, $right, $bottom);
            }
        }

        return $cells;
    }

    /**
     * @param  list<int>  $shares
     * @return list<array{float, float}> where each part begins and ends
     */
    private static function parts(float $from, float $to, array $shares, float $gap): array
    {
        $room = max(0, $to - $from - $gap * (count($shares) - 1));
        $parts = [];
        $taken = 0;
        foreach ($shares as $index => $share) {
            $begin = $from + $index * $gap + $room * $taken / array_sum($shares);
            $taken += $share;
            $parts[] = [round($begin), round($from + $index * $gap + $room * $taken / array_sum($shares))];
        }

        return $parts;
    }
}
