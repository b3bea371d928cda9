<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Closure;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Blend;
use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Filter\Atop;
use Ricamo\Core\Display\Filter\Lit;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\MaskPart;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Display\Painted;
use Ricamo\Core\Display\Shaded;
use Ricamo\Core\Document\Light;
use Ricamo\Core\Document\Surface;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Plane;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Geometry\Vector;

/**
 * What lights make of what lies on a plane: each of its colours times what falls there of all lights. Where that is the same all over,
 * paint takes it in; else it is a picture that colours are multiplied by.
 */
final readonly class Lighting
{
    /** By how much, of 1, a light may differ within what it falls on, to be taken for the same all over: half a step of 255. */
    private const SAME = 0.5 / 255;

    /** The same for a small part of a picture, of which many are drawn at once. */
    private const SAME_IN_PIECE = 6 / 255;

    /** The most halvings of a light's fall-off from where it is brightest, each of which is a straight line. */
    private const HALVINGS = 5;

    /** How far beyond what is drawn light is laid, in drawn pixels, so that its own edge is not seen. */
    private const BESIDE = 4.0;

    private Surface $surface;

    /**
     * @param  list<Light>  $lights
     * @param  Vector  $eye  from where it is seen, in the composition's space: what faces away from it is not lit on this side
     * @param  ?Surface  $surface  of what is lit; null for a matt one
     */
    public function __construct(private array $lights, private Vector $eye, ?Surface $surface = null)
    {
        $this->surface = $surface ?? Surface::matt();
    }

    public function isNone(): bool
    {
        return $this->lights === [];
    }

    /**
     * @param  list<Operation>  $operations
     * @param  Space  $plane  from what is drawn of it to the composition's space
     * @param  ?Closure(Light, Plane, Box): list<Operation>  $shadows  what lies in the shadow of others, as opaque as it is missing of
     *     a light, on a part of the plane; null where none are thrown
     * @return list<Operation>
     */
    public function on(array $operations, Space $plane, ?Closure $shadows = null): array
    {
        $extent = $this->lights === [] ? null : DisplayList::extentOf($operations);
        $surface = Plane::of($plane, $this->eye);
        if ($extent === null || $surface === null) {
            return $operations;
        }
        $extent = $extent->grown(self::BESIDE);
        $even = [0.0, 0.0, 0.0];
        $others = [];
        $shining = [];
        foreach ($this->lights as $light) {
            [$least, $most] = self::range($light, $surface, $extent);
            if ($most <= self::SAME) {
                continue;
            }
            $shadow = $shadows === null || $light->shadow <= 0 ? [] : $shadows($light, $surface, $extent);
            array_push($shining, ...$this->shining($light, $surface, $extent, $shadow));
            if ($shadow === [] && $most - $least < self::SAME) {
                $even = self::sum($even, $light, ($least + $most) / 2);
            } else {
                $others[] = [$light, $most, $shadow];
            }
        }
        $lit = $others === [] ? Shaded::by($operations, $even) : $this->unevenly($operations, $even, $others, $surface, $extent);

        return $shining === [] ? $lit : [new Group($lit, filters: [new Atop($shining)])];
    }

    /**
     * A light as it is mirrored, but where a shadow falls.
     *
     * @param  list<Operation>  $shadow  as opaque as it is missing of the light
     * @return list<Operation>
     */
    private function shining(Light $light, Plane $plane, Box $part, array $shadow): array
    {
        $shine = Shine::of($light, $this->surface, $plane, $this->eye);
        if ($shine === null || $shine->strength <= self::SAME || ! $shine->reaches($part)) {
            return [];
        }

        return $shadow === [] ? [$shine->on($part)] : [new Group([$shine->on($part)], masks: [new MaskPart($shadow, inverted: true)])];
    }

    /**
     * @param  list<Operation>  $operations
     * @param  array{float, float, float}  $even  of all lights that are the same all over
     * @param  non-empty-list<array{Light, float, list<Operation>}>  $others  each with how much at most, and the shadows in it
     * @return list<Operation> each cut out of what falls there, or multiplied by it
     */
    private function unevenly(array $operations, array $even, array $others, Plane $surface, Box $extent): array
    {
        $brightest = $even;
        foreach ($others as [$light, $most]) {
            $brightest = self::sum($brightest, $light, $most);
        }
        $lit = [];
        foreach (Painted::alike($operations) as $painted) {
            $colour = $painted instanceof Painted ? $painted->channels() : [1.0, 1.0, 1.0];
            $isWithin = max(array_map(fn (float $channel, float $light): float => $channel * $light, $colour, $brightest)) <= 1;
            if ($painted instanceof Painted && $isWithin) {
                $lit[] = new Group($this->falling($even, $others, $surface, $extent, $colour), $painted->opacity(), $painted->outline());

                continue;
            }
            // A picture cannot be brighter than white: it is divided by as much as may come together, which is made good afterwards.
            $times = max(1.0, ...$brightest);
            $falling = $this->falling($even, $others, $surface, $extent, array_fill(0, 3, 1 / $times));
            $lit[] = new Group($painted instanceof Painted ? $painted->fills : $painted, filters: [
                new Lit($falling), ...($times > 1 ? [Shaded::matrix([$times, $times, $times])] : []),
            ]);
        }

        return $lit;
    }

    /**
     * What falls on a part of a plane.
     *
     * @param  array{float, float, float}  $even  of all lights that are the same all over
     * @param  non-empty-list<array{Light, float, list<Operation>}>  $others  each with how much at most, and the shadows in it
     * @param  non-empty-list<float>  $by  by what red, green and blue are multiplied
     * @return list<Operation>
     */
    private function falling(array $even, array $others, Plane $surface, Box $part, array $by): array
    {
        $where = Outline::of(Path::rectangle($part));
        $falling = [new Fill($where, new Affine, self::colour($even, 1.0, $by))];
        foreach ($others as [$light, , $shadow]) {
            $paint = $light->isEven()
                ? self::colour($light->colour, $light->on($surface), $by)
                : self::pool($light, $surface, $part, $by);
            $falling[] = new Group([new Fill($where, new Affine, $paint), ...$shadow], blend: Blend::PlusLighter);
        }

        return $falling;
    }

    /**
     * By what all colours around a point of a plane are multiplied, shadows left out.
     *
     * @return array{float, float, float} red, green and blue
     */
    public function at(Plane $plane, Point $point): array
    {
        $sum = [0.0, 0.0, 0.0];
        foreach ($this->lights as $light) {
            $foot = $light->isEven() ? null : $plane->foot($light->place);
            $beside = $foot === null ? 0.0 : $plane->at($point)->minus($plane->at($foot))->length();
            $sum = self::sum($sum, $light, $light->on($plane, $beside));
        }

        return $sum;
    }

    /**
     * By what all colours of a small part of a plane are multiplied.
     *
     * @param  Space  $plane  from what is drawn of it to the composition's space
     * @param  Box  $part  of what is drawn
     * @param  ?Closure(Light, Plane, Box): list<Operation>  $shadows  as above
     * @return array{float, float, float}|null red, green and blue; null where light falls on some of it otherwise than on the rest, or is
     *     mirrored
     */
    public function evenly(Space $plane, Box $part, ?Closure $shadows = null): ?array
    {
        $surface = Plane::of($plane, $this->eye);
        if ($surface === null) {
            return [1.0, 1.0, 1.0];
        }
        $even = [0.0, 0.0, 0.0];
        foreach ($this->lights as $light) {
            [$least, $most] = self::range($light, $surface, $part);
            if ($most - $least > self::SAME_IN_PIECE) {
                return null;
            }
            if ($shadows !== null && $light->shadow > 0 && $most > self::SAME && $shadows($light, $surface, $part) !== []) {
                return null;
            }
            if ($this->shining($light, $surface, $part, []) !== []) {
                return null;
            }
            $even = self::sum($even, $light, ($least + $most) / 2);
        }

        return $even;
    }

    /**
     * How much of a light falls on a part of a plane.
     *
     * @return array{float, float} at least, and at most
     */
    private static function range(Light $light, Plane $surface, Box $part): array
    {
        if ($light->isEven()) {
            return [$light->on($surface), $light->on($surface)];
        }
        [$nearest, $farthest] = self::distances($light, $surface, $part);

        return [$light->on($surface, $farthest), $light->on($surface, $nearest)];
    }

    /** @return array{float, float} how far the nearest and the farthest of a part of a plane are from what is straight beneath a light */
    private static function distances(Light $light, Plane $surface, Box $part): array
    {
        $foot = $surface->foot($light->place);
        $beneath = $surface->at($foot);
        $away = fn (Point $point): float => $surface->at($point)->minus($beneath)->length();
        $nearest = new Point(max($part->left, min($part->right, $foot->x)), max($part->top, min($part->bottom, $foot->y)));

        // On a plane that is stretched or aslant another point may be a little nearer: the pool is laid in full all the same.
        return [$away($nearest), max(array_map($away, $part->corners()))];
    }

    /**
     * A point light as it is seen on a plane: the same all around what is straight beneath it.
     *
     * @param  non-empty-list<float>  $by  by what red, green and blue are multiplied
     */
    private static function pool(Light $light, Plane $surface, Box $part, array $by): Gradient
    {
        $farthest = max(1e-6, self::distances($light, $surface, $part)[1]);
        $stops = [];
        foreach (self::bends($light, $surface, 0.0, $farthest, self::HALVINGS) as $beside) {
            $stops[] = [$beside / $farthest, self::colour($light->colour, $light->on($surface, $beside), $by)];
        }

        return new Gradient($surface->around($surface->foot($light->place), $farthest), $stops, new Point(0, 0));
    }

    /**
     * Between which distances a light's fall-off may be taken for straight lines.
     *
     * @return non-empty-list<float> in pixels, from the nearest
     */
    private static function bends(Light $light, Plane $surface, float $from, float $to, int $halvings): array
    {
        $middle = ($from + $to) / 2;
        $off = abs($light->on($surface, $middle) - ($light->on($surface, $from) + $light->on($surface, $to)) / 2);

        return $halvings > 0 && ($off > self::SAME / 2 || $halvings > self::HALVINGS - 2)
            ? [
                ...self::bends($light, $surface, $from, $middle, $halvings - 1),
                ...array_slice(self::bends($light, $surface, $middle, $to, $halvings - 1), 1),
            ]
            : [$from, $to];
    }

    /**
     * @param  array{float, float, float}  $sum
     * @return array{float, float, float} with so much of a light besides
     */
    private static function sum(array $sum, Light $light, float $share): array
    {
        [$red, $green, $blue] = $light->colour;

        return [$sum[0] + $share * $red, $sum[1] + $share * $green, $sum[2] + $share * $blue];
    }

    /**
     * @param  array{float, float, float}  $light
     * @param  float  $share  how much of it falls
     * @param  non-empty-list<float>  $by  by what red, green and blue are multiplied
     */
    private static function colour(array $light, float $share, array $by): Colour
    {
        [$red, $green, $blue] = array_map(
            fn (float $channel, float $times): int => (int) round(255 * min(1.0, $channel * $share * $times)), $light, $by,
        );

        return new Colour($red, $green, $blue);
    }
}
