<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Filter\Perspective;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
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
