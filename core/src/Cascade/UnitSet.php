<?php

declare(strict_types=1);

namespace Ricamo\Core\Cascade;

use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;

/** The units of a cascade, where they rest in the layer's own space, and which parts of what is drawn belong to each. */
final readonly class UnitSet
{
    /**
     * @param  list<Box>  $boxes  of the units, in the order in which they are read
     * @param  list<Point>  $middles  of the line that each is in, towards which it is gathered
     * @param  list<?int>  $of  the unit of each part that is drawn; null for one that belongs to none
     */
    public function __construct(public array $boxes, public array $middles, public array $of)
    {
    }
}
