<?php

namespace Ricamo\Core\Value;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\PropertyDefinition;
use Ricamo\Core\Time\FrameRate;

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
     * Percent are of the picture's width or height along an axis, and elsewhere of the value that stands there now.
     *
     * @param  ?int  $axis  0 for x or width, 1 for y or height
     */
    public static function of(PropertyDefinition $definition, Composition $composition, ?int $axis, float $now): self
    {
        return self::in($composition, match (true) {
            $definition->unit === '%' => ['%' => 1.0],
            $definition->unit === '°' => ['°' => 1.0, 't' => 360.0],
            $axis !== null => ['px' => 1.0, '%' => ($axis === 0 ? $composition->width : $composition->height) / 100],
            default => ['px' => 1.0, '%' => $now / 100],
        });
    }

    /** @param  float  $share  what one per cent of what the length is measured by comes to */
    public static function length(Composition $composition, float $share): self
    {
        return self::in($composition, ['px' => 1.0, '%' => $share]);
    }

    /** For a side of the picture, of which percent are taken. */
    public static function side(Composition $composition, int $now): self
    {
        return self::in($composition, ['px' => 1.0, '%' => $now / 100]);
    }

    /** For a number of frames: seconds and frames. */
    public static function frames(FrameRate $rate): self
    {
        return new self(['fps' => $rate->perSecond()], ['s' => $rate->perSecond(), 'f' => 1.0]);
    }

    /** @param  array<string, float>  $units */
    private static function in(Composition $composition, array $units): self
    {
        return new self(
            ['w' => (float) $composition->width, 'h' => (float) $composition->height, 'fps' => $composition->rate->perSecond()],
            $units,
        );
    }
}
