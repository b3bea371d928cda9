<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Texture;

use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Grain;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\MaskPart;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Path;

/** Grains of black and white, as of film. */
final class Grains implements Effect
{
    private const LEAST = 0.25;

    /** More than there are moments, so that no two seeds are thrown alike. */
    private const THROWS = 1_000_003;

    public function name(): string
    {
        return 'grain';
    }

    public function title(): string
    {
        return 'Grain';
    }

    public function settings(): array
    {
        return [
            Setting::percent('amount', 'Amount', 25),
            Setting::pixels('size', 'Size', 1.5, 200),
            Setting::count('every', 'New every', 1, 0, 10_000, 'frames'),
            Setting::count('seed', 'Seed', 1, 0, 9999),
        ];
    }

    public function times(): int
    {
        return 2;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $extent = DisplayList::extentOf($operations);
        $amount = $values->number('amount') / 100;
        if ($extent === null || $amount < 0.002) {
            return $operations;
        }
        $size = max(self::LEAST, $values->number('size'));
        $seed = (int) $values->number('seed');
        // Thrown again, the same tile lies elsewhere, on whole grains.
        $every = (int) $values->number('every');
        $throw = $every === 0 ? 0 : Grain::hash((int) floor($place->at / $every) + self::THROWS * $seed);
        $matrix = new Affine($size, 0, 0, $size, $size * ($throw % Grain::SIDE), $size * (($throw >> 8) % Grain::SIDE));
        $all = Outline::of(Path::rectangle($place->own($extent)->grown(1)));

        return [
            ...$operations,
            new Group([new Fill($all, $place->matrix, new Grain($matrix, $seed, $amount))], masks: [new MaskPart($operations)]),
        ];
    }
}
