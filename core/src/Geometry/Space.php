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

    /** Farther away from the viewer, by pixels. */
    public static function away(float $by): self
    {
        return self::shifted(new Vector(0, 0, $by));
    }

    public static function shifted(Vector $by): self
    {
        return self::along(new Vector(1, 0, 0), new Vector(0, 1, 0), new Vector(0, 0, 1), $by);
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

    /**
     * Turned about a point in space, first about the horizontal axis, then about the vertical one.
     *
     * @param  float  $up  degrees; positive leads what is nearest to the viewer up
     * @param  float  $around  degrees; positive leads what is nearest to the viewer to the right
     */
    public static function orbiting(Vector $about, float $up, float $around): self
    {
        [$cosX, $sinX] = self::cosine($up);
        [$cosY, $sinY] = self::cosine($around);
        // About x: y' = y·cos + z·sin, z' = z·cos − y·sin. Then about y: x' = x·cos − z·sin, z' = z·cos + x·sin.
        $turned = self::along(
            new Vector($cosY, $sinY * $sinX, -$sinY * $cosX), new Vector(0, $cosX, $sinX), new Vector($sinY, -$cosY * $sinX, $cosY * $cosX),
            new Vector(0, 0, 0),
        );

        return $turned->from($about->minus($turned->apply($about)));
    }

    /**
     * What lies along three axes, counted by each of them.
     *
     * @param  Vector  $x  what x comes to count; so do the others
     * @param  Vector  $moved  what is added to that
     */
    public static function along(Vector $x, Vector $y, Vector $z, Vector $moved): self
    {
        return new self([$x->x, $x->y, $x->z, $moved->x, $y->x, $y->y, $y->z, $moved->y, $z->x, $z->y, $z->z, $moved->z]);
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

    /** What becomes of a way: all but of where it begins. */
    public function direction(Vector $way): Vector
    {
        [$a, $b, $c, , $d, $e, $f, , $g, $h, $i] = $this->rows;

        return new Vector(
            $a * $way->x + $b * $way->y + $c * $way->z,
            $d * $way->x + $e * $way->y + $f * $way->z,
            $g * $way->x + $h * $way->y + $i * $way->z,
        );
    }

    /** Where a point of the space comes to be. */
    public function apply(Vector $point): Vector
    {
        return $this->direction($point)->plus(new Vector($this->rows[3], $this->rows[7], $this->rows[11]));
    }

    /** The way back, by the adjugate of its turns and scales; what it makes of a volume has to have some. */
    public function inverse(): self
    {
        [$a, $b, $c, $p, $d, $e, $f, $q, $g, $h, $i, $r] = $this->rows;
        [$x, $y, $z] = [new Vector($a, $b, $c), new Vector($d, $e, $f), new Vector($g, $h, $i)];
        $volume = $x->dot($y->cross($z));
        [$one, $two, $three] = [$y->cross($z)->times(1 / $volume), $z->cross($x)->times(1 / $volume), $x->cross($y)->times(1 / $volume)];
        $back = self::along(
            new Vector($one->x, $two->x, $three->x), new Vector($one->y, $two->y, $three->y), new Vector($one->z, $two->z, $three->z),
            new Vector(0, 0, 0),
        );

        return $back->from($back->direction(new Vector(-$p, -$q, -$r)));
    }

    /** The same turns and scales, with the origin elsewhere. */
    private function from(Vector $origin): self
    {
        [$a, $b, $c, , $d, $e, $f, , $g, $h, $i] = $this->rows;

        return new self([$a, $b, $c, $origin->x, $d, $e, $f, $origin->y, $g, $h, $i, $origin->z]);
    }

    /**
     * Whether it leaves everything where it is.
     *
     * @param  float  $parts  by how much a factor may differ from that
     * @param  float  $pixels  by how much what is added may
     */
    public function isNone(float $parts = 0.0, float $pixels = 0.0): bool
    {
        foreach ($this->rows as $index => $number) {
            if (abs($number - self::IDENTITY[$index]) > ($index % 4 === 3 ? $pixels : $parts)) {
                return false;
            }
        }

        return true;
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
