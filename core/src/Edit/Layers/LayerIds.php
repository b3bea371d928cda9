<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Json\Node;

/** Reads the list of layers that an edit is about. */
final class LayerIds
{
    /** @return non-empty-list<string> */
    public static function read(Node $args): array
    {
        $ids = array_map(fn (Node $id): string => $id->string(64), $args->field('layers')->items(2000));

        return $ids === [] ? $args->field('layers')->refuse('is empty') : array_values(array_unique($ids));
    }
}
