<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** What a project keeps at hand: colours, and under a name each easings, effects and moves. */
final readonly class Kept
{
    /** Of each of them. */
    public const MOST = 200;

    /** The names of the lists. */
    public const LISTS = ['swatches', 'curves', 'looks', 'motions'];

    /**
     * @param  list<Swatch>  $swatches
     * @param  list<NamedCurve>  $curves
     * @param  list<NamedLook>  $looks
     * @param  list<NamedMotion>  $motions
     */
    public function __construct(
        public array $swatches = [],
        public array $curves = [],
        public array $looks = [],
        public array $motions = [],
    ) {
    }

    /** @param  callable(string): ?Node  $list  the list of a name; null for an empty one */
    public static function read(callable $list): self
    {
        $items = fn (string $name): array => $list($name)?->items(self::MOST) ?? [];

        return new self(
            array_map(Swatch::read(...), $items('swatches')), array_map(NamedCurve::read(...), $items('curves')),
            array_map(NamedLook::read(...), $items('looks')), array_map(NamedMotion::read(...), $items('motions')),
        );
    }

    /** @return array{swatches: list<mixed>, curves: list<mixed>, looks: list<mixed>, motions: list<mixed>} */
    public function toJson(): array
    {
        return [
            'swatches' => array_map(fn (Swatch $one): array => $one->toJson(), $this->swatches),
            'curves' => array_map(fn (NamedCurve $one): array => $one->toJson(), $this->curves),
            'looks' => array_map(fn (NamedLook $one): array => $one->toJson(), $this->looks),
            'motions' => array_map(fn (NamedMotion $one): array => $one->toJson(), $this->motions),
        ];
    }

    /** With another one behind the others, or in the place of the one that has its name. */
    public function with(NamedCurve|NamedLook|NamedMotion $one): self
    {
        return match (true) {
            $one instanceof NamedCurve => $this->having(curves: self::put($this->curves, $one, 'curves')),
            $one instanceof NamedLook => $this->having(looks: self::put($this->looks, $one, 'looks')),
            $one instanceof NamedMotion => $this->having(motions: self::put($this->motions, $one, 'moves')),
        };
    }

    /**
     * With other lists.
     *
     * @param  ?list<Swatch>  $swatches
     * @param  ?list<NamedCurve>  $curves
     * @param  ?list<NamedLook>  $looks
     * @param  ?list<NamedMotion>  $motions
     */
    public function having(?array $swatches = null, ?array $curves = null, ?array $looks = null, ?array $motions = null): self
    {
        return new self($swatches ?? $this->swatches, $curves ?? $this->curves, $looks ?? $this->looks, $motions ?? $this->motions);
    }

    /**
     * A list without the one at a place, 0 being the first.
     *
     * @template T
     *
     * @param  list<T>  $list
     * @return list<T>
     */
    public static function without(array $list, Node $place): array
    {
        array_splice($list, $place->int(0, count($list) - 1), 1);

        return $list;
    }

    /**
     * @template T of NamedCurve|NamedLook|NamedMotion
     *
     * @param  list<T>  $list
     * @param  T  $thing
     * @param  string  $called  what they are in a word
     * @return list<T>
     */
    private static function put(array $list, NamedCurve|NamedLook|NamedMotion $thing, string $called): array
    {
        $place = array_search($thing->name, array_map(fn (NamedCurve|NamedLook|NamedMotion $one): string => $one->name, $list), true);
        if ($place === false && count($list) >= self::MOST) {
            throw new Refusal('a project keeps at most '.self::MOST." $called");
        }
        $list[$place === false ? count($list) : $place] = $thing;

        return array_values($list);
    }
}
