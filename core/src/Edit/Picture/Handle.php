<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;

/** The eight handles around a layer's box, named by where they stand before it is turned. */
enum Handle: string
{
    case TopLeft = 'top-left';
    case Top = 'top';
    case TopRight = 'top-right';
    case Right = 'right';
    case BottomRight = 'bottom-right';
    case Bottom = 'bottom';
    case BottomLeft = 'bottom-left';
    case Left = 'left';

    /** Which way it pulls: −1, 0 or 1 along each axis of the box. */
    public function direction(): Point
    {
        return new Point(
            match ($this) {
                self::TopLeft, self::Left, self::BottomLeft => -1,
                self::Top, self::Bottom => 0,
                default => 1,
            },
            match ($this) {
                self::TopLeft, self::Top, self::TopRight => -1,
                self::Left, self::Right => 0,
                default => 1,
            },
        );
    }

    public function on(Box $box): Point
    {
        return self::along($box, $this->direction());
    }

    public function opposite(Box $box): Point
    {
        $direction = $this->direction();

        return self::along($box, new Point(-$direction->x, -$direction->y));
    }

    private static function along(Box $box, Point $direction): Point
    {
        $centre = $box->centre();

        return new Point($centre->x + $direction->x * $box->width() / 2, $centre->y + $direction->y * $box->height() / 2);
    }
}
