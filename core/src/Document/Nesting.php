<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Refusal;

/** Compositions within compositions: none within itself, none too deep, and not too many layers in all. */
final class Nesting
{
    /** How many compositions may lie within one another. */
    public const DEEPEST = 24;

    /** How many layers a composition may come to, those of all that is placed in it included. */
    public const MOST_LAYERS = 20_000;

    /** @var array<string, int> the layers that each composition comes to, by id */
    private array $counts = [];

    private function __construct(private readonly MediaLibrary $media)
    {
    }

    /**
     * @param  Composition  $composition  as it is to be; what is placed in it is looked up
     *
     * @throws Refusal that names the chain
     */
    public static function check(Composition $composition, MediaLibrary $media): void
    {
        (new self($media))->count($composition, [$composition->id => $composition->name]);
    }

    /**
     * The compositions that are placed in one, and those that are placed in them.
     *
     * @return list<Composition> each once
     */
    public static function within(Composition $composition, MediaLibrary $media): array
    {
        $found = [];
        $look = function (Composition $in) use (&$look, &$found, $media): void {
            foreach ($in->layers->placings() as $id) {
                if (! isset($found[$id])) {
                    $found[$id] = $media->composition($id);
                    $look($found[$id]);
                }
            }
        };
        $look($composition);

        return array_values($found);
    }

    /**
     * @param  array<string, string>  $chain  the names of the compositions that lead here, by id
     * @return int how many layers it comes to
     */
    private function count(Composition $composition, array $chain): int
    {
        $count = 0;
        foreach ($composition->layers->placings() as $id) {
            if (isset($chain[$id])) {
                throw new Refusal('a composition cannot contain itself: '.implode(' ▸ ', [...$chain, $chain[$id]]));
            }
            if (count($chain) > self::DEEPEST) {
                throw new Refusal('compositions lie within one another '.self::DEEPEST.' deep at most');
            }
            $placed = $this->media->composition($id);
            $count += $this->counts[$id] ?? $this->count($placed, [...$chain, $id => $placed->name]);
        }
        $count += count($composition->layers);
        if ($count > self::MOST_LAYERS) {
            throw new Refusal(
                "“{$composition->name}” comes to more than ".number_format(self::MOST_LAYERS).' layers with all that is placed in it',
            );
        }

        return $this->counts[$composition->id] = $count;
    }
}
