<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Text;

use Ricamo\Core\Text\Language;
use Ricamo\Core\Text\ShapedLine;
use Ricamo\Core\Text\Shaper;

/** Says how much there was to shape. */
final class CountingShaper implements Shaper
{
    public int $bytes = 0;

    public function __construct(private readonly Shaper $shaper)
    {
    }

    public function shape(
        string $line, string $font, array $features = [], array $axes = [], array $spans = [], bool $down = false,
    ): ShapedLine {
        $this->bytes += strlen($line);

        return $this->shaper->shape($line, $font, $features, $axes, $spans, $down);
    }

    public function weight(string $font): float
    {
        return $this->shaper->weight($font);
    }

    public function hyphens(string $line, Language $language): array
    {
        return $this->shaper->hyphens($line, $language);
    }
}
