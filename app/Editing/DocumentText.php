<?php

namespace App\Editing;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Stack;
use Ricamo\Core\Document\StoredLayer;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Text;
use Ricamo\Core\Time\FrameRange;
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

    /** @param  iterable<stdClass>  $rows  {layer, starts, ends, json}, in any order */
    public static function read(string $head, iterable $rows): Composition
    {
        $node = Node::decode($head);
        $stored = [];
        foreach ($rows as $row) {
            $stored[$row->layer] = StoredLayer::stored($row->layer, new FrameRange($row->starts, $row->ends), $row->json);
        }

        return Composition::readHead($node, Stack::stored(...array_map(
            fn (Node $id): StoredLayer => $stored[$id->string()], $node->field('layers')->items(),
        )));
    }

    /**
     * @param  iterable<StoredLayer>  $layers
     * @return list<array{composition_id: int, layer: string, starts: int, ends: int, json: string}>
     */
    public static function rows(int $composition, iterable $layers): array
    {
        $rows = [];
        foreach ($layers as $layer) {
            $rows[] = ['composition_id' => $composition, 'layer' => $layer->id, 'starts' => $layer->span->in, 'ends' => $layer->span->out, 'json' => $layer->json()];
        }

        return $rows;
    }
}
