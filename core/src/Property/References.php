<?php

declare(strict_types=1);

namespace Ricamo\Core\Property;

/** What a layer, or a part of one, refers to: ids, each as often as it is referred to. */
final readonly class References
{
    /**
     * @param  list<string>  $compositions  that are seen in it, also as paint
     * @param  list<string>  $layers  of the same composition whose values or looks it takes; not the group that it is in
     * @param  list<string>  $media  that it shows, sounds with or is set in
     */
    public function __construct(public array $compositions = [], public array $layers = [], public array $media = [])
    {
    }

    public static function all(self ...$all): self
    {
        $lists = [[], [], []];
        foreach ($all as $one) {
            foreach ([$one->compositions, $one->layers, $one->media] as $list => $ids) {
                array_push($lists[$list], ...$ids);
            }
        }

        return new self(...$lists);
    }
}
