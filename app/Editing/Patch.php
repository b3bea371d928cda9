<?php

namespace App\Editing;

use Ricamo\Core\Document\Composition as Document;
use Ricamo\Core\Json\Node;
use Swaggest\JsonDiff\JsonDiff;
use Swaggest\JsonDiff\JsonPatch;
use Swaggest\JsonDiff\JsonPatch\Test;

/** Differences between documents as RFC 6902 patches. */
final class Patch
{
    /** @return string the patch that leads from one document to the other, both JSON */
    public static function between(string $from, string $to): string
    {
        $diff = new JsonDiff(json_decode($from), json_decode($to), JsonDiff::SKIP_JSON_MERGE_PATCH);
        // The revision says already what the patch is to be applied to.
        $operations = array_filter($diff->getPatch()->jsonSerialize(), fn (object $operation): bool => ! $operation instanceof Test);

        return json_encode(array_values($operations), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** @return string the document, JSON, with the patch applied */
    public static function apply(string $document, string $patch): string
    {
        $value = json_decode($document);
        JsonPatch::import(json_decode($patch))->apply($value);
        $json = json_encode($value, JSON_THROW_ON_ERROR);

        return \App\Models\Composition::encode(Document::read(Node::decode($json)));
    }
}
