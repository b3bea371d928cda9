<?php

declare(strict_types=1);

namespace Ricamo\Core\Handle;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Guide\Guide;
use Ricamo\Core\Guide\Lines;
use Ricamo\Core\Kind\MaskPlaces;

/** A part of a layer that is moved by itself in the picture, along the same guides as layers: a mask, or a point of an effect. */
final readonly class Held
{
    /**
     * @param  Box  $box  upright, in composition pixels; a point is a box without a size
     * @param  list<Box>  $ghosts  where it is at its keyframes before and after
     */
    private function __construct(public Box $box, public array $ghosts)
    {
    }

    /** @param  string  $part  the id of a mask, or the property that is a point of an effect; null where there is none to be moved */
    public static function find(Layer $layer, string $part, Composition $composition, int $frame, Evaluator $evaluator): ?self
    {
        foreach (EffectPoints::of($layer, $composition, $frame, $evaluator) as $point) {
            if ($point['property'] === $part) {
                return new self(self::around([$point['at']]), array_map(fn (array $at): Box => self::around([$at]), $point['ghosts']));
            }
        }
        $masks = $layer->attached->masks === []
            ? []
            : MaskPlaces::of($layer, $composition, $frame, $evaluator->pose($layer, $composition, $frame)->box);
        foreach ($masks as $mask) {
            if ($mask['mask'] === $part) {
                return new self(self::around($mask['corners']), array_map(
                    fn (array $ghost): Box => self::around($ghost['corners']), $mask['ghosts'],
                ));
            }
        }

        return null;
    }

    /**
     * How far something really goes that is dragged.
     *
     * @param  bool  $straight  along the longer axis only
     * @param  float  $snap  what comes as near as that many pixels to a guide is drawn to it; 0 for never
     * @param  ?self  $held  what is dragged; null where nothing is drawn to guides
     */
    public static function way(
        Point $by, bool $straight, float $snap, ?self $held, Composition $composition, int $frame, Evaluator $evaluator,
    ): Point {
        [$across, $down] = match (true) {
            ! $straight => [1, 1],
            abs($by->x) >= abs($by->y) => [1, 0],
            default => [0, 1],
        };
        $way = new Point($by->x * $across, $by->y * $down);
        if ($snap <= 0 || $held === null) {
            return $way;
        }
        $pull = Lines::of($composition, $evaluator, $frame, [])->with($held->ghosts)->pull($held->box->translated($way), $snap);

        return new Point($way->x + $pull->x * $across, $way->y + $pull->y * $down);
    }

    /** @return list<Guide> the alignments that hold for it where it is */
    public function guides(Composition $composition, int $frame, Evaluator $evaluator): array
    {
        return Lines::of($composition, $evaluator, $frame, [])->with($this->ghosts)->touching($this->box);
    }

    /** @param  list<array{float, float}>  $corners  at least one */
    private static function around(array $corners): Box
    {
        assert($corners !== []);
        [$across, $down] = [array_column($corners, 0), array_column($corners, 1)];

        return new Box(min($across), min($down), max($across), max($down));
    }
}
