<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Media;

use Ricamo\Core\Json\Node;

/** The argument of edits that are done to several media at once. */
final class MediaIds
{
    /** @return non-empty-list<string> each once */
    public static function read(Node $args): array
    {
        $ids = array_map(fn (Node $id): string => $id->string(64), $args->field('media')->items(5000));

        return $ids === [] ? $args->field('media')->refuse('is empty') : array_values(array_unique($ids));
    }
}
