<?php

namespace App\Editing;

use App\Models\Composition;
use Ricamo\Core\Document\Composition as Document;
use Ricamo\Core\Json\Node;
use stdClass;
use Swaggest\JsonDiff\JsonDiff;
use Swaggest\JsonDiff\JsonPatch;
use Swaggest\JsonDiff\JsonPatch\Replace;
use Swaggest\JsonDiff\JsonPatch\Test;
use Swaggest\JsonDiff\JsonPointer;

/** Differences between documents as RFC 6902 patches. */
final class Patch
{
    /** @return string the patch that leads from one document to the other, both JSON */
    public static function between(string $from, string $to): string
    {
        $original = json_decode($from);
        $new = json_decode($to);
        $operations = self::replaceWhereKindsDiffer($original, $new, '');
        $diff = new JsonDiff($original, $new, JsonDiff::SKIP_JSON_MERGE_PATCH);
        foreach ($diff->getPatch()->jsonSerialize() as $operation) {
            // The revision says already what the patch is to be applied to.
            if (! $operation instanceof Test) {
                $operations[] = $operation;
            }
        }

        return json_encode($operations, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** @return string the document, JSON, with the patch applied */
    public static function apply(string $document, string $patch): string
    {
        $value = json_decode($document);
        JsonPatch::import(json_decode($patch))->apply($value);

        return Composition::encode(Document::read(Node::decode(json_encode($value, JSON_THROW_ON_ERROR))));
    }

    /**
     * The library compares a list with an object member by member, which makes no valid patch. Such places (a value that
     * gets its first keyframe, say) are replaced as a whole, here and in $original, before it sees them.
     *
     * @return list<Replace>
     */
    private static function replaceWhereKindsDiffer(mixed &$original, mixed $new, string $path): array
    {
        $operations = [];
        foreach (self::members($original) as $key => $value) {
            $counterpart = self::members($new)[$key] ?? null;
            $below = $path.'/'.JsonPointer::escapeSegment((string) $key);
            if (is_array($value) && $counterpart instanceof stdClass || $value instanceof stdClass && is_array($counterpart)) {
                $operations[] = new Replace($below, $counterpart);
                $value = $counterpart;
            } else {
                array_push($operations, ...self::replaceWhereKindsDiffer($value, $counterpart, $below));
            }
            if ($original instanceof stdClass) {
                $original->{$key} = $value;
            } else {
                $original[$key] = $value;
            }
        }

        return $operations;
    }

    /** @return array<array-key, mixed> */
    private static function members(mixed $value): array
    {
        return $value instanceof stdClass ? get_object_vars($value) : (is_array($value) ? $value : []);
    }
}
