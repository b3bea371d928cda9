<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Filter\ByPicture;
use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Display\Filter\Filter;
use Ricamo\Core\Display\Filter\Perspective;
use Ricamo\Core\Display\Filter\Warp;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Projection;
use Ricamo\Core\Path\SeenPath;

/**
 * What is drawn on a plane, as that plane is seen in space. Outlines in one colour stay outlines, sharp however near they come, and so
 * do those by which something is cut out; all else is drawn flat, and the sheet is pulled into perspective.
 */
final class InSpace
{
    /** How far beyond what is seen it is lit, in pixels, so that no edge of light is seen. */
    private const BESIDE = 3.0;

    /**
     * @param  list<Operation>  $operations
     * @param  Box  $part  the part of the plane that can be seen
     * @return list<Operation>
     */
    public static function seen(array $operations, Projection $seen, Box $part): array
    {
        $upright = $seen->upright();
        $carried = $upright === null ? null : Carried::by($upright, $operations);
        if ($carried !== null) {
            return $seen->i < Projection::NEAREST || $upright?->isUsable() === false ? [] : $carried;
        }
        [$shown, $sheet] = [[], []];
        foreach ($operations as $operation) {
            if ($operation instanceof Fill && $operation->paint instanceof Colour) {
                array_push($shown, ...self::sheet($sheet, $seen, $part), ...self::outline($operation, $operation->paint, $seen));
                $sheet = [];
            } elseif ($operation instanceof Group && $operation->filters === [] && $operation->masks === []) {
                array_push($shown, ...self::sheet($sheet, $seen, $part), ...self::group($operation, $seen, $part));
                $sheet = [];
            } elseif ($operation instanceof Group && self::isPointwise($operation)) {
                array_push($shown, ...self::sheet($sheet, $seen, $part), ...self::pointwise($operation, $seen, $part));
                $sheet = [];
            } else {
                $sheet[] = $operation;
            }
        }

        return [...$shown, ...self::sheet($sheet, $seen, $part)];
    }

    /**
     * Whether all of it stays outlines in perspective, sharp however near they come.
     *
     * @param  list<Operation>  $operations
     */
    public static function isOutlines(array $operations): bool
    {
        foreach ($operations as $operation) {
            $is = match (true) {
                $operation instanceof Fill => $operation->paint instanceof Colour,
                $operation instanceof Group => ($operation->filters === [] || self::isPointwise($operation))
                    && $operation->masks === []
                    && self::isOutlines($operation->operations),
                default => false,
            };
            if (! $is) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether each of them is an outline, or cut out by one.
     *
     * @param  list<Operation>  $operations
     */
    private static function isSharp(array $operations): bool
    {
        foreach ($operations as $operation) {
            $isCut = $operation instanceof Group && $operation->clip !== null && $operation->masks === [] && $operation->filters === [];
            if (! $isCut && ! self::isOutlines([$operation])) {
                return false;
            }
        }

        return true;
    }

    /**
     * A piece of a picture as its plane is seen in space.
     *
     * @param  Path  $path  what is seen of the plane
     * @param  Box  $part  the part of it that can be seen
     * @param  array{float, float, float}  $light  by what its red, green and blue are multiplied
     * @return ?Piece null where it is nowhere
     */
    public static function piece(Path $path, Projection $seen, Box $part, float $opacity, array $light = [1.0, 1.0, 1.0]): ?Piece
    {
        $clip = SeenPath::of($path, $seen);
        $corners = $part->corners();
        $isBefore = min(array_map($seen->distance(...), $corners)) >= Projection::NEAREST;
        // By how much it shrinks as a whole: as a grid of one cell.
        $shrunk = $isBefore ? new Warp(1, self::asGrid($corners), self::asGrid(array_map($seen->apply(...), $corners))) : null;
        $halvings = $shrunk?->halvings()[0] ?? 0;

        return $clip->isEmpty() ? null : new Piece($seen, $part, Outline::of($clip), $halvings, $opacity, $light);
    }

    /**
     * @param  array{Point, Point, Point, Point}  $corners  around
     * @return array{Point, Point, Point, Point} row by row
     */
    private static function asGrid(array $corners): array
    {
        return [$corners[0], $corners[1], $corners[3], $corners[2]];
    }

    /** @return list<Operation> */
    private static function outline(Fill $fill, Colour $colour, Projection $seen): array
    {
        $path = SeenPath::of(Path::parse($fill->outline->data), $seen->after($fill->matrix));

        return $path->isEmpty() ? [] : [new Fill(Outline::of($path), new Affine, $colour, $fill->rule)];
    }

    /** Whether all that is done to a group makes of the colour in one place another in the same, so that it may be done afterwards. */
    private static function isPointwise(Group $group): bool
    {
        $others = array_filter(
            $group->filters, fn (Filter $filter): bool => ! $filter instanceof ByPicture && ! $filter instanceof ColourMatrix,
        );

        return $group->filters !== [] && $others === [] && $group->masks === [] && self::isSharp($group->operations);
    }

    /** @return list<Operation> outlines that are lit or recoloured, and what they are lit by, as both are seen */
    private static function pointwise(Group $group, Projection $seen, Box $part): array
    {
        $filters = array_map(fn (Filter $filter): Filter => $filter instanceof ByPicture
            ? $filter->by(self::seen($filter->operations(), $seen, $part->grown(self::BESIDE)))
            : $filter, $group->filters);

        return array_map(
            fn (Group $one): Group => new Group($one->operations, $one->opacity, $one->clip, $filters, blend: $one->blend),
            self::group($group, $seen, $part),
        );
    }

    /** @return list<Group> what fades, blends or is cut out as one, each in it as it is seen */
    private static function group(Group $group, Projection $seen, Box $part): array
    {
        $operations = self::seen($group->operations, $seen, $part);
        $clip = $group->clip === null ? null : SeenPath::of(Path::parse($group->clip->data), $seen);

        return $operations === [] || $clip?->isEmpty() === true ? [] : [
            new Group($operations, $group->opacity, $clip === null ? null : Outline::of($clip), blend: $group->blend),
        ];
    }

    /**
     * @param  list<Operation>  $operations
     * @return list<Operation>
     */
    private static function sheet(array $operations, Projection $seen, Box $part): array
    {
        $extent = DisplayList::extentOf($operations);
        $extent = $extent?->grown(1)->intersection($part);
        $warp = $extent === null ? null : Perspective::of($extent, $seen);

        return $warp === null ? [] : [new Group($operations, filters: [$warp])];
    }
}
