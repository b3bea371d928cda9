<?php

declare(strict_types=1);

namespace Ricamo\Core\Guide;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\PlacedGuide;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Axis;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;

/**
 * What things are aligned to: edges and middle of the frame, the title-safe area, guides that were put there, and
 * the edges and middles of the layers that are seen, and the gaps between these.
 */
final readonly class Lines
{
    /** How far inside the frame the title-safe and the action-safe area begin, of each side, after SMPTE ST 2046-1. */
    public const SAFE = 0.05;

    public const ACTION_SAFE = 0.035;

    /** @param  list<Box>  $boxes  upright, in composition pixels */
    private function __construct(public array $boxes, private Gaps $gaps, public Sizes $sizes)
    {
    }

    /** @param  list<string>  $except  layers that are on the move */
    public static function of(Composition $composition, Evaluator $evaluator, int $frame, array $except): self
    {
        [$width, $height] = [$composition->width, $composition->height];
        $boxes = [
            new Box(0, 0, $width, $height),
            self::titleSafe($composition),
            ...array_map(
                fn (PlacedGuide $guide): Box => $guide->axis === Axis::X
                    ? new Box($guide->at, 0, $guide->at, $height)
                    : new Box(0, $guide->at, $width, $guide->at),
                $composition->guides,
            ),
        ];
        $seen = [];
        $tree = $composition->layers->tree();
        // What is in a group moves along with it, and a group becomes larger with what is in it.
        $moving = $tree->isFlat() ? $except : [...$tree->withAll($except), ...array_merge(...array_map($tree->above(...), $except))];
        foreach (array_diff_key($evaluator->glances($composition, $frame), array_fill_keys($moving, true)) as $glance) {
            if ($glance->seen) {
                $boxes[] = $seen[] = $glance->bounds;
            }
        }

        return new self($boxes, new Gaps($seen), new Sizes($seen));
    }

    /** @param  list<Box>  $boxes  further ones, which count for edges and middles */
    public function with(array $boxes): self
    {
        return new self([...$this->boxes, ...$boxes], $this->gaps, $this->sizes);
    }

    /** Where titles are safe, in composition pixels. */
    public static function titleSafe(Composition $composition): Box
    {
        [$x, $y] = [self::SAFE * $composition->width, self::SAFE * $composition->height];

        return new Box($x, $y, $composition->width - $x, $composition->height - $y);
    }

    /** How far a box has to go so that it meets a line along each axis; 0 where none is as near as $within pixels. */
    public function pull(Box $box, float $within): Point
    {
        return new Point($this->nearest(Axis::X, $box, $within), $this->nearest(Axis::Y, $box, $within));
    }

    /**
     * The alignments that hold for a box, each as a line from one end of what it joins to the other.
     *
     * @return list<Guide>
     */
    public function touching(Box $box): array
    {
        $guides = [];
        foreach (Axis::cases() as $axis) {
            foreach ($axis->lines($box) as $line) {
                $aligned = array_filter($this->boxes, fn (Box $other): bool => $this->has($axis, $other, $line));
                if ($aligned !== []) {
                    $joined = array_reduce($aligned, fn (Box $all, Box $other): Box => $all->union($other), $box);
                    $guides[] = new Guide($axis, $line, ...$axis->extent($joined));
                }
            }
            array_push($guides, ...$this->gaps->touching($axis, $box));
        }

        return $guides;
    }

    /**
     * What has the width or the height of a box.
     *
     * @return list<Guide>
     */
    public function equal(Box $box): array
    {
        return [...$this->sizes->touching(Axis::X, $box), ...$this->sizes->touching(Axis::Y, $box)];
    }

    /** The line that a place along an axis is nearest to; null where none is as near as $within pixels. */
    public function near(Axis $axis, float $place, float $within): ?float
    {
        $best = null;
        foreach ($this->boxes as $other) {
            foreach ($axis->lines($other) as $target) {
                if (abs($target - $place) <= $within && ($best === null || abs($target - $place) < abs($best - $place))) {
                    $best = $target;
                }
            }
        }

        return $best;
    }

    private function has(Axis $axis, Box $box, float $line): bool
    {
        foreach ($axis->lines($box) as $own) {
            if (abs($own - $line) < 0.01) {
                return true;
            }
        }

        return false;
    }

    private function nearest(Axis $axis, Box $box, float $within): float
    {
        $best = null;
        foreach ($this->boxes as $other) {
            foreach ($axis->lines($other) as $target) {
                foreach ($axis->lines($box) as $line) {
                    $distance = $target - $line;
                    if (abs($distance) <= $within && ($best === null || abs($distance) < abs($best))) {
                        $best = $distance;
                    }
                }
            }
        }

        // An edge that is as near counts before a gap.
        $gap = $this->gaps->nearest($axis, $box, $best === null ? $within : abs($best) - 1e-6);

        return $gap ?? $best ?? 0.0;
    }
}
