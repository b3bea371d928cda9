<?php

declare(strict_types=1);

namespace Ricamo\Core\Line;

use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;

/** What stands at an end of a line: drawn around the origin, to which the line comes from the left. */
enum EndMark: string
{
    case Arrow = 'arrow';
    case Barb = 'barb';
    case Dot = 'dot';
    case Square = 'square';
    case Diamond = 'diamond';
    case Bar = 'bar';

    /** How far from where a line ends any of them reaches beyond it, in parts of how wide they are: the corners of a square. */
    public const REACH = M_SQRT1_2;

    /** How long the head of an arrow is, in parts of how wide it is. */
    private const HEAD = 0.9;

    /** How far back the sides of a barb lie, in parts of how wide it is. */
    private const SWEPT = 0.6;

    /** How much longer a diamond is than a square that looks as large. */
    private const POINTED = 1.25;

    public function title(): string
    {
        return match ($this) {
            self::Arrow => 'Arrowhead',
            default => ucfirst($this->value),
        };
    }

    /**
     * @param  float  $size  how wide it is across the line
     * @param  float  $width  how wide the line is
     */
    public function path(float $size, float $width): Path
    {
        $half = $size / 2;

        return match ($this) {
            self::Arrow => Path::polygon([new Point(0, 0), new Point(-self::HEAD * $size, $half), new Point(-self::HEAD * $size, -$half)]),
            self::Barb => self::barb($size, $width),
            self::Dot => Path::ellipse(Box::centred($size, $size)),
            self::Square => Path::rectangle(Box::centred($size, $size)),
            self::Diamond => self::diamond($half * self::POINTED),
            self::Bar => Path::rectangle(new Box(-$width, -$half, 0, $half)),
        };
    }

    /** How far before its end a line stops, so that nothing of it looks out from under the mark. */
    public function inset(float $size, float $width): float
    {
        return match ($this) {
            // A little beneath the head, so that no seam is seen between the two.
            self::Arrow => self::HEAD * $size - min($width, self::HEAD * $size) / 4,
            // Between where its two sides are as wide as the line, and where they meet within.
            self::Barb => (self::inner($size, $width) + $width * self::SWEPT) / 2,
            self::Bar => $width / 2,
            default => 0.0,
        };
    }

    /** How much of the line it takes up. */
    public function length(float $size, float $width): float
    {
        return match ($this) {
            self::Arrow => self::HEAD * $size,
            self::Barb => self::SWEPT * $size + $width,
            self::Diamond => self::POINTED * $size / 2,
            self::Bar => $width,
            default => $size / 2,
        };
    }

    /** How far its inner corner lies behind its tip: as far as two sides that are as thick as the line meet. */
    private static function inner(float $size, float $width): float
    {
        return $width * hypot(self::SWEPT * $size, $size / 2) / ($size / 2);
    }

    /** Two sides as thick as the line, cut off square. */
    private static function barb(float $size, float $width): Path
    {
        [$back, $half] = [self::SWEPT * $size, $size / 2];
        $long = hypot($back, $half);
        // Inwards from the end of a side, across it.
        [$x, $y] = [-$half / $long * $width, -$back / $long * $width];

        return Path::polygon([
            new Point(0, 0), new Point(-$back, $half), new Point(-$back + $x, $half + $y), new Point(-self::inner($size, $width), 0),
            new Point(-$back + $x, -$half - $y), new Point(-$back, -$half),
        ]);
    }

    private static function diamond(float $half): Path
    {
        return Path::polygon([new Point($half, 0), new Point(0, $half), new Point(-$half, 0), new Point(0, -$half)]);
    }
}
