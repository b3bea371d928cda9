<?php

declare(strict_types=1);

namespace Ricamo\Core\Handle;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Kind\MaskPlaces;
use Ricamo\Core\Kind\Shape\ShapeContent;
use Ricamo\Core\Kind\Shape\ShapeForm;
use Ricamo\Core\Kind\Text\TextContent;
use Ricamo\Core\Kind\Window\WindowContent;
use Ricamo\Core\Mask\MaskForm;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Path\Knot;

/** Where the paths of a layer lie in the picture, to be seen and touched: its own, and those of its masks. */
final class PathPlaces
{
    /** The most points that are told of: more would not be touched one by one. */
    private const MOST = 600;

    /**
     * @return list<array{property: string, path: string, contours: list<array{closed: bool, knots: list<array{at: array{float,
     *     float}, in: array{float, float}, out: array{float, float}}>}>}>
     *     in composition pixels, handles as places; a path as SVG path data
     */
    public static function of(Layer $layer, Composition $composition, int $frame): array
    {
        $places = [];
        $content = $layer->content;
        $isDrawn = ($content instanceof ShapeContent || $content instanceof WindowContent) && $content->form === ShapeForm::Path;
        if (
            $isDrawn
            || (
                $content instanceof TextContent
                && $layer->value('path', $frame) instanceof Contours
                && $layer->value('path', $frame)->all !== []
            )
        ) {
            $places[] = self::place('path', $layer, $composition->space($layer->id, $frame)->after($layer->matrix($frame)), $frame);
        }
        if (
            $content instanceof ShapeContent
            && $layer->value('along', $frame) instanceof Contours
            && $layer->value('along', $frame)->all !== []
        ) {
            $places[] = self::place('along', $layer, $composition->space($layer->id, $frame)->after($layer->matrix($frame)), $frame);
        }
        foreach ($layer->attached->masks as $mask) {
            if ($mask->form === MaskForm::Free && $mask->on) {
                $places[] = self::place("{$mask->id}.path", $layer, MaskPlaces::matrix($mask, $layer, $composition, $frame), $frame);
            }
        }

        return array_values(array_filter($places));
    }

    /**
     * @return ?array{property: string, path: string, contours: list<array{closed: bool, knots: list<array{at: array{float,
     *     float}, in: array{float, float}, out: array{float, float}}>}>}
     */
    private static function place(string $property, Layer $layer, Affine $matrix, int $frame): ?array
    {
        $path = $layer->value($property, $frame);
        if (! $path instanceof Contours || $path->count() > self::MOST) {
            return null;
        }
        $at = function (Point $point) use ($matrix): array {
            $placed = $matrix->apply($point);

            return [round($placed->x, 3), round($placed->y, 3)];
        };

        return [
            'property' => $property,
            'path' => $path->mapped($matrix->apply(...))->write(),
            'contours' => array_map(fn (Contour $contour): array => ['closed' => $contour->closed, 'knots' => array_map(fn (Knot $knot): array => [
                'at' => $at($knot->at), 'in' => $at($knot->at->plus($knot->in)), 'out' => $at($knot->at->plus($knot->out)),
            ], $contour->knots)], $path->all),
        ];
    }
}
