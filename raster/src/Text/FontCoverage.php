<?php

declare(strict_types=1);

namespace Ricamo\Raster\Text;

/** Which characters fonts have, and what can be varied in them. */
final class FontCoverage
{
    /** So many of what is missing are named. */
    private const NAMED = 12;

    /** @var array<string, OpenFace> */
    private array $open = [];

    private ?OpenFace $emoji = null;

    public function __construct(private readonly Fonts $fonts)
    {
    }

    /** @return list<array{tag: string, least: float, default: float, most: float}> */
    public function axes(string $font): array
    {
        return $this->face($font)->axes();
    }

    /** @return list<string> characters of a text that a font has not, each once; the first of them, where there are many */
    public function missing(string $text, string $font): array
    {
        $face = $this->face($font);
        $missing = [];
        foreach (array_unique(mb_str_split($text)) as $character) {
            // What has no picture of its own is not missed.
            if (
                preg_match('/[\p{C}\p{Z}\s\x{FE0F}]/u', $character) !== 1
                && ! $face->has((int) mb_ord($character))
                && ! $this->isPicture($character)
            ) {
                $missing[] = $character;
            }
        }

        return array_slice($missing, 0, self::NAMED);
    }

    private function isPicture(string $character): bool
    {
        $this->emoji ??= new OpenFace(FontCatalogue::emoji());

        return Emoji::isOne($character, '', '') && $this->emoji->has((int) mb_ord($character));
    }

    private function face(string $font): OpenFace
    {
        return $this->open[$font] ??= new OpenFace($this->fonts->face($font));
    }
}
