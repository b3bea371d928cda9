<?php

declare(strict_types=1);

namespace Ricamo\Core\Value;

/** What names and units mean in a field: how much one of each is. */
final readonly class Terms
{
    /**
     * @param  array<string, float>  $names  such as w, the picture's width
     * @param  array<string, float>  $units  such as t, a turn of 360 degrees
     */
    private function __construct(public array $names, public array $units)
    {
    }

    /**
     * Of a value. Percent are of a side of the picture, and elsewhere of the value that stands there now.
     *
     * @param  array<string, float>  $names
     * @param  string  $unit  in which the value is told
     * @param  ?float  $side  the width or height of the picture, along which the value is
     */
    public static function of(string $unit, array $names, ?float $side, float $now): self
    {
        return new self($names, match ($unit) {
            '%' => ['%' => 1.0],
            '°' => ['°' => 1.0, 't' => 360.0],
            default => ['px' => 1.0, '%' => ($side ?? $now) / 100],
        });
    }

    /**
     * @param  array<string, float>  $names
     * @param  float  $share  what one per cent of what the length is measured by comes to
     */
    public static function length(array $names, float $share): self
    {
        return new self($names, ['px' => 1.0, '%' => $share]);
    }

    /** For a number of frames, at so many a second: seconds and frames. */
    public static function frames(float $perSecond): self
    {
        return new self(['fps' => $perSecond], ['s' => $perSecond, 'f' => 1.0]);
    }
}
