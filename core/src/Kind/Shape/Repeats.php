<?php

namespace Ricamo\Core\Kind\Shape;

use Ricamo\Core\Cascade\UnitSet;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\PropertyDefinition;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Value\Type\AngleType;
use Ricamo\Core\Value\Type\ColourType;
use Ricamo\Core\Value\Type\FactorsType;
use Ricamo\Core\Value\Type\NumberType;

/** A shape that is repeated: in rows and columns, or all around a ring, each a step further in place, size, turn and colour. */
final class Repeats
{
    private const SECTION = 'Repeat';

    /** The most there are of one shape. */
    public const MOST = 2000;

    private const FAR = 100_000;

    /** @return list<PropertyDefinition> */
    public static function properties(): array
    {
        return [
            new PropertyDefinition('columns', new NumberType, 1.0, 1, 500, 'Columns', self::SECTION, rare: true),
            new PropertyDefinition('rows', new NumberType, 1.0, 1, 500, 'Rows', self::SECTION, rare: true),
            new PropertyDefinition('gaps', new FactorsType, new Point(20, 20), -self::FAR, self::FAR, 'Gaps', self::SECTION, 'px', rare: true),
            new PropertyDefinition('around', new NumberType, 1.0, 1, 500, 'Around', self::SECTION, rare: true),
            new PropertyDefinition('ringRadius', new NumberType, 200.0, -self::FAR, self::FAR, 'Radius', self::SECTION, 'px', rare: true),
            new PropertyDefinition('stepTurn', new AngleType, 0.0, -1e5, 1e5, 'Turn, each', self::SECTION, '°', rare: true),
            new PropertyDefinition('stepScale', new NumberType, 100.0, 1, 1000, 'Scale, each', self::SECTION, '%', rare: true),
            new PropertyDefinition('lastFill', new ColourType, Colour::parse('#00000000'), title: 'To colour', section: self::SECTION, rare: true),
        ];
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(fn (PropertyDefinition $one): string => $one->name, self::properties());
    }

    /** Whether there is more than one, so that what is not repeated costs nothing. */
    public static function isOne(Layer $layer, int|float $at): bool
    {
        return $layer->number('columns', $at) < 2 && $layer->number('rows', $at) < 2 && $layer->number('around', $at) < 2;
    }

    /**
     * Where each of them is, row by row, the middle of all at the origin; or around a ring, the first at its top.
     *
     * @param  Box  $box  of one of them
     * @return list<Affine> in the layer's own space
     */
    public static function placements(Layer $layer, int|float $at, Box $box): array
    {
        [$turn, $scale] = [$layer->number('stepTurn', $at), $layer->number('stepScale', $at) / 100];
        $around = (int) floor($layer->number('around', $at));
        $places = $around >= 2 ? self::ring($around, $layer->number('ringRadius', $at)) : self::grid((int) floor($layer->number('columns', $at)), (int) floor($layer->number('rows', $at)), $layer->point('gaps', $at), $box);

        return array_map(function (Affine $place, int $index) use ($turn, $scale): Affine {
            $own = $scale ** $index;

            return $place->after(Affine::rotation($turn * $index))->after(Affine::scaling($own, $own));
        }, $places, array_keys($places));
    }

    /** @param  list<Affine>  $placements */
    public static function bounds(array $placements, Box $box): Box
    {
        $boxes = array_map(fn (Affine $one): Box => $one->bounds($box), $placements);

        return array_reduce($boxes, fn (?Box $all, Box $one): Box => $all?->union($one) ?? $one) ?? $box;
    }

    /**
     * As units of a cascade.
     *
     * @param  list<Affine>  $placements
     * @param  int  $every  so many are one unit
     */
    public static function units(array $placements, Box $box, int $every): UnitSet
    {
        $boxes = [];
        $of = [];
        foreach ($placements as $index => $placed) {
            $unit = intdiv($index, max(1, $every));
            $own = $placed->bounds($box);
            $boxes[$unit] = isset($boxes[$unit]) ? $boxes[$unit]->union($own) : $own;
            $of[] = $unit;
        }
        $middle = self::bounds($placements, $box)->centre();

        return new UnitSet(array_values($boxes), array_fill(0, count($boxes), $middle), $of);
    }

    /** @return list<Affine> */
    private static function grid(int $columns, int $rows, Point $gaps, Box $box): array
    {
        [$columns, $rows] = [max(1, $columns), max(1, min($rows, intdiv(self::MOST, max(1, $columns))))];
        [$across, $down] = [$box->width() + $gaps->x, $box->height() + $gaps->y];
        $places = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                $places[] = Affine::translation(($column - ($columns - 1) / 2) * $across, ($row - ($rows - 1) / 2) * $down);
            }
        }

        return $places;
    }

    /** @return list<Affine> each with its upper side outwards */
    private static function ring(int $count, float $radius): array
    {
        return array_map(fn (int $index): Affine => Affine::rotation(360 * $index / $count)->after(Affine::translation(0, -$radius)), range(0, $count - 1));
    }
}
