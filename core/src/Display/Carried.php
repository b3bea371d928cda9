<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Display\Filter\ByPicture;
use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Display\Filter\Filter;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Path;

/** What is drawn, moved, scaled and turned as a whole before it is drawn, so that it stays as sharp as it is. */
final class Carried
{
    /**
     * @param  list<Operation>  $operations
     * @return ?list<Operation> null where something is done to them in pixels
     */
    public static function by(Affine $matrix, array $operations): ?array
    {
        $carried = [];
        foreach ($operations as $operation) {
            $one = match (true) {
                $operation instanceof Fill => new Fill(
                    $operation->outline, $matrix->after($operation->matrix), $operation->paint, $operation->rule,
                ),
                $operation instanceof Stroke => new Stroke(
                    $operation->outline, $matrix->after($operation->matrix), $operation->paint, $operation->pen,
                ),
                $operation instanceof Image => new Image(
                    $operation->media, $operation->frame, $operation->size, $matrix->after($operation->matrix), $operation->opacity,
                    $operation->alpha,
                ),
                $operation instanceof Group => self::group($matrix, $operation),
                default => null,
            };
            if ($one === null) {
                return null;
            }
            $carried[] = $one;
        }

        return $carried;
    }

    private static function group(Affine $matrix, Group $group): ?Group
    {
        $operations = $group->masks === [] ? self::by($matrix, $group->operations) : null;
        $filters = $operations === null ? null : self::filters($matrix, $group->filters);
        $clip = $group->clip === null ? null : Outline::of(Path::parse($group->clip->data)->transformed($matrix));

        return $operations === null || $filters === null
            ? null
            : new Group($operations, $group->opacity, $clip, $filters, blend: $group->blend);
    }

    /**
     * @param  list<Filter>  $filters
     * @return ?list<Filter> null where one does more than make another colour of the one in the same place
     */
    private static function filters(Affine $matrix, array $filters): ?array
    {
        $carried = [];
        foreach ($filters as $filter) {
            $picture = $filter instanceof ByPicture ? self::by($matrix, $filter->operations()) : null;
            $one = match (true) {
                $filter instanceof ColourMatrix => $filter,
                $filter instanceof ByPicture && $picture !== null => $filter->by($picture),
                default => null,
            };
            if ($one === null) {
                return null;
            }
            $carried[] = $one;
        }

        return $carried;
    }
}
