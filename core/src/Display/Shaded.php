<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Filter\ColourMatrix;

/** What is drawn, all of it darker or lighter by the same factors. Paint takes them in, so that outlines stay outlines. */
final class Shaded
{
    /** What differs by less from 1 changes no colour. */
    private const NONE = 1e-4;

    /**
     * @param  list<Operation>  $operations
     * @param  array{float, float, float}  $by  of red, green and blue
     * @return list<Operation>
     */
    public static function by(array $operations, array $by): array
    {
        if (max(array_map(fn (float $factor): float => abs($factor - 1), $by)) < self::NONE) {
            return $operations;
        }
        $shaded = [];
        $others = [];
        foreach ($operations as $operation) {
            $one = self::painted($operation, $by);
            if ($one === null) {
                $others[] = $operation;
            } else {
                array_push($shaded, ...self::recoloured($others, $by));
                $others = [];
                $shaded[] = $one;
            }
        }

        return [...$shaded, ...self::recoloured($others, $by)];
    }

    /** @param  array{float, float, float}  $by */
    public static function matrix(array $by): ColourMatrix
    {
        return ColourMatrix::ofColours([[$by[0], 0, 0, 0], [0, $by[1], 0, 0], [0, 0, $by[2], 0]]);
    }

    /** @param  array{float, float, float}  $by */
    public static function colour(Colour $colour, array $by): Colour
    {
        $times = fn (int $channel, float $factor): int => (int) round(min(255.0, $channel * $factor));

        return new Colour($times($colour->red, $by[0]), $times($colour->green, $by[1]), $times($colour->blue, $by[2]), $colour->alpha);
    }

    /**
     * @param  list<Operation>  $operations
     * @param  array{float, float, float}  $by
     * @return list<Operation>
     */
    private static function recoloured(array $operations, array $by): array
    {
        return $operations === [] ? [] : [new Group($operations, filters: [self::matrix($by)])];
    }

    /**
     * @param  array{float, float, float}  $by
     * @return ?Operation null where its paint alone does not say its colours
     */
    private static function painted(Operation $operation, array $by): ?Operation
    {
        $paint = $operation instanceof Fill || $operation instanceof Stroke ? $operation->paint : null;
        $paint = match (true) {
            $paint instanceof Colour => self::colour($paint, $by),
            $paint instanceof Gradient => $paint->mapped(fn (Colour $colour): Colour => self::colour($colour, $by)),
            default => null,
        };

        return match (true) {
            $operation instanceof Group => $operation->filters === [] && $operation->blend === Blend::Normal
                ? $operation->holding(self::by($operation->operations, $by))
                : null,
            $paint === null => null,
            $operation instanceof Fill => new Fill($operation->outline, $operation->matrix, $paint, $operation->rule),
            $operation instanceof Stroke => new Stroke($operation->outline, $operation->matrix, $paint, $operation->pen),
            default => null,
        };
    }
}
