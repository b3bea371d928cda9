<?php

declare(strict_types=1);

namespace App\Editing;

use Ricamo\Core\Document\LayerFacts;
use Ricamo\Core\Document\StoredLayer;
use Ricamo\Core\Json\Text;
use Ricamo\Core\Kind\LayerKinds;
use Ricamo\Core\Property\References;
use Ricamo\Core\Time\FrameRange;
use stdClass;

/** A layer as a row of the database: its JSON, and what others need to know of it in columns beside. */
final class LayerRow
{
    /** What is read of it. */
    public const COLUMNS = ['layer', 'json', ...self::FACTS];

    /** What is written when the layer changes. */
    public const CHANGED = ['json', ...self::FACTS];

    private const FACTS = ['starts', 'ends', 'kind', 'within', 'marked', 'compositions', 'layers', 'media'];

    public static function read(stdClass $row): StoredLayer
    {
        $facts = new LayerFacts(
            LayerKinds::all()[$row->kind], $row->within,
            new References(self::ids($row->compositions), self::ids($row->layers), self::ids($row->media)),
            (bool) $row->marked,
        );

        return StoredLayer::stored($row->layer, new FrameRange($row->starts, $row->ends), $facts, $row->json);
    }

    /** @return array<string, mixed> */
    public static function of(int $composition, StoredLayer $layer): array
    {
        return ['composition_id' => $composition, 'layer' => $layer->id, 'json' => $layer->json(), ...self::facts($layer)];
    }

    /** @return array<string, mixed> its columns besides its JSON */
    public static function facts(StoredLayer $layer): array
    {
        $facts = $layer->facts;

        return [
            'starts' => $layer->span->in, 'ends' => $layer->span->out, 'kind' => $facts->kind->name(),
            'within' => $facts->group, 'marked' => $facts->hasMarkers,
            'compositions' => self::list($facts->refersTo->compositions), 'layers' => self::list($facts->refersTo->layers),
            'media' => self::list($facts->refersTo->media),
        ];
    }

    /** @return list<string> */
    public static function ids(?string $list): array
    {
        return $list === null ? [] : json_decode($list, true, flags: JSON_THROW_ON_ERROR);
    }

    /** @param  list<string>  $ids */
    private static function list(array $ids): ?string
    {
        return $ids === [] ? null : Text::of($ids);
    }
}
