<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Group;

use Ricamo\Core\Display\Group;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Kind\Artist;
use Ricamo\Core\Kind\Materials;
use Ricamo\Core\Kind\Moment;

/** Draws what is in a group, in the group's own space. */
final readonly class GroupArtist implements Artist
{
    public function __construct(private Materials $materials)
    {
    }

    public function draw(Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array
    {
        assert($layer->content instanceof GroupContent);
        $operations = ($this->materials->members)($layer, $composition, $moment->in($matrix));

        return $layer->content->isolated && $operations !== [] ? [new Group($operations)] : $operations;
    }

    /** Around all that is seen of it then, or around all that is in it where nothing is. */
    public function box(Layer $layer, Composition $composition, int|float $at): Box
    {
        $boxes = ($this->materials->boxes)($layer, $composition, $at);

        return $boxes === [] ? new Box(0, 0, 0, 0) : array_reduce($boxes, fn (Box $all, Box $one): Box => $all->union($one), $boxes[0]);
    }
}
