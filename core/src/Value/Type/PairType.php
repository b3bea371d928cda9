<?php

declare(strict_types=1);

namespace Ricamo\Core\Value\Type;

use Ricamo\Core\Json\Node;

/** What points and sizes have in common: two numbers, written `[a, b]`. */
abstract class PairType implements ValueType
{
    /** @return array{float, float} */
    protected function pair(Node $node, ?float $least, ?float $most): array
    {
        $items = $node->items();
        if (count($items) !== 2) {
            $node->refuse('must be a pair of numbers');
        }

        return [$items[0]->number($least, $most), $items[1]->number($least, $most)];
    }

    /** @return array{float, float}|null */
    protected function plainPair(mixed $json, ?float $least, ?float $most): ?array
    {
        if (! is_array($json) || count($json) !== 2 || ! isset($json[0], $json[1])) {
            return null;
        }
        [$a, $b] = $json;
        if (! (is_int($a) || is_float($a)) || ! (is_int($b) || is_float($b)) || ! is_finite($a) || ! is_finite($b)) {
            return null;
        }
        $isWithin = ($least === null || ($a >= $least && $b >= $least)) && ($most === null || ($a <= $most && $b <= $most));

        return $isWithin ? [(float) $a, (float) $b] : null;
    }

    public function write(mixed $value): mixed
    {
        return $this->channels($value);
    }

    public function swatch(mixed $value): ?string
    {
        return null;
    }

    public function takesSums(): bool
    {
        return true;
    }

    public function schema(?float $least, ?float $most): array
    {
        return ['type' => 'array', 'items' => (new NumberType)->schema($least, $most), 'minItems' => 2, 'maxItems' => 2];
    }
}
