<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use ArrayAccess;
use Countable;
use Generator;
use IteratorAggregate;
use LogicException;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;

/**
 * Layers from the bottom to the top, each with an id of its own. A layer is read when it is asked for; ids, spans and
 * order are known without.
 *
 * @implements IteratorAggregate<int, Layer>
 * @implements ArrayAccess<int, Layer>
 */
final class Stack implements ArrayAccess, Countable, IteratorAggregate
{
    private const MOST = 2000;

    private ?Tree $tree = null;

    /** @param  array<array-key, StoredLayer>  $entries  by id, bottom first */
    public function __construct(private readonly array $entries = [])
    {
    }

    /** @throws Refusal for two layers with one id, and for too many */
    public static function of(Layer ...$layers): self
    {
        return self::stored(...array_map(StoredLayer::of(...), array_values($layers)));
    }

    /** @throws Refusal for two layers with one id, and for too many */
    public static function stored(StoredLayer ...$layers): self
    {
        $entries = [];
        foreach ($layers as $layer) {
            if (isset($entries[$layer->id])) {
                throw new Refusal("\"{$layer->id}\" is already the id of another layer");
            }
            $entries[$layer->id] = $layer;
        }
        if (count($entries) > self::MOST) {
            throw new Refusal('a composition holds at most '.self::MOST.' layers');
        }

        return new self($entries);
    }

    /**
     * @param  Node  $node  a list of layers
     *
     * @throws Refusal for what is none
     */
    public static function read(Node $node): self
    {
        $entries = [];
        foreach ($node->items(self::MOST) as $item) {
            $layer = Layer::read($item);
            if (isset($entries[$layer->id])) {
                $item->field('id')->refuse("\"{$layer->id}\" is already the id of another layer");
            }
            $entries[$layer->id] = StoredLayer::of($layer);
        }
        $read = new self($entries);
        try {
            $read->tree()->check($entries);
        } catch (Refusal $refusal) {
            $node->refuse($refusal->getMessage());
        }

        return $read->inTreeOrder();
    }

    /** @return list<array<string, mixed>> */
    public function toJson(): array
    {
        return array_map(fn (StoredLayer $entry): array => $entry->layer()->toJson(), array_values($this->entries));
    }

    /** @return array<string, mixed> its JSON Schema */
    public static function schema(): array
    {
        return [
            'description' => 'from the bottom of the stack to the top',
            'type' => 'array',
            'items' => ['anyOf' => array_map(
                fn (string $kind): array => ['$ref' => '#/$defs/'.Layer::definitionOf($kind)], array_keys(Kinds::all()),
            )],
        ];
    }

    /** @return array<array-key, StoredLayer> by id, bottom first */
    public function entries(): array
    {
        return $this->entries;
    }

    /** Which layers lie in which groups. */
    public function tree(): Tree
    {
        return $this->tree ??= Tree::of($this->entries);
    }

    /** With what is in a group right beneath it. */
    public function inTreeOrder(): self
    {
        if ($this->tree()->isFlat()) {
            return $this;
        }
        $order = $this->tree()->inOrder($this->ids());

        return $order === $this->ids()
            ? $this
            : new self(array_map(fn (string $id): StoredLayer => $this->entries[$id], array_combine($order, $order)));
    }

    /** @return list<string> bottom first */
    public function ids(): array
    {
        return array_map(strval(...), array_keys($this->entries));
    }

    /** Whether a layer of it changes what lies beneath. */
    public function isAdjusted(): bool
    {
        foreach ($this->entries as $entry) {
            if ($entry->facts->kind->adjusts()) {
                return true;
            }
        }

        return false;
    }

    /** @return array<array-key, FrameRange> by id */
    public function spans(): array
    {
        return array_map(fn (StoredLayer $entry): FrameRange => $entry->span, $this->entries);
    }

    public function has(string $id): bool
    {
        return isset($this->entries[$id]);
    }

    /** @return ?int its place from the bottom */
    public function indexOf(string $id): ?int
    {
        $index = array_search($id, $this->ids(), true);

        return $index === false ? null : $index;
    }

    public function get(string $id): ?Layer
    {
        return isset($this->entries[$id]) ? $this->entries[$id]->layer() : null;
    }

    /** An id that no layer has: the lowest number above all that were given like this. */
    public function freeId(): string
    {
        $highest = 0;
        foreach ($this->ids() as $id) {
            if (preg_match('/^l(\d{1,9})$/', $id, $parts)) {
                $highest = max($highest, (int) $parts[1]);
            }
        }

        return 'l'.($highest + 1);
    }

    /** Puts a layer in the place of the one that has its id. */
    public function replacing(Layer $layer): self
    {
        if ($this->entries[$layer->id]->layer() === $layer) {
            return $this;
        }
        $entries = $this->entries;
        $entries[$layer->id] = StoredLayer::of($layer);

        return new self($entries);
    }

    /** @throws Refusal where the stack is full, or has a layer of this id */
    public function inserting(Layer $layer, int $index): self
    {
        return $this->insertingAll([$layer], $index);
    }

    /**
     * @param  list<Layer>  $layers  bottom first
     *
     * @throws Refusal where the stack is full, or has a layer of one of their ids
     */
    public function insertingAll(array $layers, int $index): self
    {
        $entries = array_values($this->entries);
        array_splice($entries, $index, 0, array_map(StoredLayer::of(...), $layers));

        return self::stored(...$entries);
    }

    /**
     * @param  list<string>  $ids
     * @return list<Layer> those, and all that is in those of them that are groups, bottom first
     */
    public function withAll(array $ids): array
    {
        $wanted = array_fill_keys($this->tree()->withAll($ids), true);

        return array_map(fn (StoredLayer $entry): Layer => $entry->layer(), array_values(array_intersect_key($this->entries, $wanted)));
    }

    /** @param  list<string>  $ids  of which groups go with all that is in them */
    public function without(array $ids): self
    {
        return new self(array_diff_key($this->entries, array_fill_keys($this->tree()->withAll($ids), true)));
    }

    /**
     * With a layer at a place, and others right around it in their order, groups with all that is in them.
     *
     * @param  list<string>  $with
     */
    public function gathering(string $layer, array $with, int $to): self
    {
        $ids = array_fill_keys($this->tree()->withAll([$layer, ...$with]), true);
        $gathered = array_intersect_key($this->entries, $ids);
        $rest = array_values(array_diff_key($this->entries, $ids));
        $before = (int) array_search($layer, array_map(strval(...), array_keys($gathered)), true);
        array_splice($rest, max(0, min(count($rest), $to - $before)), 0, array_values($gathered));

        return self::stored(...$rest);
    }

    /** @param  callable(Layer): Layer  $change  which keeps the id */
    public function map(callable $change): self
    {
        $entries = [];
        foreach ($this->entries as $id => $entry) {
            $changed = $change($entry->layer());
            $entries[$id] = $changed === $entry->layer() ? $entry : StoredLayer::of($changed);
        }

        return new self($entries);
    }

    /**
     * Layers of which this is true; the others are not read.
     *
     * @param  callable(LayerFacts): bool  $is
     * @return Generator<int, Layer>
     */
    public function where(callable $is): Generator
    {
        foreach ($this->entries as $entry) {
            if ($is($entry->facts)) {
                yield $entry->layer();
            }
        }
    }

    /** @return list<string> the ids of the compositions that are placed, for each time that they are */
    public function placings(): array
    {
        return array_merge(...array_map(
            fn (StoredLayer $entry): array => $entry->facts->refersTo->compositions, array_values($this->entries),
        ));
    }

    /** @return list<StoredLayer> those that are not the very same as in $before */
    public function changedFrom(self $before): array
    {
        return array_values(array_filter(
            $this->entries, fn (StoredLayer $entry): bool => ($before->entries[$entry->id] ?? null) !== $entry,
        ));
    }

    /** @return list<StoredLayer> those that are not in $after */
    public function goneIn(self $after): array
    {
        return array_values(array_diff_key($this->entries, $after->entries));
    }

    /** @return Generator<int, Layer> */
    public function getIterator(): Generator
    {
        foreach (array_values($this->entries) as $index => $entry) {
            yield $index => $entry->layer();
        }
    }

    public function count(): int
    {
        return count($this->entries);
    }

    public function offsetExists(mixed $offset): bool
    {
        return $offset >= 0 && $offset < count($this->entries);
    }

    /** @throws Refusal where there are fewer layers */
    public function offsetGet(mixed $offset): Layer
    {
        return (array_values($this->entries)[$offset] ?? throw new Refusal("there is no layer at place $offset"))->layer();
    }

    public function offsetSet(mixed $offset, mixed $value): void
    {
        throw new LogicException('a stack does not change');
    }

    public function offsetUnset(mixed $offset): void
    {
        throw new LogicException('a stack does not change');
    }
}
