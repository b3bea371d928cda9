<?php

declare(strict_types=1);

namespace Ricamo\Core\Json;

use ReflectionClass;

/** Copies of objects that never change themselves. */
final class Altered
{
    /** @var array<class-string, array<string, int>> the names of the constructor's parameters, by class */
    private static array $parameters = [];

    /**
     * A copy with some of what it was made of exchanged.
     *
     * @template T of object
     *
     * @param  T  $of  every parameter of whose constructor is a property
     * @param  array<string, mixed>  $changed  by the name of the parameter
     * @return T
     */
    public static function copy(object $of, array $changed): object
    {
        self::$parameters[$of::class] ??= self::parameters($of::class);
        $same = array_intersect_key(get_object_vars($of), self::$parameters[$of::class]);

        return new ($of::class)(...[...$same, ...$changed]);
    }

    /**
     * @param  class-string  $class
     * @return array<string, int>
     */
    private static function parameters(string $class): array
    {
        $parameters = (new ReflectionClass($class))->getConstructor()?->getParameters() ?? [];

        return array_flip(array_map(fn ($parameter): string => $parameter->getName(), $parameters));
    }
}
