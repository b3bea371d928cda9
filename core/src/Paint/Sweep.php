<?php

declare(strict_types=1);

namespace Ricamo\Core\Paint;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Filter\Warp;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\MaskPart;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;

/**
 * Colours around a point, clockwise. No renderer has such a gradient that the other has, too: it is a level one on a strip, which
 * is pulled around the point, and seen where what is painted is.
 */
final readonly class Sweep
{
    /** How long the strip is, in drawn pixels, for the whole way around. */
    private const LONG = 2048;

    private const HIGH = 6;

    /** So much is drawn beyond the strip's ends, so that what is sampled there is whole. */
    private const BEYOND = 4;

    /** Into how many pieces the way around is cut. */
    private const PIECES = 96;

    /**
     * @param  non-empty-list<array{float, Colour}>  $stops  offsets from 0 to 1 of the way around, none less than the one before
     * @param  Point  $centre  in the layer's own pixels
     * @param  float  $angle  at which it begins, in degrees clockwise, 0 to the right
     * @param  float  $radius  as far as anything is painted
     */
    public function __construct(public array $stops, public Point $centre, public float $angle, public float $radius)
    {
    }

    /**
     * As far as it can be seen in a box.
     *
     * @param  non-empty-list<array{float, Colour}>  $stops
     */
    public static function over(Box $box, array $stops, Point $centre, float $angle): self
    {
        $far = hypot(
            max(abs($box->left - $centre->x), abs($box->right - $centre->x)),
            max(abs($box->top - $centre->y), abs($box->bottom - $centre->y)),
        );

        // Further than that: outlines reach beyond the box, and a chord is nearer to the centre than its arc.
        return new self($stops, $centre, $angle, 1.25 * $far + 100);
    }

    /**
     * Where operations are, as opaque as they are.
     *
     * @param  non-empty-list<Operation>  $operations
     * @param  Affine  $matrix  from the layer's own pixels to those that are drawn
     */
    public function where(array $operations, Affine $matrix): Group
    {
        $middle = $matrix->apply($this->centre);
        $strip = Affine::translation($middle->x - self::LONG / 2, $middle->y - self::HIGH / 2);
        $box = fn (float $left, float $right): Outline => Outline::of(Path::rectangle(new Box(
            $left, -self::BEYOND, $right, self::HIGH + self::BEYOND,
        )));
        $sheet = [
            new Fill($box(-self::BEYOND, self::LONG), $strip, new Gradient(Affine::scaling(self::LONG, self::LONG), $this->stops)),
            // Beyond the last colour comes the first again.
            new Fill($box(self::LONG, self::LONG + self::BEYOND), $strip, $this->stops[0][1]),
        ];

        return new Group([new Group($sheet, filters: [$this->around($matrix, $strip)])], masks: [new MaskPart($operations)]);
    }

    private function around(Affine $matrix, Affine $strip): Warp
    {
        [$from, $to] = [[], []];
        foreach ([0.0, 1.0] as $out) {
            for ($piece = 0; $piece <= self::PIECES; $piece++) {
                $part = $piece / self::PIECES;
                // From the middle of the first pixel, so that the last one leads over to the first and no edge is seen.
                $from[] = $strip->apply(new Point(0.5 + $part * self::LONG, self::HIGH * (0.25 + 0.5 * $out)));
                $angle = deg2rad($this->angle) + 2 * M_PI * $part + M_PI / self::LONG;
                $to[] = $matrix->apply(new Point(
                    $this->centre->x + $out * $this->radius * cos($angle), $this->centre->y + $out * $this->radius * sin($angle),
                ));
            }
        }

        return new Warp(self::PIECES, $from, $to);
    }
}
