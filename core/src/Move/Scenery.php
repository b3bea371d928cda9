<?php

declare(strict_types=1);

namespace Ricamo\Core\Move;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;

/** What a move is relative to: the layer as it rests at that moment, and the frame. */
final readonly class Scenery
{
    /**
     * @param  Box  $bounds  all that is drawn of the layer as it rests, outline included, in composition pixels
     * @param  Point  $anchor  in composition pixels
     * @param  float  $away  how far what a camera aims at is from it, in pixels
     */
    public function __construct(
        public Box $bounds, public Point $anchor, public float $width, public float $height, public float $away = 0.0,
    ) {
    }

    /**
     * How far the layer has to go so that nothing of it is in the frame, and not a pixel farther.
     *
     * @param  Point  $direction  of length 1
     */
    public function outOfFrame(Point $direction): float
    {
        $ways = [];
        foreach ([
            [$direction->x, $this->bounds->left, $this->bounds->right, $this->width],
            [$direction->y, $this->bounds->top, $this->bounds->bottom, $this->height],
        ] as [$way, $from, $to, $size]) {
            if (abs($way) > 1e-9) {
                $ways[] = max(0.0, $way > 0 ? ($size - $from) / $way : $to / -$way);
            }
        }

        return $ways === [] ? 0.0 : min($ways);
    }

    /** Degrees clockwise from the right, as a direction. */
    public static function direction(float $degrees): Point
    {
        $turn = Affine::rotation($degrees);

        return new Point($turn->a, $turn->b);
    }
}
