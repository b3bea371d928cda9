<?php

declare(strict_types=1);

namespace Ricamo\Core\Geometry;

use Ricamo\Core\Refusal;

/** The matrix (a c e / b d f) as in CSS `matrix(a, b, c, d, e, f)`: x' = a·x + c·y + e, y' = b·x + d·y + f. */
final class Affine
{
    /** Numbers from here on cannot be reckoned with. */
    private const MOST = 1e29;

    /** As it is written, once it has been. */
    private ?string $encoded = null;

    public function __construct(
        public readonly float $a = 1, public readonly float $b = 0,
        public readonly float $c = 0, public readonly float $d = 1,
        public readonly float $e = 0, public readonly float $f = 0,
    ) {
    }

    public static function translation(float $x, float $y): self
    {
        return new self(1, 0, 0, 1, $x, $y);
    }

    public static function scaling(float $x, float $y): self
    {
        return new self($x, 0, 0, $y, 0, 0);
    }

    /** Clockwise on screen, in degrees. */
    public static function rotation(float $degrees): self
    {
        $radians = deg2rad($degrees);
        [$cos, $sin] = fmod($degrees, 90) !== 0.0 ? [cos($radians), sin($radians)] : self::quarters($degrees);

        return new self($cos, $sin, -$sin, $cos, 0, 0);
    }

    /**
     * Scales and turns about a point, and moves that to another.
     *
     * @param  float  $x  where the point comes to be, as is y
     * @param  float  $fromX  where it is, as is fromY
     * @param  float  $across  the factor by which it is scaled, as is down
     * @param  float  $degrees  clockwise on screen
     */
    public static function placing(float $x, float $y, float $fromX, float $fromY, float $across, float $down, float $degrees): self
    {
        if (fmod($degrees, 90) !== 0.0) {
            $radians = deg2rad($degrees);
            $cos = cos($radians);
            $sin = sin($radians);
        } else {
            [$cos, $sin] = self::quarters($degrees);
        }
        $a = $cos * $across;
        $b = $sin * $across;
        $c = -$sin * $down;
        $d = $cos * $down;

        return new self($a, $b, $c, $d, $x - $a * $fromX - $c * $fromY, $y - $b * $fromX - $d * $fromY);
    }

    /**
     * Scales and turns about a point, which stays where it is.
     *
     * @param  float  $across  the factor, as is down
     * @param  float  $degrees  clockwise on screen
     */
    public static function about(Point $point, float $across, float $down, float $degrees): self
    {
        return self::placing($point->x, $point->y, $point->x, $point->y, $across, $down, $degrees);
    }

    /**
     * @return array{float, float} the cosine and the sine of whole quarter turns: exact, so that upright graphics keep
     *     whole-pixel edges
     */
    private static function quarters(float $degrees): array
    {
        return [[1.0, 0.0], [0.0, 1.0], [-1.0, 0.0], [0.0, -1.0]][((int) fmod($degrees / 90, 4) + 4) % 4];
    }

    /** First $first, then this. */
    public function after(self $first): self
    {
        // Most layers stand in no other space than the frame's.
        if ($this->a === 1.0 && $this->b === 0.0 && $this->c === 0.0 && $this->d === 1.0 && $this->e === 0.0 && $this->f === 0.0) {
            return $first;
        }

        return new self(
            $this->a * $first->a + $this->c * $first->b,
            $this->b * $first->a + $this->d * $first->b,
            $this->a * $first->c + $this->c * $first->d,
            $this->b * $first->c + $this->d * $first->d,
            $this->a * $first->e + $this->c * $first->f + $this->e,
            $this->b * $first->e + $this->d * $first->f + $this->f,
        );
    }

    public function apply(Point $point): Point
    {
        return new Point(
            $this->a * $point->x + $this->c * $point->y + $this->e,
            $this->b * $point->x + $this->d * $point->y + $this->f,
        );
    }

    /** What becomes of the way from one point to another. */
    public function applyToDistance(Point $by): Point
    {
        return new Point($this->a * $by->x + $this->c * $by->y, $this->b * $by->x + $this->d * $by->y);
    }

    /** Whether its numbers can be reckoned with: what is enlarged over and over through groups and bundles comes to none in the end. */
    public function isUsable(): bool
    {
        return $this->a < self::MOST && $this->a > -self::MOST && $this->b < self::MOST && $this->b > -self::MOST
            && $this->c < self::MOST && $this->c > -self::MOST && $this->d < self::MOST && $this->d > -self::MOST
            && $this->e < self::MOST && $this->e > -self::MOST && $this->f < self::MOST && $this->f > -self::MOST;
    }

    /** Whether it leaves nothing of an area that could be seen. */
    public function isFlat(): bool
    {
        return abs($this->a * $this->d - $this->b * $this->c) < 1e-9;
    }

    public function determinant(): float
    {
        return $this->a * $this->d - $this->b * $this->c;
    }

    /** @throws Refusal where the matrix flattens the plane */
    public function inverse(): self
    {
        $determinant = $this->determinant();
        if (abs($determinant) < 1e-12) {
            throw new Refusal('a layer scaled to nothing cannot be grabbed');
        }

        return new self(
            $this->d / $determinant, -$this->b / $determinant,
            -$this->c / $determinant, $this->a / $determinant,
            ($this->c * $this->f - $this->d * $this->e) / $determinant,
            ($this->b * $this->e - $this->a * $this->f) / $determinant,
        );
    }

    /** The upright box around the image of $box. */
    public function bounds(Box $box): Box
    {
        // Each side is reached in the corner to which the signs of the factors point.
        $isAcross = $this->a >= 0;
        $isDown = $this->c >= 0;
        $left = $this->a * ($isAcross ? $box->left : $box->right) + $this->c * ($isDown ? $box->top : $box->bottom) + $this->e;
        $right = $this->a * ($isAcross ? $box->right : $box->left) + $this->c * ($isDown ? $box->bottom : $box->top) + $this->e;
        $isAcross = $this->b >= 0;
        $isDown = $this->d >= 0;
        $top = $this->b * ($isAcross ? $box->left : $box->right) + $this->d * ($isDown ? $box->top : $box->bottom) + $this->f;
        $bottom = $this->b * ($isAcross ? $box->right : $box->left) + $this->d * ($isDown ? $box->bottom : $box->top) + $this->f;

        return new Box($left, $top, $right, $bottom);
    }

    /** The largest factor by which any length grows. */
    public function stretch(): float
    {
        $sum = $this->a ** 2 + $this->b ** 2 + $this->c ** 2 + $this->d ** 2;

        return sqrt(($sum + sqrt(max(0, $sum ** 2 - 4 * $this->determinant() ** 2))) / 2);
    }

    public function isIdentity(): bool
    {
        return $this->nearly(new self);
    }

    public function nearly(self $other, float $tolerance = 1e-6): bool
    {
        return max(
            abs($this->a - $other->a), abs($this->b - $other->b), abs($this->c - $other->c),
            abs($this->d - $other->d), abs($this->e - $other->e), abs($this->f - $other->f),
        ) <= $tolerance;
    }

    /** Its six numbers, JSON: factors to the seventh decimal, places to the fourth. */
    public function encode(): string
    {
        // What is filled and the line around it mostly have the same one, and what rests has it on every frame.
        return $this->encoded ??= '['.round($this->a, 7).','.round($this->b, 7).','.round($this->c, 7).','
            .round($this->d, 7).','.round($this->e, 4).','.round($this->f, 4).']';
    }
}
