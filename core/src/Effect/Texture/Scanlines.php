<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Texture;

use Ricamo\Core\Display\Cap;
use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Join;
use Ricamo\Core\Display\MaskPart;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Display\Pen;
use Ricamo\Core\Display\Stroke;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Geometry\Path;

/** Level lines over the layer, as on a screen. */
final class Scanlines implements Effect
{
    /** The least distance from one line to the next, in the layer's own pixels. */
    private const LEAST = 2.0;

    public function name(): string
    {
        return 'scanlines';
    }

    public function title(): string
    {
        return 'Scanlines';
    }

    public function settings(): array
    {
        return [
            Setting::colour('colour', 'Colour', '#00000073'),
            Setting::pixels('spacing', 'Spacing', 8, 2000),
            Setting::percent('thickness', 'Thickness', 50),
            Setting::count('offset', 'Offset', 0, -100_000, 100_000, 'px'),
        ];
    }

    public function times(): int
    {
        return 2;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $extent = DisplayList::extentOf($operations);
        $spacing = max(self::LEAST, $values->number('spacing'));
        $thickness = $spacing * $values->number('thickness') / 100;
        if ($extent === null || $thickness <= 0) {
            return $operations;
        }
        $own = $place->own($extent)->grown(1);
        // One upright line as wide as the layer, broken so that what is left of it are the level ones; from where a line begins.
        $top = floor($own->top / $spacing) * $spacing;
        $middle = $own->centre()->x;
        $line = Outline::of(new Path('ML', [$middle, $top, $middle, $own->bottom]));
        $pen = new Pen(
            $own->width(), Join::Miter, Cap::Butt, [$thickness, $spacing - $thickness], -fmod($values->number('offset'), $spacing),
        );

        return [
            ...$operations,
            new Group([new Stroke($line, $place->matrix, $values->colour('colour'), $pen)], masks: [new MaskPart($operations)]),
        ];
    }
}
