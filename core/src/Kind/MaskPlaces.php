<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Mask\MaskForm;
use Ricamo\Core\Mask\PlacedMask;
use Ricamo\Core\Path\Contours;

/** Where the masks of a layer lie in the picture, to be seen and touched. */
final class MaskPlaces
{
    /** From a mask's own space to the composition's pixels: its middle is at the origin, or if it is a crop, the layer's origin. */
    public static function matrix(PlacedMask $mask, Layer $layer, Composition $composition, int $frame): Affine
    {
        if ($mask->form === MaskForm::Crop) {
            return $composition->spaceOf($layer, $frame);
        }
        $position = $layer->point("{$mask->id}.position", $frame);

        return $composition->space($layer->id, $frame)->after($mask->fixed ? new Affine : $layer->matrix($frame))
            ->after(Affine::translation($position->x, $position->y))->after(Affine::rotation(
                $layer->number("{$mask->id}.rotation", $frame),
            ));
    }

    /**
     * @param  Box  $own  of what the layer shows
     * @return list<array{mask: string, form: string, corners: list<array{float, float}>}> clockwise from the top left, in
     *     composition pixels
     */
    public static function of(Layer $layer, Composition $composition, int $frame, Box $own): array
    {
        $places = [];
        foreach ($layer->attached->masks as $mask) {
            if ($mask->form === MaskForm::Layer || ! $mask->on) {
                continue;
            }
            $box = self::box($mask, $layer, $frame, $own);
            $matrix = self::matrix($mask, $layer, $composition, $frame);
            $corners = [
                new Point($box->left, $box->top),
                new Point($box->right, $box->top),
                new Point($box->right, $box->bottom),
                new Point($box->left, $box->bottom),
            ];
            $places[] = ['mask' => $mask->id, 'form' => $mask->form->value, 'corners' => array_map(
                fn (Point $corner): array => [round($matrix->apply($corner)->x, 3), round($matrix->apply($corner)->y, 3)], $corners,
            )];
        }

        return $places;
    }

    /** In its own space. @param  Box  $own  of what the layer shows */
    public static function box(PlacedMask $mask, Layer $layer, int $frame, Box $own): Box
    {
        if ($mask->form === MaskForm::Crop) {
            $edge = fn (string $name, float $whole): float => $layer->length("{$mask->id}.$name", $frame, $whole);
            [$left, $top] = [$own->left + $edge('left', $own->width()), $own->top + $edge('top', $own->height())];

            return new Box(
                $left,
                $top,
                max($left, $own->right - $edge('right', $own->width())),
                max($top, $own->bottom - $edge('bottom', $own->height())),
            );
        }
        if ($mask->form === MaskForm::Free) {
            $path = $layer->value("{$mask->id}.path", $frame);
            assert($path instanceof Contours);

            return $path->path()->bounds() ?? Box::centred(0, 0);
        }
        $size = $layer->size("{$mask->id}.size", $frame);

        return Box::centred($size->width, $size->height);
    }
}
