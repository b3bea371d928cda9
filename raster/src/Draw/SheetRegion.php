<?php

declare(strict_types=1);

namespace Ricamo\Raster\Draw;

use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Display\Filter\Warp;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;

/** Which pixels a sheet has to hold for a group's filters to be right inside of the surface that it is laid on. */
final class SheetRegion
{
    /**
     * @param  Affine  $view  from composition pixels to the surface's
     * @param  Box  $farthest  what filters may draw on, in composition pixels
     * @return ?Box in pixels of the surface, whole ones, as blurring wants them; null where nothing is seen
     */
    public static function of(Group $group, Affine $view, int $width, int $height, Box $farthest): ?Box
    {
        $inside = DisplayList::extentOf($group->operations);
        $within = $view->inverse()->bounds(new Box(0, 0, $width, $height));
        $needed = self::needed($group, $within)->intersection($farthest) ?? $within;
        $box = self::around($group->extent(), $inside)?->intersection($needed);
        if ($box === null) {
            return null;
        }
        $box = $view->bounds($box)->grown(1);
        $whole = fn (float $length): float => Gaussian::MOST * ceil($length / Gaussian::MOST);
        [$left, $top] = [floor($box->left), floor($box->top)];

        return new Box($left, $top, $left + $whole($box->right - $left), $top + $whole($box->bottom - $top));
    }

    /**
     * Of a group all of which is pulled into another shape: what it is taken from, and where it is seen, which may be far from each other.
     *
     * @return array{Box, Box}|null in whole pixels of the surface; null where nothing is seen
     */
    public static function pulled(Group $group, Warp $warp, Affine $view, int $width, int $height, Box $farthest): ?array
    {
        $from = DisplayList::extentOf($group->operations)?->intersection($warp->source()->grown(1))?->intersection($farthest);
        $to = $group->extent()?->intersection($view->inverse()->bounds(new Box(0, 0, $width, $height)));
        if ($from === null || $to === null) {
            return null;
        }
        // Two sheets that touch are halved alike where both begin with the same pixel of the frame.
        $step = 2 ** max([0, ...$warp->halvings()]);

        return [self::inSteps($view->bounds($from)->grown(1), $step), self::inSteps($view->bounds($to)->grown(1), 1)];
    }

    private static function inSteps(Box $box, int $step): Box
    {
        return new Box(
            $step * floor($box->left / $step), $step * floor($box->top / $step),
            $step * ceil($box->right / $step), $step * ceil($box->bottom / $step),
        );
    }

    /** What is as far beyond the surface as filters reach may come into it. @param  Box  $within  the surface, in composition pixels */
    private static function needed(Group $group, Box $within): Box
    {
        $needed = $within;
        foreach ($group->filters as $filter) {
            $reached = $filter instanceof Warp ? $filter->source()->union($within) : $filter->reach($within);
            $needed = $needed->grown(max(
                $within->left - $reached->left, $within->top - $reached->top, $reached->right - $within->right,
                $reached->bottom - $within->bottom, 0,
            ));
        }

        return $needed;
    }

    private static function around(?Box $one, ?Box $other): ?Box
    {
        return $one === null || $other === null ? $one ?? $other : $one->union($other);
    }
}
