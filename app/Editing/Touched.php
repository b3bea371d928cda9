<?php

declare(strict_types=1);

namespace App\Editing;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Json\Text;

/**
 * The places of a composition that a change touches, each as finely as it can be told: a value of a layer, a value of
 * something that is attached to it, a value of the composition; a whole layer that came or went; the order of layers.
 */
final readonly class Touched
{
    private const ORDER = 'order';

    /** @param  list<string>  $places  such as `layer/l3/position`; who touches a place touches all that lies within it */
    private function __construct(private array $places)
    {
    }

    public static function between(Composition $before, Composition $after): self
    {
        $places = self::members('composition', self::decoded(Text::of($before->headJson())), self::decoded(Text::of($after->headJson())));
        foreach ($after->layers->changedFrom($before->layers) as $layer) {
            $was = $before->layers->entries()[$layer->id] ?? null;
            array_push(
                $places,
                ...($was ? self::members(
                    "layer/$layer->id", self::decoded($was->json()), self::decoded($layer->json()),
                ) : ["layer/$layer->id"]),
            );
        }
        [$from, $to] = [$before->layers->ids(), $after->layers->ids()];
        foreach (array_diff($from, $to) as $gone) {
            $places[] = "layer/$gone";
        }
        // Where layers come and go, the others stay in their order.
        if (array_values(array_intersect($from, $to)) !== array_values(array_intersect($to, $from))) {
            $places[] = self::ORDER;
        }

        return new self($places);
    }

    /** Whether both touch the same place, or one a place within the other's. */
    public function meets(self $other): bool
    {
        foreach ($this->places as $one) {
            foreach ($other->places as $two) {
                if (str_starts_with("$one/", "$two/") || str_starts_with("$two/", "$one/")) {
                    return true;
                }
            }
        }

        return false;
    }

    public function encode(): string
    {
        return Text::of($this->places);
    }

    public static function decode(string $json): self
    {
        return new self(json_decode($json, true, flags: JSON_THROW_ON_ERROR));
    }

    /**
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     * @return list<string>
     */
    private static function members(string $path, array $before, array $after): array
    {
        $places = [];
        foreach (array_keys($before + $after) as $name) {
            [$was, $is] = [$before[$name] ?? null, $after[$name] ?? null];
            if ($was !== $is) {
                array_push($places, ...self::listed("$path/$name", $was, $is) ?? ["$path/$name"]);
            }
        }

        return $places;
    }

    /**
     * Of two lists of things with the same ids, effects or masks, what is other in each.
     *
     * @return ?list<string> null where they are no such lists
     */
    private static function listed(string $path, mixed $before, mixed $after): ?array
    {
        if (
            ! is_array($before)
            || ! is_array($after)
            || $before === []
            || array_column($before, 'id') !== array_column($after, 'id')
            || count(array_column($before, 'id')) !== count($before)
        ) {
            return null;
        }
        $places = [];
        foreach (array_column($before, 'id') as $index => $id) {
            array_push($places, ...self::members("$path/$id", $before[$index], $after[$index]));
        }

        return $places;
    }

    /** @return array<string, mixed> */
    private static function decoded(string $json): array
    {
        return json_decode($json, true, flags: JSON_THROW_ON_ERROR);
    }
}
