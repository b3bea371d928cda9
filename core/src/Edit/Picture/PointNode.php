<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Json\Node;

/** Reads a place or distance on the picture, `[x, y]` in composition pixels. */
final class PointNode
{
    /** @return array{float, float} */
    public static function read(Node $node): array
    {
        $items = $node->items(2);

        return count($items) === 2
            ? [$items[0]->number(-1e6, 1e6), $items[1]->number(-1e6, 1e6)]
            : $node->refuse('must be a pair of numbers');
    }
}
