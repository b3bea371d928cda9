<?php

declare(strict_types=1);

namespace Ricamo\Core\Text;

/** What of a font's OpenType features is used, or not, besides what it does by itself. */
enum FontFeature: string
{
    case NoKerning = 'no-kerning';

    /** By the outlines of letters in the place of what the font says. */
    case OpticalKerning = 'optical-kerning';
    case NoLigatures = 'no-ligatures';
    case SmallCapitals = 'small-capitals';
    case TabularFigures = 'tabular-figures';
    case OldStyleFigures = 'old-style-figures';
    case LiningFigures = 'lining-figures';

    public function title(): string
    {
        return ucfirst(str_replace('-', ' ', $this->value));
    }

    /** @return array<string, int> by the tag of the OpenType standard, 0 for what is not used */
    public function tags(): array
    {
        return match ($this) {
            self::NoKerning, self::OpticalKerning => ['kern' => 0],
            self::NoLigatures => ['liga' => 0, 'clig' => 0],
            self::SmallCapitals => ['smcp' => 1],
            self::TabularFigures => ['tnum' => 1],
            self::OldStyleFigures => ['onum' => 1],
            self::LiningFigures => ['lnum' => 1],
        };
    }
}
