<?php

declare(strict_types=1);

namespace Ricamo\Core\Display\Filter;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Json\Text;

/** Every colour becomes another by a matrix, as feColorMatrix of SVG has it: on straight sRGB, from 0 to 1. */
final readonly class ColourMatrix implements Filter
{
    /**
     * @param  list<float>  $values  four rows of five: what red, green, blue, alpha and 1 are multiplied by for red, green, blue and alpha
     */
    public function __construct(public array $values)
    {
    }

    /**
     * Of three rows of four, alpha staying as it is.
     *
     * @param  list<array{float, float, float, float}>  $rows  what red, green, blue and 1 are multiplied by
     */
    public static function ofColours(array $rows): self
    {
        $values = [];
        foreach ($rows as [$red, $green, $blue, $one]) {
            array_push($values, $red, $green, $blue, 0.0, $one);
        }

        return new self([...$values, 0.0, 0.0, 0.0, 1.0, 0.0]);
    }

    /** First this, then another. */
    public function then(self $next): self
    {
        $values = [];
        for ($y = 0; $y < 4; $y++) {
            for ($x = 0; $x < 5; $x++) {
                $sum = $x === 4 ? $next->values[5 * $y + 4] : 0.0;
                for ($k = 0; $k < 4; $k++) {
                    $sum += $next->values[5 * $y + $k] * $this->values[5 * $k + $x];
                }
                $values[] = $sum;
            }
        }

        return new self($values);
    }

    public function encode(): string
    {
        return '{"filter":"matrix","values":'.Text::list(array_map(
            fn (float $value): string => Text::number($value, 5), $this->values,
        )).'}';
    }

    public function placed(Affine $space): self
    {
        return $this;
    }

    public function reach(Box $box): Box
    {
        return $box;
    }
}
