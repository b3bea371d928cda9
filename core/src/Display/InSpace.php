<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Colour\Colour;
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
                $operation instanceof Group => $operation->filters === []
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
     * A piece of a picture as its plane is seen in space.
     *
     * @param  Path  $path  what is seen of the plane
     * @param  Box  $part  the part of it that can be seen
     * @return ?Piece null where it is nowhere
     */
    public static function piece(Path $path, Projection $seen, Box $part, float $opacity): ?Piece
    {
        $clip = SeenPath::of($path, $seen);
        $corners = $part->corners();
        $isBefore = min(array_map($seen->distance(...), $corners)) >= Projection::NEAREST;
        // By how much it shrinks as a whole: as a grid of one cell.
        $shrunk = $isBefore ? new Warp(1, self::asGrid($corners), self::asGrid(array_map($seen->apply(...), $corners))) : null;
        $halvings = $shrunk?->halvings()[0] ?? 0;

        return $clip->isEmpty() ? null : new Piece($seen, $part, Outline::of($clip), $halvings, $opacity);
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

    /** @return list<Operation> what fades, blends or is cut out as one, each in it as it is seen */
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
