<?php

declare(strict_types=1);

namespace Ricamo\Core\Interchange\Svg;

/** Reads lengths, at 96 pixels to the inch as CSS has it. */
final class SvgLength
{
    private const PIXELS = ['' => 1.0, 'px' => 1.0, 'pt' => 96 / 72, 'pc' => 16.0, 'mm' => 96 / 25.4, 'cm' => 96 / 2.54, 'in' => 96.0];

    /** The type size where nobody says one. */
    public const EM = 16.0;

    /**
     * @param  float  $whole  what per cent are of
     * @param  float  $em  the type size
     */
    public static function parse(string $text, float $whole = 0, float $em = self::EM): ?float
    {
        if (! preg_match('/^\s*([+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?)(px|pt|pc|mm|cm|in|em|ex|%)?\s*$/', $text, $parts)) {
            return null;
        }
        $unit = $parts[2] ?? '';
        $pixels = (float) $parts[1] * match ($unit) {
            '%' => $whole / 100,
            'em' => $em,
            'ex' => $em / 2,
            default => self::PIXELS[$unit],
        };

        return is_finite($pixels) && abs($pixels) < 1e7 ? $pixels : null;
    }
}
