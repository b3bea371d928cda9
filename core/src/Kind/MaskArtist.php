<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Filter\Blur;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Join;
use Ricamo\Core\Display\MaskMode;
use Ricamo\Core\Display\MaskPart;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Display\Pen;
use Ricamo\Core\Display\Stroke;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Mask\MaskBy;
use Ricamo\Core\Mask\MaskForm;
use Ricamo\Core\Mask\PlacedMask;
use Ricamo\Core\Property\AttachedSettings;

/** Draws what masks are made of. */
final class MaskArtist
{
    /** A feathered edge is as wide as four deviations of the blur that makes it so: beyond them nothing is seen of it. */
    private const DEVIATIONS = 4;

    /** Farther than anything that a layer shows goes beyond its box. */
    private const BEYOND = 20_000.0;

    /**
     * @param  Affine  $matrix  from the layer's own pixels to those that are drawn
     * @param  Affine  $space  from the composition's
     * @param  callable(string): list<Operation>  $layer  what another layer shows
     * @param  callable(): Box  $box  of what the layer shows, in its own pixels
     */
    public static function part(
        PlacedMask $mask, Layer $of, int|float $at, Affine $matrix, Affine $space, callable $layer, callable $box,
    ): MaskPart {
        $settings = AttachedSettings::values($mask, $of, $at);
        $values = new Values($settings);
        $place = $mask->fixed ? $space : $matrix;
        if ($mask->layer !== null) {
            $shown = $layer($mask->layer);
            $operations = $mask->by === MaskBy::Brightness ? MaskPart::bright($shown) : $shown;
            $place = $space;
        } else {
            $operations = match ($mask->form) {
                MaskForm::Free => self::free($values, $place),
                MaskForm::Crop => self::cropped($values, $box(), $place),
                default => self::drawn($mask, $values, $place),
            };
        }
        $deviation = $values->number('feather') * sqrt(abs($place->determinant())) / self::DEVIATIONS;
        $opacity = $values->number('opacity') / 100;
        if ($operations !== [] && ($deviation >= 0.05 || $opacity < 1)) {
            $operations = [new Group($operations, $opacity, filters: $deviation >= 0.05 ? [new Blur($deviation)] : [])];
        }

        return new MaskPart($operations, $mask->mode, $mask->inverted);
    }

    /**
     * An edge at which nothing is cropped leaves what is beyond the box as well, such as the outer half of an outline.
     *
     * @return list<Operation>
     */
    private static function cropped(Values $values, Box $box, Affine $place): array
    {
        [$left, $right] = [$values->length('left', $box->width()), $values->length('right', $box->width())];
        [$top, $bottom] = [$values->length('top', $box->height()), $values->length('bottom', $box->height())];
        if ($left + $right >= $box->width() || $top + $bottom >= $box->height()) {
            return [];
        }
        $within = fn (float $edge): float => $edge > 0 ? $edge : -self::BEYOND;
        $kept = new Box(
            $box->left + $within($left), $box->top + $within($top), $box->right - $within($right), $box->bottom - $within($bottom),
        );

        return [new Fill(Outline::of(Path::rectangle($kept, 0)), $place, new Colour(255, 255, 255))];
    }

    /** @return list<Operation> */
    private static function drawn(PlacedMask $mask, Values $values, Affine $place): array
    {
        $size = $values->size('size');
        $grow = $values->number('grow');
        $box = Box::centred(max(0, $size->width + 2 * $grow), max(0, $size->height + 2 * $grow));
        if ($box->width() <= 0 || $box->height() <= 0) {
            return [];
        }
        if ($mask->form === MaskForm::Ellipse) {
            $path = Path::ellipse($box);
        } else {
            $rounding = $values->length('rounding', min($size->width, $size->height));
            $path = Path::rectangle($box, max(0, $rounding > 0 ? $rounding + $grow : 0));
        }

        return [new Fill(Outline::of($path), self::placed($values, $place), new Colour(255, 255, 255))];
    }

    /**
     * Grown by a line around it, or without as much of its edge.
     *
     * @return list<Operation>
     */
    private static function free(Values $values, Affine $place): array
    {
        $outline = Outline::of($values->path('path')->path());
        if ($outline->isEmpty()) {
            return [];
        }
        $matrix = self::placed($values, $place);
        $white = new Colour(255, 255, 255);
        $fill = new Fill($outline, $matrix, $white);
        $grow = $values->number('grow');
        if (abs($grow) < 0.01) {
            return [$fill];
        }
        $edge = new Stroke($outline, $matrix, $white, new Pen(2 * abs($grow), Join::Round));

        return $grow > 0 ? [$fill, $edge] : [new Group([$fill], masks: [new MaskPart([$edge], MaskMode::Subtract)])];
    }

    /** From the mask's own space to the pixels that are drawn. */
    private static function placed(Values $values, Affine $place): Affine
    {
        $position = $values->point('position');

        return $place->after(Affine::translation($position->x, $position->y))->after(Affine::rotation($values->number('rotation')));
    }
}
