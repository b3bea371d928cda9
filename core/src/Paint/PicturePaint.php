<?php

declare(strict_types=1);

namespace Ricamo\Core\Paint;

use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\MaskPart;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Layout\Fitting;

/**
 * A picture, or a clip or composition that plays on from the layer's in point, seen where something is painted; it covers the box
 * of that before it is zoomed, or is all in it.
 */
final readonly class PicturePaint
{
    /** @param  Values  $values  pan, in the layer's own pixels, zoom and turn */
    public function __construct(private Shown $shown, private Values $values, private Box $box, private Fitting $fitting = Fitting::Fill)
    {
    }

    /**
     * Where operations are, as opaque as they are.
     *
     * @param  non-empty-list<Operation>  $operations
     * @param  Affine  $matrix  from the layer's own pixels to those that are drawn
     * @param  callable(Shown, Affine, Box, Fitting): list<Operation>  $shown  what of it is to be seen, fitted to a box around
     *     the matrix's origin
     * @return list<Operation>
     */
    public function where(array $operations, Affine $matrix, callable $shown): array
    {
        $seen = $this->all($matrix, $shown);

        return $seen === [] ? [] : [new Group($seen, masks: [new MaskPart($operations)])];
    }

    /**
     * All of it, beyond what is painted, too.
     *
     * @param  callable(Shown, Affine, Box, Fitting): list<Operation>  $shown  as above
     * @return list<Operation>
     */
    public function all(Affine $matrix, callable $shown): array
    {
        $centre = $this->box->centre()->plus($this->values->point('pan'));
        $zoom = $this->values->number('zoom') / 100;
        $place = $matrix->after(Affine::translation($centre->x, $centre->y))
            ->after(Affine::rotation($this->values->number('turn')))->after(Affine::scaling($zoom, $zoom));

        return $shown($this->shown, $place, $this->box, $this->fitting);
    }
}
