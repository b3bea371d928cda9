<?php

declare(strict_types=1);

namespace Ricamo\Core\Property;

use WeakMap;

/**
 * What has been made of a layer's properties where none of them has keyframes: it is the same on every frame, and is found again
 * for as long as the layer lives.
 */
final class Resting
{
    /** @var ?WeakMap<Valued, self> */
    private static ?WeakMap $all = null;

    /** @var array<string, mixed> by its name: what was made, or false where it changes */
    public array $made = [];

    public static function of(Valued $layer): self
    {
        self::$all ??= new WeakMap;

        return self::$all[$layer] ??= new self;
    }

    /**
     * Keeps it, if it rests.
     *
     * @template T
     *
     * @param  list<string>  $properties  all that it was made of
     * @param  T  $made
     * @return T
     */
    public function keep(string $name, Valued $layer, array $properties, mixed $made): mixed
    {
        $this->made[$name] = $layer->rests($properties) ? $made : false;

        return $made;
    }
}
