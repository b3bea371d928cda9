<?php

declare(strict_types=1);

namespace App\Editing;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Stack;
use Ricamo\Core\Document\StoredLayer;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Text;
use stdClass;

/**
 * A composition as it is stored, JSON in parts: a head with the ids of the layers in their order, and a row for each
 * layer, so that only layers which an edit touches are read, and only those that are not the very same as before written.
 */
final class DocumentText
{
    /** The whole composition, JSON. */
    public static function whole(Composition $document): string
    {
        $layers = array_map(fn (StoredLayer $layer): string => $layer->json(), array_values($document->layers->entries()));

        return substr(Text::of($document->headJson()), 0, -1).',"layers":'.Text::list($layers).'}';
    }

    public static function head(Composition $document): string
    {
        return Text::of([...$document->headJson(), 'layers' => $document->layers->ids()]);
    }

    /** @param  iterable<stdClass>  $rows  as `LayerRow` has them, in any order */
    public static function read(string $head, iterable $rows): Composition
    {
        $node = Node::decode($head);
        $stored = [];
        foreach ($rows as $row) {
            $stored[$row->layer] = LayerRow::read($row);
        }

        return Composition::readHead($node, Stack::stored(...array_map(
            fn (Node $id): StoredLayer => $stored[$id->string()], $node->field('layers')->items(),
        )));
    }

    /**
     * @param  iterable<StoredLayer>  $layers
     * @return list<array<string, mixed>>
     */
    public static function rows(int $composition, iterable $layers): array
    {
        $rows = [];
        foreach ($layers as $layer) {
            $rows[] = LayerRow::of($composition, $layer);
        }

        return $rows;
    }
}
