<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Refusal;

/** Which layers of a stack lie in which groups. What is said to be in a group that is not there is in none. */
final readonly class Tree
{
    /** How many groups may lie within one another. */
    public const DEEPEST = 24;

    /**
     * @param  array<array-key, string>  $groups  the group that each layer is in, by the layer's id
     * @param  array<array-key, list<string>>  $members  what is in each group, bottom first, by the group's id
     */
    private function __construct(private array $groups, private array $members)
    {
    }

    /** @param  array<array-key, StoredLayer>  $entries  by id, bottom first */
    public static function of(array $entries): self
    {
        [$groups, $members] = [[], []];
        foreach ($entries as $id => $entry) {
            $group = $entry->facts->group;
            if ($group !== null && isset($entries[$group])) {
                $groups[$id] = $group;
                $members[$group][] = (string) $id;
            }
        }

        return new self($groups, $members);
    }

    /** Whether no layer is in a group. */
    public function isFlat(): bool
    {
        return $this->groups === [];
    }

    /** The group that a layer is in; null for none. */
    public function groupOf(string $id): ?string
    {
        return $this->groups[$id] ?? null;
    }

    public function isGrouped(string $id): bool
    {
        return isset($this->groups[$id]);
    }

    /** @return list<string> the groups that a layer is in, the nearest first */
    public function above(string $id): array
    {
        $above = [];
        while (isset($this->groups[$id]) && count($above) <= self::DEEPEST) {
            $above[] = $id = $this->groups[$id];
        }

        return $above;
    }

    /** @return list<string> what is in a group itself, bottom first */
    public function members(string $id): array
    {
        return $this->members[$id] ?? [];
    }

    /** @return list<string> all that is in a group, and in the groups in it, bottom first: each group right above what is in it */
    public function within(string $id): array
    {
        $within = [];
        foreach ($this->members[$id] ?? [] as $member) {
            array_push($within, ...$this->within($member), ...[$member]);
        }

        return $within;
    }

    /**
     * @param  list<string>  $ids
     * @return list<string> these layers, and all that is in those of them that are groups
     */
    public function withAll(array $ids): array
    {
        return $this->isFlat()
            ? $ids
            : array_values(array_unique(array_merge(...array_map(fn (string $id): array => [...$this->within($id), $id], $ids))));
    }

    /**
     * @param  list<string>  $ids
     * @return list<string> those of them that are in none of the others
     */
    public function outermost(array $ids): array
    {
        return $this->isFlat()
            ? $ids
            : array_values(array_filter($ids, fn (string $id): bool => array_intersect($this->above($id), $ids) === []));
    }

    /**
     * @param  list<string>  $ids  bottom first
     * @return list<string> the same with what is in a group right beneath it
     */
    public function inOrder(array $ids): array
    {
        $order = [];
        foreach ($ids as $id) {
            if (! isset($this->groups[$id])) {
                array_push($order, ...$this->within($id), ...[$id]);
            }
        }

        return $order;
    }

    /**
     * @param  array<array-key, StoredLayer>  $entries
     *
     * @throws Refusal for a layer that is in what is no group, in itself, or too deep
     */
    public function check(array $entries): void
    {
        foreach ($entries as $id => $entry) {
            $group = $entry->facts->group;
            if ($group === null) {
                continue;
            }
            if (! isset($entries[$group]) || ! $entries[$group]->facts->kind->holdsLayers()) {
                throw new Refusal("“{$entry->layer()->name}” is said to be in \"$group\", which is no group");
            }
            $above = $this->above((string) $id);
            if (in_array((string) $id, $above, true)) {
                throw new Refusal("“{$entry->layer()->name}” cannot be in itself");
            }
            if (count($above) > self::DEEPEST) {
                throw new Refusal('groups lie within one another '.self::DEEPEST.' deep at most');
            }
        }
    }
}
