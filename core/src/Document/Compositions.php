<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Countable;
use Generator;
use IteratorAggregate;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/**
 * The compositions of a project in their order, and those that were removed from it, which can be brought back.
 *
 * @implements IteratorAggregate<int, Composition>
 */
final readonly class Compositions implements Countable, IteratorAggregate
{
    private const MOST = 500;

    /**
     * @param  array<array-key, StoredComposition>  $entries  by id, removed ones included
     * @param  list<string>  $ids  of those that are not removed
     */
    private function __construct(private array $entries, private array $ids)
    {
    }

    public static function of(Composition ...$compositions): self
    {
        $entries = array_map(StoredComposition::of(...), array_values($compositions));

        return new self(array_column($entries, null, 'id'), array_column($entries, 'id'));
    }

    /**
     * @param  iterable<StoredComposition>  $entries
     * @param  list<string>  $ids  of those that are not removed, in their order
     */
    public static function stored(iterable $entries, array $ids): self
    {
        $byId = [];
        foreach ($entries as $entry) {
            $byId[$entry->id] = $entry;
        }

        return new self($byId, array_values(array_filter($ids, fn (string $id): bool => isset($byId[$id]))));
    }

    /**
     * @param  Node  $node  a list of compositions
     *
     * @throws Refusal for what is none
     */
    public static function read(Node $node): self
    {
        $entries = [];
        foreach ($node->items(self::MOST) as $item) {
            $composition = Composition::read($item);
            if (isset($entries[$composition->id])) {
                $item->field('id')->refuse("\"{$composition->id}\" is already the id of another composition");
            }
            $entries[$composition->id] = StoredComposition::of($composition);
        }

        return $entries === [] ? $node->refuse('is empty') : new self($entries, array_map(strval(...), array_keys($entries)));
    }

    /** @return array<string, mixed> its JSON Schema */
    public static function schema(): array
    {
        return ['type' => 'array', 'minItems' => 1, 'maxItems' => self::MOST, 'items' => ['$ref' => '#/$defs/Composition']];
    }

    /** @return list<string> in their order */
    public function ids(): array
    {
        return $this->ids;
    }

    /** @return list<StoredComposition> in their order */
    public function entries(): array
    {
        return array_map(fn (string $id): StoredComposition => $this->entries[$id], $this->ids);
    }

    public function has(string $id): bool
    {
        return in_array($id, $this->ids, true);
    }

    /** Whether there is one of this id, removed or not. */
    public function knows(string $id): bool
    {
        return isset($this->entries[$id]);
    }

    /** @throws Refusal where there is none of this id, or where it was removed */
    public function get(string $id): Composition
    {
        return $this->has($id) ? $this->entries[$id]->composition() : throw new Refusal("there is no composition \"$id\"");
    }

    /**
     * @return StoredComposition removed or not
     *
     * @throws Refusal where there is none of this id
     */
    public function entry(string $id): StoredComposition
    {
        return $this->entries[$id] ?? throw new Refusal("there is no composition \"$id\"");
    }

    /** @throws Refusal where there is none of this id, or where it was removed */
    public function indexOf(string $id): int
    {
        $index = array_search($id, $this->ids, true);

        return $index === false ? throw new Refusal("there is no composition \"$id\"") : $index;
    }

    /** An id that no composition has, or has had. */
    public function freeId(): string
    {
        $highest = 0;
        foreach (array_keys($this->entries) as $id) {
            if (preg_match('/^c(\d{1,15})$/', (string) $id, $parts)) {
                $highest = max($highest, (int) $parts[1]);
            }
        }

        return 'c'.($highest + 1);
    }

    /** A name like this that no other has: "Title", "Title 2", "Title 3". */
    public function freeName(string $name): string
    {
        $taken = array_map(fn (StoredComposition $entry): string => $entry->name, $this->entries());
        $stem = mb_substr((string) preg_replace('/ \d{1,4}$/', '', $name), 0, 190);
        for ($free = $name, $number = 2; in_array($free, $taken, true); $number++) {
            $free = "$stem $number";
        }

        return $free;
    }

    public function replacing(Composition $composition): self
    {
        return $this->entries[$composition->id]->composition() === $composition ? $this : $this->with(StoredComposition::of($composition));
    }

    public function with(StoredComposition $entry): self
    {
        $entries = $this->entries;
        $entries[$entry->id] = $entry;

        return new self($entries, $this->ids);
    }

    /** @throws Refusal where the project is full */
    public function inserting(Composition $composition, int $index): self
    {
        return $this->with(StoredComposition::of($composition))->ordered($this->idsWith($composition->id, $index));
    }

    /** @param  list<string>  $ids  of those that are not to be removed, in their order */
    public function ordered(array $ids): self
    {
        return new self($this->entries, $ids);
    }

    /**
     * @return list<string>
     *
     * @throws Refusal where the project is full
     */
    public function idsWith(string $id, int $index): array
    {
        if (count($this->ids) >= self::MOST) {
            throw new Refusal('a project holds at most '.self::MOST.' compositions');
        }
        $ids = $this->ids;
        array_splice($ids, $index, 0, [$id]);

        return $ids;
    }

    /**
     * @return list<StoredComposition> those, removed or not, that are not the very same as in $before
     */
    public function changedFrom(self $before): array
    {
        return array_values(array_filter(
            $this->entries, fn (StoredComposition $entry): bool => ($before->entries[$entry->id] ?? null) !== $entry,
        ));
    }

    /** @param  callable(Composition): Composition  $change  which keeps the id */
    public function map(callable $change): self
    {
        $mapped = $this;
        foreach ($this as $composition) {
            $mapped = $mapped->replacing($change($composition));
        }

        return $mapped;
    }

    /** @return Generator<int, Composition> */
    public function getIterator(): Generator
    {
        foreach ($this->ids as $index => $id) {
            yield $index => $this->entries[$id]->composition();
        }
    }

    public function count(): int
    {
        return count($this->ids);
    }
}
