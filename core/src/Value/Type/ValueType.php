<?php

declare(strict_types=1);

namespace Ricamo\Core\Value\Type;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/**
 * A type of value that a property can have: all that is particular to it. Everything else handles values without
 * looking at them, and hands each back to the type it came from.
 */
interface ValueType
{
    /** What the vocabulary and the interface know it by. */
    public function name(): string;

    /**
     * @param  ?float  $least  of each number in it
     * @param  ?float  $most  likewise
     *
     * @throws Refusal with the place, for anything that is no such value
     */
    public function read(Node $node, ?float $least = null, ?float $most = null): mixed;

    /**
     * What `read` makes of a value that is plainly one of the type; null where that has to be looked at more closely. Documents hold
     * tens of thousands of values, and nearly all of them are as they should be.
     */
    public function plain(mixed $json, ?float $least, ?float $most): mixed;

    /** As documents hold it, which `read` takes back. */
    public function write(mixed $value): mixed;

    /** @param  float  $t 0 gives $from, 1 gives $to; easings that overshoot go beyond */
    public function mix(mixed $from, mixed $to, float $t): mixed;

    /** $value, changed by what leads from $from to $to; simply $to where values cannot be added. */
    public function shifted(mixed $value, mixed $from, mixed $to): mixed;

    /** @return list<float> the numbers that its curve over time is drawn from */
    public function channels(mixed $value): array;

    /**
     * The value that is made of such numbers; null for a type whose values are not made of numbers.
     *
     * @param  list<float>  $channels
     */
    public function made(array $channels): mixed;

    /** Whether a course of such values is a path, which has a direction. */
    public function travels(): bool;

    /** The colour that it is, for a thread that shows colours. */
    public function swatch(mixed $value): ?string;

    /** @return list<string> what its numbers are called where it has one along each axis; empty for a single value */
    public function axes(): array;

    /** Whether a sum may be typed for it, or for one of its axes. */
    public function takesSums(): bool;

    /** @return array<string, mixed> its JSON Schema */
    public function schema(?float $least, ?float $most): array;
}
