<?php

declare(strict_types=1);

namespace Ricamo\Core\Display\Filter;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;

/** Something done to the pixels of a group's sheet. `docs/display-list.md` says exactly what each one means. */
interface Filter
{
    /** As the display list holds it, JSON. */
    public function encode(): string;

    /**
     * A copy for a space that is placed in another one. @param  Affine  $space  from the pixels that it was meant for to those
     * that are drawn
     */
    public function placed(Affine $space): self;

    /** The pixels that it can touch, of what touched those of a box; in composition pixels. */
    public function reach(Box $box): Box;
}
