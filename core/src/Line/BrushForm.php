<?php

declare(strict_types=1);

namespace Ricamo\Core\Line;

use Ricamo\Core\Cascade\Dice;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;

/** What a brush sets along a line. */
enum BrushForm: string
{
    case Dotted = 'dotted';
    case Rings = 'rings';
    case Leaves = 'leaves';
    case Stitches = 'stitches';
    case Chalk = 'chalk';
    case Airbrush = 'airbrush';
    case Stars = 'stars';
    case Tiles = 'tiles';

    /** A shape or a picture of one's own. */
    case Own = 'own';

    /** Outlines are in such units for each width of the line, so that rounding is not seen. */
    public const UNIT = 1000.0;

    /** How many different ones there are of what is not regular. */
    public const VARIANTS = 5;

    public function title(): string
    {
        return ucfirst($this->value);
    }

    /**
     * What it is where nothing is said.
     *
     * @return array{size: float, spacing: float, scatter: float, scatterTurn: float, scatterSize: float, scatterOpacity: float}
     */
    public function defaults(): array
    {
        $set = fn (float $size, float $spacing, float $scatter = 0, float $turn = 0, float $sizes = 0, float $opacity = 0): array => [
            'size' => $size, 'spacing' => $spacing, 'scatter' => $scatter, 'scatterTurn' => $turn, 'scatterSize' => $sizes,
            'scatterOpacity' => $opacity,
        ];

        return match ($this) {
            self::Dotted => $set(100, 180),
            self::Rings => $set(160, 110),
            self::Leaves => $set(320, 45, 0, 14, 25),
            self::Stitches => $set(150, 90),
            self::Chalk => $set(70, 12, 38, 180, 60, 70),
            self::Airbrush => $set(320, 9, 10, 0, 25, 40),
            self::Stars => $set(240, 95, 20, 180, 40),
            self::Tiles => $set(100, 125),
            self::Own => $set(220, 115),
        };
    }

    /** How opaque one of them is. */
    public function opacity(): float
    {
        return $this === self::Airbrush ? 0.16 : 1.0;
    }

    /** Around the origin, one UNIT large, pointing to the right. @param  int  $number  of the one along the line */
    public function outline(int $number, int $seed): Outline
    {
        return match ($this) {
            self::Dotted, self::Airbrush => Outline::of(Path::ellipse(Box::centred(self::UNIT, self::UNIT))),
            self::Rings => Outline::of(Path::joined([Path::ellipse(Box::centred(self::UNIT, self::UNIT)), self::hole(0.74)])),
            self::Leaves => Outline::of(self::leaf($number % 2 === 0)),
            self::Stitches => Outline::of(Path::rectangle(Box::centred(self::UNIT, 0.34 * self::UNIT), 0.17 * self::UNIT)),
            self::Chalk => Outline::of(self::speck(Dice::below(self::VARIANTS, $seed, $number, 'speck'))),
            self::Stars => Outline::of(self::star()),
            self::Tiles, self::Own => Outline::of(Path::rectangle(Box::centred(self::UNIT, self::UNIT), 0.12 * self::UNIT)),
        };
    }

    /** By how much it is turned against the line, in degrees clockwise. */
    public function turn(int $number): float
    {
        return match ($this) {
            self::Leaves => $number % 2 === 0 ? -48 : 48,
            self::Stitches => -32,
            default => 0,
        };
    }

    /** The other way round, so that nothing is in it. */
    private static function hole(float $share): Path
    {
        $ring = Path::ellipse(Box::centred($share * self::UNIT, $share * self::UNIT));

        return new Path(
            $ring->commands,
            array_map(
                fn (float $value, int $index): float => $index % 2 === 0 ? -$value : $value,
                $ring->coordinates,
                array_keys($ring->coordinates),
            ),
        );
    }

    /** From its stalk at the origin, a little bent to its own side of the stem. */
    private static function leaf(bool $isLeft): Path
    {
        $bend = $isLeft ? -1 : 1;
        $u = self::UNIT;

        return new Path('MCCZ', [
            0, 0,
            0.25 * $u, (-0.3 + 0.06 * $bend) * $u, 0.75 * $u, (-0.24 + 0.1 * $bend) * $u, $u, 0.1 * $bend * $u,
            0.7 * $u, (0.22 + 0.1 * $bend) * $u, 0.3 * $u, (0.28 + 0.06 * $bend) * $u, 0, 0,
        ]);
    }

    private static function speck(int $variant): Path
    {
        return Path::polygon(array_map(function (int $corner) use ($variant): Point {
            $angle = 2 * M_PI * $corner / 9;
            $far = self::UNIT / 2 * (0.7 + 0.3 * Dice::thrown($variant, $corner, 'chalk'));

            return new Point(round($far * cos($angle), 3), round($far * sin($angle), 3));
        }, range(0, 8)));
    }

    private static function star(): Path
    {
        return Path::polygon(array_map(function (int $corner): Point {
            $angle = M_PI * $corner / 5 - M_PI / 2;
            $far = self::UNIT / 2 * ($corner % 2 === 0 ? 1 : 0.42);

            return new Point(round($far * cos($angle), 3), round($far * sin($angle), 3));
        }, range(0, 9)));
    }
}
