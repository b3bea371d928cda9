<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Shape;

use Ricamo\Core\Cascade\UnitSet;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\Resting;
use Ricamo\Core\Property\Section;
use Ricamo\Core\Value\Type\AngleType;
use Ricamo\Core\Value\Type\ColourType;
use Ricamo\Core\Value\Type\FactorsType;
use Ricamo\Core\Value\Type\NumberType;
use Ricamo\Core\Value\Type\PathType;

/**
 * A shape that is repeated: in rows and columns, all around a ring, or along a path, each a step further in place, size, turn,
 * colour and time.
 */
final class Repeats
{
    private const ALONG = ['along', 'alongCount', 'alongShift', 'alongTurn'];

    private const IN_ROWS = ['columns', 'rows', 'gaps', 'around', 'ringRadius'];

    /** The most there are of one shape. */
    public const MOST = 2000;

    private const FAR = 100_000;

    /** By how many frames one may follow another. */
    private const LATEST = 10_000;

    /** @return list<PropertyDefinition> */
    public static function properties(): array
    {
        return [
            new PropertyDefinition('columns', new NumberType, 1.0, 1, 500, 'Columns', Section::Repeat, rare: true),
            new PropertyDefinition('rows', new NumberType, 1.0, 1, 500, 'Rows', Section::Repeat, rare: true),
            new PropertyDefinition(
                'gaps', new FactorsType, new Point(20, 20), -self::FAR, self::FAR, 'Gaps', Section::Repeat, 'px', rare: true,
            ),
            new PropertyDefinition('around', new NumberType, 1.0, 1, 500, 'Around', Section::Repeat, rare: true),
            new PropertyDefinition('ringRadius', new NumberType, 200.0, -self::FAR, self::FAR, 'Radius', Section::Repeat, 'px', rare: true),
            new PropertyDefinition('along', new PathType, new Contours([]), title: 'Path', section: Section::Repeat, rare: true),
            new PropertyDefinition('alongCount', new NumberType, 12.0, 1, self::MOST, 'Copies', Section::Repeat, rare: true),
            new PropertyDefinition('alongShift', new NumberType, 0.0, -100_000, 100_000, 'Shift along', Section::Repeat, '%', rare: true),
            new PropertyDefinition('alongTurn', new NumberType, 100.0, 0, 100, 'Turned along', Section::Repeat, '%', rare: true),
            new PropertyDefinition(
                'stepShift', new FactorsType, new Point(0, 0), -self::FAR, self::FAR, 'Shift, each', Section::Repeat, 'px', rare: true,
            ),
            new PropertyDefinition('stepTurn', new AngleType, 0.0, -1e5, 1e5, 'Turn, each', Section::Repeat, '°', rare: true),
            new PropertyDefinition('stepScale', new NumberType, 100.0, 1, 1000, 'Scale, each', Section::Repeat, '%', rare: true),
            new PropertyDefinition(
                'stepTime', new NumberType, 0.0, -self::LATEST, self::LATEST, 'Later, each', Section::Repeat, 'frames', rare: true,
            ),
            new PropertyDefinition(
                'lastFill', new ColourType, Colour::parse('#00000000'), title: 'To colour', section: Section::Repeat, rare: true,
            ),
            new PropertyDefinition(
                'lastOutline', new ColourType, Colour::parse('#00000000'), title: 'To outline', section: Section::Repeat, rare: true,
            ),
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
        $resting = Resting::of($layer);
        $known = $resting->made[self::class] ?? null;
        if ($known === true) {
            return true;
        }
        $isOne = self::isOneAt($layer, $at);

        return $known === null ? $resting->keep(self::class, $layer, ['columns', 'rows', 'around', 'along'], $isOne) : $isOne;
    }

    /**
     * A shape is repeated either along a path or in rows and rings: what the other way is made of means nothing.
     *
     * @return list<string>
     */
    public static function idle(Layer $layer): array
    {
        $along = $layer->properties['along'];
        $isAlong = $along->isAnimated() || self::path($layer, $layer->span->in) !== null;

        return $isAlong ? self::IN_ROWS : self::ALONG;
    }

    private static function isOneAt(Layer $layer, int|float $at): bool
    {
        return $layer->number('columns', $at) < 2
            && $layer->number('rows', $at) < 2
            && $layer->number('around', $at) < 2
            && self::path($layer, $at) === null;
    }

    /**
     * Where each of them is, row by row, the middle of all at the origin; or around a ring, the first at its top; or along a path,
     * the first where it begins.
     *
     * @param  Box  $box  of one of them
     * @return list<Affine> in the layer's own space
     */
    public static function placements(Layer $layer, int|float $at, Box $box): array
    {
        [$turn, $scale] = [$layer->number('stepTurn', $at), $layer->number('stepScale', $at) / 100];
        $shift = $layer->point('stepShift', $at);
        $around = (int) floor($layer->number('around', $at));
        $path = self::path($layer, $at);
        $places = match (true) {
            $path !== null => self::along(
                $path,
                (int) floor($layer->number('alongCount', $at)),
                $layer->number('alongShift', $at) / 100,
                $layer->number('alongTurn', $at) / 100,
            ),
            $around >= 2 => self::ring($around, $layer->number('ringRadius', $at)),
            default => self::grid(
                (int) floor($layer->number('columns', $at)), (int) floor($layer->number('rows', $at)), $layer->point('gaps', $at), $box,
            ),
        };

        return array_map(function (Affine $place, int $index) use ($shift, $turn, $scale): Affine {
            $own = $scale ** $index;

            return $place->after(
                Affine::translation($shift->x * $index, $shift->y * $index),
            )->after(Affine::rotation($turn * $index))->after(Affine::scaling($own, $own));
        }, $places, array_keys($places));
    }

    /**
     * At which moment of the layer each of them is: as many frames earlier in it as it follows the first later.
     *
     * @param  Box  $box  of one of them
     * @return list<float> none where all of them are of the same
     */
    public static function moments(Layer $layer, int|float $at, Box $box): array
    {
        $step = $layer->number('stepTime', $at);
        if ($step === 0.0 || self::isOne($layer, $at)) {
            return [];
        }

        return array_map(fn (int $index): float => $at - $step * $index, array_keys(self::placements($layer, $at, $box)));
    }

    /**
     * On the way from the colour of the first of them to that of the last.
     *
     * @param  'fill'|'outline'  $what
     * @param  int|float  $last  the moment of what it leads to
     */
    public static function colour(Layer $layer, string $what, int|float $at, int|float $last, int $index, int $count): Colour
    {
        [$own, $to] = [$layer->colour($what, $at), $layer->colour('last'.ucfirst($what), $last)];

        return $to->isVisible() && $count > 1 ? $own->mix($to, $index / ($count - 1)) : $own;
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

    private static function path(Layer $layer, int|float $at): ?Contour
    {
        $path = $layer->value('along', $at);

        return $path instanceof Contours && $path->all !== [] && $path->all[0]->length() > 0 ? $path->all[0] : null;
    }

    /**
     * As far from one another as they can be, from one end to the other, or all the way round; shifted, they go on where the path begins.
     *
     * @param  float  $shift  by how many times the path's length
     * @param  float  $turn  how much of the path's direction they take, 0 to 1
     * @return list<Affine>
     */
    private static function along(Contour $path, int $count, float $shift, float $turn): array
    {
        $along = $path->along();
        $count = max(1, min(self::MOST, $count));
        $gap = $along->length / max(1, $path->closed ? $count : $count - 1);
        $places = [];
        for ($index = 0; $index < $count; $index++) {
            $distance = $index * $gap + $shift * $along->length;
            $within = $distance - floor($distance / $along->length) * $along->length;
            // The last of an open one stands at its end, not at its beginning.
            [$point, $heading] = $along->placed($shift === 0.0 && ! $path->closed ? min($along->length, $distance) : $within);
            $places[] = Affine::translation($point->x, $point->y)->after(Affine::rotation($turn * $heading));
        }

        return $places;
    }

    /** @return list<Affine> each with its upper side outwards */
    private static function ring(int $count, float $radius): array
    {
        return array_map(
            fn (int $index): Affine => Affine::rotation(360 * $index / $count)->after(Affine::translation(0, -$radius)),
            range(0, $count - 1),
        );
    }
}
