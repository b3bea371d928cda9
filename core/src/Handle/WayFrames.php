<?php

declare(strict_types=1);

namespace Ricamo\Core\Handle;

use Ricamo\Core\Document\Layer;

/** On which frames something is followed along its way. */
final class WayFrames
{
    /** Of how many places a way consists at most. */
    private const MOST = 300;

    /**
     * @param  list<string>  $properties  by which it is led
     * @return list<int> from its first keyframe to its last; none for what goes nowhere
     */
    public static function of(Layer $layer, array $properties): array
    {
        $frames = array_merge(...array_map(
            fn (string $name): array => array_keys($layer->properties[$name]->course($layer->span)), $properties,
        ));

        return count($frames) < 2 ? [] : range(min($frames), max($frames), max(1, intdiv(max($frames) - min($frames), self::MOST)));
    }
}
