<?php

namespace Ricamo\Core\Mask;

use Ricamo\Core\Display\Outline;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Size;

/** Where the masks of a layer lie in the picture, to be seen and touched. */
final class MaskPlaces
{
    /** From a mask's own space, with its middle at the origin, to the composition's pixels. */
    public static function matrix(PlacedMask $mask, Layer $layer, Composition $composition, int $frame): Affine
    {
        $position = $layer->point("{$mask->id}.position", $frame);

        return $composition->space($layer->id, $frame)->after($mask->fixed ? new Affine : $layer->matrix($frame))
            ->after(Affine::translation($position->x, $position->y))->after(Affine::rotation($layer->number("{$mask->id}.rotation", $frame)));
    }

    /**
     * @return list<array{mask: string, form: string, corners: list<array{float, float}>, path?: string}> clockwise from the top left,
     *     in composition pixels; of a free form its points, and the line through them as SVG path data
     */
    public static function of(Layer $layer, Composition $composition, int $frame): array
    {
        $places = [];
        foreach ($layer->masks as $mask) {
            if ($mask->form === MaskForm::Layer || ! $mask->on) {
                continue;
            }
            if ($mask->form === MaskForm::Free) {
                $places[] = self::free($mask, $layer, $composition, $frame);

                continue;
            }
            $size = $layer->value("{$mask->id}.size", $frame);
            assert($size instanceof Size);
            $matrix = self::matrix($mask, $layer, $composition, $frame);
            $box = Box::centred($size->width, $size->height);
            $corners = [new Point($box->left, $box->top), new Point($box->right, $box->top), new Point($box->right, $box->bottom), new Point($box->left, $box->bottom)];
            $places[] = ['mask' => $mask->id, 'form' => $mask->form->value, 'corners' => array_map(
                fn (Point $corner): array => [round($matrix->apply($corner)->x, 3), round($matrix->apply($corner)->y, 3)], $corners,
            )];
        }

        return $places;
    }

    /** @return array{mask: string, form: string, corners: list<array{float, float}>, path: string} */
    private static function free(PlacedMask $mask, Layer $layer, Composition $composition, int $frame): array
    {
        $matrix = self::matrix($mask, $layer, $composition, $frame);
        $points = array_map(fn (int $number): Point => $matrix->apply($layer->point("{$mask->id}.point$number", $frame)), range(1, $mask->points));

        return [
            'mask' => $mask->id, 'form' => $mask->form->value,
            'corners' => array_map(fn (Point $point): array => [round($point->x, 3), round($point->y, 3)], $points),
            'path' => Outline::of(FreeForm::path($points, $layer->number("{$mask->id}.smooth", $frame) / 100))->data,
        ];
    }
}
