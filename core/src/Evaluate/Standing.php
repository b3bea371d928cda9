<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

/** Where a layer stands in space: the corners of its box, around, each x, y and z in composition pixels; z is away from the viewer. */
final readonly class Standing
{
    /** What lies no farther from a plane, in pixels, lies in it. */
    private const NEAR = 0.01;

    /** @param  non-empty-list<array{float, float, float}>  $corners */
    public function __construct(public array $corners)
    {
    }

    /**
     * Whether it is to be drawn over another that stands elsewhere: where all of it is on the viewer's side of the other's plane, or all
     * of the other beyond its own.
     *
     * @param  array{float, float, float}  $eye  where the viewer is
     * @return ?bool null where there is no telling: they lie in one plane, or go through one another
     */
    public function covers(self $other, array $eye): ?bool
    {
        $side = self::side($this->corners, $other->corners, $eye);
        if ($side !== null) {
            return $side === 0 ? null : $side > 0;
        }
        $side = self::side($other->corners, $this->corners, $eye);

        return $side === null || $side === 0 ? null : $side < 0;
    }

    /**
     * On which side of a plane points are.
     *
     * @param  non-empty-list<array{float, float, float}>  $points
     * @param  non-empty-list<array{float, float, float}>  $plane  corners around
     * @param  array{float, float, float}  $eye
     * @return ?int 1 for the viewer's, -1 for the other, 0 within it; null where they are on both
     */
    private static function side(array $points, array $plane, array $eye): ?int
    {
        [$a, $b, $c] = [$plane[0], $plane[1], end($plane)];
        $across = [$b[0] - $a[0], $b[1] - $a[1], $b[2] - $a[2]];
        $down = [$c[0] - $a[0], $c[1] - $a[1], $c[2] - $a[2]];
        $normal = [
            $across[1] * $down[2] - $across[2] * $down[1], $across[2] * $down[0] - $across[0] * $down[2],
            $across[0] * $down[1] - $across[1] * $down[0],
        ];
        $long = sqrt($normal[0] ** 2 + $normal[1] ** 2 + $normal[2] ** 2);
        if ($long < 1e-9) {
            return null;
        }
        $sign = self::along($normal, $a, $eye) < 0 ? -1 / $long : 1 / $long;
        $all = array_map(fn (array $point): float => $sign * self::along($normal, $a, $point), $points);
        [$least, $most] = [min($all), max($all)];

        return match (true) {
            $least >= -self::NEAR && $most <= self::NEAR => 0,
            $least >= -self::NEAR => 1,
            $most <= self::NEAR => -1,
            default => null,
        };
    }

    /**
     * @param  array{float, float, float}  $direction
     * @param  array{float, float, float}  $from
     * @param  array{float, float, float}  $to
     */
    private static function along(array $direction, array $from, array $to): float
    {
        return $direction[0] * ($to[0] - $from[0]) + $direction[1] * ($to[1] - $from[1]) + $direction[2] * ($to[2] - $from[2]);
    }

    /**
     * Whether the boxes around the two overlap as they are seen; what reaches behind the viewer may be seen anywhere.
     *
     * @param  array{float, float, float}  $eye
     */
    public function overlaps(self $other, array $eye): bool
    {
        [$one, $two] = [$this->seen($eye), $other->seen($eye)];

        return $one === null || $two === null || ($one[0] < $two[2] && $two[0] < $one[2] && $one[1] < $two[3] && $two[1] < $one[3]);
    }

    /**
     * @param  array{float, float, float}  $eye
     * @return array{float, float, float, float}|null left, top, right and bottom on the plane without depth
     */
    private function seen(array $eye): ?array
    {
        [$x, $y] = [[], []];
        foreach ($this->corners as [$atX, $atY, $atZ]) {
            $away = $atZ - $eye[2];
            if ($away <= 0) {
                return null;
            }
            $x[] = $eye[0] - ($atX - $eye[0]) * $eye[2] / $away;
            $y[] = $eye[1] - ($atY - $eye[1]) * $eye[2] / $away;
        }

        return [min($x), min($y), max($x), max($y)];
    }
}
