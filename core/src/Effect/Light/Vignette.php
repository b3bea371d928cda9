<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Light;

use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\MaskPart;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\FitsLayer;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;

/** A colour that comes in from beyond, as at the edges of a lens; of what is there alone. */
final class Vignette implements Effect, FitsLayer
{
    /** Farther than anything is seen, in the layer's own pixels. */
    private const FAR = 50_000;

    public function name(): string
    {
        return 'vignette';
    }

    public function title(): string
    {
        return 'Vignette';
    }

    public function settings(): array
    {
        return [
            Setting::colour('colour', 'Colour', '#000000'),
            Setting::percent('amount', 'Amount', 70),
            Setting::centre(),
            Setting::pixels('radius', 'Radius', 1100, 20_000),
            Setting::percent('softness', 'Softness', 60),
        ];
    }

    public function fitted(Box $box): array
    {
        return ['centre' => $box->centre(), 'radius' => hypot($box->width(), $box->height()) / 2];
    }

    public function times(): int
    {
        return 2;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $colour = $values->colour('colour');
        $clear = $colour->faded(0);
        $radius = max(1e-3, $values->number('radius'));
        $inner = max(0.0, min(0.999, 1 - $values->number('softness') / 100));
        $centre = $values->point('centre');
        $gradient = new Gradient(
            new Affine($radius, 0, 0, $radius, $centre->x, $centre->y),
            [[$inner, $clear], [1.0, $colour->faded($values->number('amount') / 100)]],
            new Point(0, 0),
        );
        $all = Outline::of(Path::rectangle(new Box(
            $centre->x - self::FAR, $centre->y - self::FAR, $centre->x + self::FAR, $centre->y + self::FAR,
        )));

        return [...$operations, new Group([new Fill($all, $place->matrix, $gradient)], masks: [new MaskPart($operations)])];
    }
}
