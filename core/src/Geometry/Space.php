<?php

declare(strict_types=1);

namespace Ricamo\Core\Geometry;

/**
 * A space of three coordinates within another: x to the right, y down, z away from the viewer, in pixels. Rows of a 4 × 4 matrix
 * for columns (x, y, z, 1), without the last, which is always (0, 0, 0, 1).
 */
final readonly class Space
{
    private const IDENTITY = [1.0, 0.0, 0.0, 0.0, 0.0, 1.0, 0.0, 0.0, 0.0, 0.0, 1.0, 0.0];

    /** @param  list<float>  $rows  twelve numbers, row by row */
    private function __construct(private array $rows = self::IDENTITY)
    {
    }

    /** What is flat, in space: depth is scaled as much as area is, so that nothing is drawn out of shape. */
    public static function flat(Affine $matrix): self
    {
        return new self([
            $matrix->a, $matrix->c, 0.0, $matrix->e, $matrix->b, $matrix->d, 0.0, $matrix->f,
            0.0, 0.0, sqrt(abs($matrix->determinant())), 0.0,
        ]);
    }

    /**
     * Tilted about a point of its plane, first about y, then about x, and moved away from the viewer: the order in which tilts of
     * nought leave a turn within the plane, which comes before them, exactly as it is.
     *
     * @param  float  $away  pixels; what is nearer has a negative depth
     * @param  float  $tiltX  degrees about the horizontal axis; positive leads what is above away
     * @param  float  $tiltY  degrees about the vertical axis; positive leads what is on the right away
     */
    public static function tilted(Point $about, float $away, float $tiltX, float $tiltY): self
    {
        [$cosX, $sinX] = self::cosine($tiltX);
        [$cosY, $sinY] = self::cosine($tiltY);
        // About y: x' = x·cos, z' = x·sin. Then about x: y' = y·cos + z·sin, z' = z·cos − y·sin.
        $rows = [
            $cosY, 0.0, -$sinY, 0.0,
            $sinX * $sinY, $cosX, $sinX * $cosY, 0.0,
            $cosX * $sinY, -$sinX, $cosX * $cosY, 0.0,
        ];
        foreach ([$about->x, $about->y, $away] as $row => $offset) {
            $rows[4 * $row + 3] = $offset - $rows[4 * $row] * $about->x - $rows[4 * $row + 1] * $about->y;
        }

        return new self($rows);
    }

    /**
     * Swung about a line within the plane.
     *
     * @param  Point  $through  a point of the line
     * @param  float  $side  where the line lies, in degrees clockwise from the right: it runs across that direction
     * @param  float  $degrees  positive leads what lies beyond the line, in that direction, nearer to the viewer, and the rest away
     */
    public static function swung(Point $through, float $side, float $degrees): self
    {
        $about = fn (float $turn): self => self::flat(Affine::about($through, 1, 1, $turn));

        return $about($side)->after(self::tilted($through, 0, 0, -$degrees))->after($about(-$side));
    }

    /** @return array{float, float} cosine and sine of an angle in degrees, exact at whole quarters */
    private static function cosine(float $degrees): array
    {
        $turn = Affine::rotation($degrees);

        return [$turn->a, $turn->b];
    }

    /** First $first, then this. */
    public function after(self $first): self
    {
        $rows = [];
        for ($row = 0; $row < 12; $row += 4) {
            for ($column = 0; $column < 4; $column++) {
                $rows[] = $this->rows[$row] * $first->rows[$column]
                    + $this->rows[$row + 1] * $first->rows[4 + $column]
                    + $this->rows[$row + 2] * $first->rows[8 + $column]
                    + ($column === 3 ? $this->rows[$row + 3] : 0.0);
            }
        }

        return new self($rows);
    }

    /**
     * Where a point of the plane z = 0 comes to be.
     *
     * @return array{float, float, float} x, y and z
     */
    public function place(Point $point): array
    {
        [$a, $b, , $d, $e, $f, , $h, $i, $j, , $l] = $this->rows;

        return [$a * $point->x + $b * $point->y + $d, $e * $point->x + $f * $point->y + $h, $i * $point->x + $j * $point->y + $l];
    }

    /**
     * How the plane z = 0 is seen from a point in front of the picture, which shows what has no depth exactly as large as it is.
     *
     * @param  Point  $eye  what is straight before the viewer
     * @param  float  $distance  from the viewer to the plane without depth, in pixels
     */
    public function seenFrom(Point $eye, float $distance): Projection
    {
        [$a, $b, , $d, $e, $f, , $h, $i, $j, , $l] = $this->rows;
        // What is z farther away is 1 + z / distance times smaller, towards the point straight ahead.
        [$x, $y] = [$eye->x / $distance, $eye->y / $distance];

        return new Projection(
            $a + $x * $i, $b + $x * $j, $d + $x * $l,
            $e + $y * $i, $f + $y * $j, $h + $y * $l,
            $i / $distance, $j / $distance, 1 + $l / $distance,
        );
    }
}
