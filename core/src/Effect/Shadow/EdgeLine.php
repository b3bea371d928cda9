<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Shadow;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Filter\Blur;
use Ricamo\Core\Display\Filter\Tables;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Effect\Colour\SoftStep;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;

/**
 * A line of one colour around all that is opaque. It is as wide as a blur reaches until it is thinner than a share of what it was:
 * round at corners.
 */
final class EdgeLine implements Effect
{
    /** How wide the blur is, of the line's width. */
    private const DEVIATION = 0.7;

    /** What a straight edge that was blurred so comes to at the line's width: Φ(−1/0.7), of the normal distribution. */
    private const LEFT = 0.07656;

    public function name(): string
    {
        return 'edge-line';
    }

    public function title(): string
    {
        return 'Outline';
    }

    public function settings(): array
    {
        return [Setting::colour('colour', 'Colour', '#f3e3c3'), Setting::pixels('width', 'Width', 6, 200)];
    }

    public function times(): int
    {
        return 2;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $width = $place->length($values->number('width'));
        if ($width < 0.05) {
            return $operations;
        }
        $deviation = self::DEVIATION * $width;
        // Along one pixel, an edge that is blurred falls by the bell curve's height there.
        $slope = exp(-1 / (2 * self::DEVIATION ** 2)) / (sqrt(2 * M_PI) * $deviation);
        $edge = new SoftStep(self::LEFT, max(2 / 255, $slope));
        $line = new Group(
            $operations, filters: [Silhouette::in(new Colour(0, 0, 0)), new Blur($deviation), Tables::ofAlpha($edge->at(...))],
        );

        return [new Group([$line], filters: [Silhouette::in($values->colour('colour'))]), ...$operations];
    }
}
