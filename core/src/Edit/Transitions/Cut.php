<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Transitions;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;

/** Where one layer ends and another begins, or leads over to it. */
final readonly class Cut
{
    private function __construct(public Layer $earlier, public Layer $later, public int $frame)
    {
    }

    /**
     * The cut at an end of a layer: with the one that is the nearest to it in the stack of those that meet it there.
     *
     * @param  bool  $atEnd  at its out point, otherwise at its in point
     * @return ?self  null where nothing meets it
     */
    public static function at(Composition $composition, Layer $layer, bool $atEnd): ?self
    {
        $frame = $atEnd ? $layer->span->out : $layer->span->in;
        $place = $composition->indexOf($layer->id);
        $nearest = null;
        $distance = PHP_INT_MAX;
        foreach ($composition->layers->entries() as $entry) {
            $other = $entry->layer();
            $isNeighbour = $other->id !== $layer->id && $other->kind->isSeen() && $other->group === $layer->group;
            $meets = $isNeighbour
                && (
                    ($atEnd ? $other->span->in : $other->span->out) === $frame
                    || ($atEnd ? CrossCut::isCrossed($layer, $other) : CrossCut::isCrossed($other, $layer))
                );
            if ($meets && abs($composition->indexOf($other->id) - $place) < $distance) {
                [$nearest, $distance] = [$other, abs($composition->indexOf($other->id) - $place)];
            }
        }

        return match (true) {
            $nearest === null => null,
            $atEnd => new self($layer, $nearest, $frame),
            default => new self($nearest, $layer, $frame),
        };
    }
}
