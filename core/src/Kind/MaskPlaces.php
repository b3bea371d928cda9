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

        return self::base($mask, $layer, $composition, $frame)->after(self::own($mask, $layer, $frame));
    }

    /** What its place is counted in. */
    public static function base(PlacedMask $mask, Layer $layer, Composition $composition, int $frame): Affine
    {
        return $composition->space($layer->id, $frame)->after($mask->fixed ? new Affine : $layer->matrix($frame));
    }

    /** From its own pixels to those that its place is counted in. */
    private static function own(PlacedMask $mask, Layer $layer, int $frame): Affine
    {
        $position = $layer->point("{$mask->id}.position", $frame);

        return Affine::translation($position->x, $position->y)->after(Affine::rotation($layer->number("{$mask->id}.rotation", $frame)));
    }

    /**
     * @param  Box  $own  of what the layer shows
     * @return list<array{mask: string, form: string, corners: list<array{float, float}>, ticks: list<array{float, float}>,
     *     points: list<array<string, mixed>>, ghosts: list<array{frame: int, corners: list<array{float, float}>}>}> in composition
     *     pixels: corners clockwise from the top left, where its middle is on each frame from its first keyframe to its last, and at
     *     these, and its corners at the nearest keyframes before and after
     */
    public static function of(Layer $layer, Composition $composition, int $frame, Box $own): array
    {
        $places = [];
        foreach ($layer->attached->masks as $mask) {
            if ($mask->form === MaskForm::Layer || ! $mask->on) {
                continue;
            }
            $places[] = [
                'mask' => $mask->id,
                'form' => $mask->form->value,
                'corners' => self::corners(
                    self::box($mask, $layer, $frame, $own), self::matrix($mask, $layer, $composition, $frame),
                ),
                ...($mask->form === MaskForm::Crop ? ['ticks' => [], 'points' => [], 'ghosts' => []] : self::way($mask, $layer, $composition, $frame, $own)),
            ];
        }

        return $places;
    }

    /**
     * @return array{ticks: list<array{float, float}>, points: list<array<string, mixed>>,
     *     ghosts: list<array{frame: int, corners: list<array{float, float}>}>}
     */
    private static function way(PlacedMask $mask, Layer $layer, Composition $composition, int $frame, Box $own): array
    {
        $base = self::base($mask, $layer, $composition, $frame);
        $names = array_map(fn (string $name): string => "{$mask->id}.$name", ['position', 'size', 'rotation', 'path']);

        return [
            'ticks' => Ways::ticks($layer, "{$mask->id}.position", $base->apply(...)),
            'points' => Ways::points($layer, "{$mask->id}.position", $base),
            'ghosts' => array_map(fn (int $at): array => ['frame' => $at, 'corners' => self::corners(
                self::box($mask, $layer, $at, $own), $base->after(self::own($mask, $layer, $at)),
            )], Ways::neighbours($layer, $names, $frame)),
        ];
    }

    /** @return list<array{float, float}> */
    private static function corners(Box $box, Affine $matrix): array
    {
        return array_map(function (Point $corner) use ($matrix): array {
            $at = $matrix->apply($corner);

            return [round($at->x, 3), round($at->y, 3)];
        }, [
            new Point($box->left, $box->top), new Point($box->right, $box->top),
            new Point($box->right, $box->bottom), new Point($box->left, $box->bottom),
        ]);
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
