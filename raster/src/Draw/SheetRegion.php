<?php

declare(strict_types=1);

namespace Ricamo\Raster\Draw;

use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Display\Filter\Warp;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Operation;
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
     * What is needed of a sheet that is pulled into another shape.
     *
     * @param  list<Operation>  $operations  on the sheet
     * @param  Box  $source  what is taken from it, in composition pixels
     * @param  list<int>  $halvings  how many times it is halved
     * @return ?Box in whole pixels of the surface; null where nothing is there
     */
    public static function taken(array $operations, Box $source, array $halvings, Affine $view, Box $farthest): ?Box
    {
        $from = DisplayList::extentOf($operations)?->intersection($source->grown(1))?->intersection($farthest);

        // Two sheets that touch are halved alike where both begin with the same pixel of the frame.
        return $from === null ? null : self::inSteps($view->bounds($from)->grown(1), 2 ** max([0, ...$halvings]));
    }

    /** Where it is seen then. @return ?Box as above; null where that is nowhere on the surface */
    public static function seen(?Box $extent, Affine $view, int $width, int $height): ?Box
    {
        $to = $extent === null ? null : $view->bounds($extent)->grown(1)->intersection(new Box(0, 0, $width, $height));

        return $to === null ? null : self::inSteps($to, 1);
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
