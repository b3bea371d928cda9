<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Json\Text;

/**
 * Grains of black and white, by chance from a seed: a square tile of SIDE × SIDE pixels, side by side without an end; $matrix
 * leads from its pixels to the outline's space. In each the chance is even for black and white, and the fainter a grain is, the
 * likelier: the difference of two even chances.
 */
final readonly class Grain
{
    public const SIDE = 128;

    /** @param  float  $amount  how opaque the strongest is, from 0 to 1 */
    public function __construct(public Affine $matrix, public int $seed, public float $amount)
    {
    }

    public function faded(float $opacity): self
    {
        return new self($this->matrix, $this->seed, $this->amount * $opacity);
    }

    public function encode(): string
    {
        return "{\"type\":\"grain\",\"matrix\":{$this->matrix->encode()},\"seed\":$this->seed,\"amount\":"
            .Text::number($this->amount, 4).'}';
    }

    /** How strong a grain is: −1 for black to 1 for white. Both renderers work it out so. */
    public static function at(int $x, int $y, int $seed): float
    {
        $chance = self::hash($x + self::SIDE * $y + self::SIDE ** 2 * $seed);

        return (($chance & 0xFFFF) - ($chance >> 16)) / 0xFFFF;
    }

    /** Chris Wellons' "lowbias32" of 2018, in the public domain: 32 bits that look like chance, of 32 that count. */
    public static function hash(int $value): int
    {
        $value &= 0xFFFFFFFF;
        $value ^= $value >> 16;
        $value = self::times($value, 0x7FEB352D);
        $value ^= $value >> 15;
        $value = self::times($value, 0x846CA68B);

        return $value ^ ($value >> 16);
    }

    /** The lower 32 bits of a product, which as a whole would not fit. */
    private static function times(int $one, int $other): int
    {
        return (($one & 0xFFFF) * $other + (((($one >> 16) * ($other & 0xFFFF)) & 0xFFFF) << 16)) & 0xFFFFFFFF;
    }
}
