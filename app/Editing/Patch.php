<?php

declare(strict_types=1);

namespace App\Editing;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\StoredLayer;
use Ricamo\Core\Json\Text;
use stdClass;
use Swaggest\JsonDiff\Exception;
use Swaggest\JsonDiff\JsonDiff;
use Swaggest\JsonDiff\JsonPatch;
use Swaggest\JsonDiff\JsonPatch\Replace;
use Swaggest\JsonDiff\JsonPatch\Test;
use Swaggest\JsonDiff\JsonPointer;

/**
 * Differences between documents as RFC 6902 patches. Documents are immutable, so what an edit left alone is the very
 * same layer in both: only the others are compared.
 */
final class Patch
{
    /** @return string the patch that leads from one composition to the other, JSON */
    public static function between(Composition $from, Composition $to): string
    {
        $operations = [
            ...self::differences(self::plain(Text::of($from->headJson())), self::plain(Text::of($to->headJson())), ''),
            ...self::rearrangement($from->layers->ids(), array_values($to->layers->entries())),
        ];
        foreach ($to->layers->changedFrom($from->layers) as $layer) {
            $before = $from->layers->entries()[$layer->id] ?? null;
            if ($before !== null) {
                array_push(
                    $operations,
                    ...self::differences(self::plain($before->json()), self::plain($layer->json()), "/layers/{$to->indexOf($layer->id)}"),
                );
            }
        }

        return json_encode($operations, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /**
     * A patch that tests what it replaces, so that it does nothing to what is not as it was.
     *
     * @param  string  $from  JSON of an object
     * @param  string  $to  JSON of an object
     */
    public static function guarded(string $from, string $to): string
    {
        return Text::of(self::operations(self::plain($from), self::plain($to)));
    }

    /** @return ?string the value after a guarded patch, JSON; null where something is not what the patch replaces */
    public static function turned(string $value, string $patch): ?string
    {
        $turned = self::plain($value);
        try {
            JsonPatch::import(json_decode($patch))->apply($turned);
        } catch (Exception) {
            return null;
        }

        return Text::of($turned);
    }

    /**
     * Takes the stack to its new order: what lies between the ends that stayed is taken out and put in again, or moved
     * where it is a single layer that went elsewhere.
     *
     * @param  list<string>  $from  ids
     * @param  list<StoredLayer>  $to
     * @return list<array<string, mixed>>
     */
    private static function rearrangement(array $from, array $to): array
    {
        $ids = array_column($to, 'id');
        for ($start = 0; isset($from[$start], $ids[$start]) && $from[$start] === $ids[$start]; $start++);
        for (
            $end = 0; $end < min(count($from), count($ids)) - $start
            && $from[count($from) - 1 - $end] === $ids[count($ids) - 1 - $end]; $end++
        );
        $before = array_slice($from, $start, count($from) - $start - $end);
        $after = array_slice($ids, $start, count($ids) - $start - $end);
        $last = $start + count($after) - 1;
        if (count($before) > 1 && [...array_slice($before, 1), $before[0]] === $after) {
            return [['op' => 'move', 'from' => "/layers/$start", 'path' => "/layers/$last"]];
        }
        if (count($before) > 1 && [...array_slice($before, -1), ...array_slice($before, 0, -1)] === $after) {
            return [['op' => 'move', 'from' => "/layers/$last", 'path' => "/layers/$start"]];
        }
        $operations = [];
        for ($index = $start + count($before) - 1; $index >= $start; $index--) {
            $operations[] = ['op' => 'remove', 'path' => "/layers/$index"];
        }
        for ($index = $start; $index <= $last; $index++) {
            $operations[] = ['op' => 'add', 'path' => "/layers/$index", 'value' => self::plain($to[$index]->json())];
        }

        return $operations;
    }

    /** @return list<array<string, mixed>> */
    private static function differences(stdClass $original, stdClass $new, string $path): array
    {
        // A test guards each change; the revision says already what this patch is to be applied to.
        $changes = array_filter(self::operations($original, $new), fn (array $operation): bool => $operation['op'] !== 'test');

        return array_values(array_map(fn (array $operation): array => [...$operation, 'path' => $path.$operation['path']], $changes));
    }

    /** @return list<array<string, mixed>> */
    private static function operations(stdClass $original, stdClass $new): array
    {
        $replaced = self::replaceWhereKindsDiffer($original, $new, '');
        $diff = new JsonDiff($original, $new, JsonDiff::SKIP_JSON_MERGE_PATCH);

        return array_map(
            fn (object $operation): array => (array) json_decode(Text::of($operation)),
            [...$replaced, ...$diff->getPatch()->jsonSerialize()],
        );
    }

    private static function plain(string $json): stdClass
    {
        $plain = json_decode($json, flags: JSON_THROW_ON_ERROR);
        assert($plain instanceof stdClass);

        return $plain;
    }

    /**
     * The library compares a list with an object member by member, which makes no valid patch. Such places (a value that
     * gets its first keyframe, say) are replaced as a whole, here and in $original, before it sees them.
     *
     * @return list<Test|Replace>
     */
    private static function replaceWhereKindsDiffer(mixed &$original, mixed $new, string $path): array
    {
        $operations = [];
        foreach (self::members($original) as $key => $value) {
            $counterpart = self::members($new)[$key] ?? null;
            $below = $path.'/'.JsonPointer::escapeSegment((string) $key);
            if (is_array($value) && $counterpart instanceof stdClass || $value instanceof stdClass && is_array($counterpart)) {
                array_push($operations, new Test($below, $value), new Replace($below, $counterpart));
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
