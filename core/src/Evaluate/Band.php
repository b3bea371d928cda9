<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Cascade\PlacedCascade;
use Ricamo\Core\Cascade\Role;
use Ricamo\Core\Cascade\Running;
use Ricamo\Core\Cascade\Timing;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Move\Phase;

/** What is seen of a layer's rhythm in its band of the timeline: how long it arrives and leaves, its cascades, its markers. */
final class Band
{
    /**
     * What there is nothing of is left out.
     *
     * @return array{
     *     arrive?: int, leave?: int,
     *     cascades?: list<array{id: string, leaves: bool, at: float, length: int}>,
     *     markers?: list<array<string, mixed>>
     * } lengths in frames; `at` in frames from the in point; markers on frames of the composition, those that were trimmed off left out
     */
    public static function of(Layer $layer): array
    {
        return array_filter([
            'arrive' => self::length($layer->life->arrive),
            'leave' => self::length($layer->life->leaving()),
            'cascades' => self::cascades($layer),
            'markers' => $layer->markers->movedBy($layer->span->in)->from($layer->span->in)->before($layer->span->out)->toJson(),
        ]);
    }

    /** How much of it lies within the layer. */
    private static function length(?Phase $phase): int
    {
        return $phase === null ? 0 : $phase->length - $phase->begun;
    }

    /** @return list<array{id: string, leaves: bool, at: float, length: int}> those that run */
    private static function cascades(Layer $layer): array
    {
        $all = [];
        foreach (array_filter($layer->attached->cascades, fn (PlacedCascade $one): bool => $one->on) as $one) {
            $whose = Running::whose($one, $layer->attached->cascades);
            $returns = $one->mirrors !== null;
            if ($whose !== null) {
                $all[] = [
                    'id' => $one->id,
                    'leaves' => $returns || $one->role === Role::Leave,
                    'at' => Timing::begins($whose, $layer->span, $returns) - $layer->span->in,
                    'length' => $whose->length,
                ];
            }
        }

        return $all;
    }
}
