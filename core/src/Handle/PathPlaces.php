<?php

declare(strict_types=1);

namespace Ricamo\Core\Handle;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Kind\MaskPlaces;
use Ricamo\Core\Kind\SaysIdle;
use Ricamo\Core\Mask\MaskForm;
use Ricamo\Core\Patch\PatchForm;
use Ricamo\Core\Patch\PlacedPatchwork;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Path\Knot;
use Ricamo\Core\Value\Type\PathType;

/** Where the paths of a layer lie in the picture, to be seen and touched: its own, the one that it is cut along, and those of its masks. */
final class PathPlaces
{
    /** The most points that are told of: more would not be touched one by one. */
    private const MOST = 600;

    /**
     * @return list<array{property: string, path: string, contours: list<array{closed: bool, knots: list<array{at: array{float,
     *     float}, in: array{float, float}, out: array{float, float}}>}>}>
     *     in composition pixels, handles as places; a path as SVG path data
     */
    public static function of(Layer $layer, Composition $composition, int $frame, MediaLibrary $media): array
    {
        $places = [];
        $idle = $layer->content instanceof SaysIdle ? $layer->content->idle($layer, $media) : [];
        foreach ($layer->kind->properties() as $name => $definition) {
            $path = $definition->type instanceof PathType && ! in_array($name, $idle, true) ? $layer->value($name, $frame) : null;
            if ($path instanceof Contours && $path->all !== []) {
                $places[] = self::place($name, $layer, $composition->spaceOf($layer, $frame), $frame);
            }
        }
        if ($layer->attached->patchwork?->form === PatchForm::Path) {
            $places[] = self::place(PlacedPatchwork::ID.'.path', $layer, $composition->spaceOf($layer, $frame), $frame);
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
        if (! $path instanceof Contours || $path->all === [] || $path->count() > self::MOST) {
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
