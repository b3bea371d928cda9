<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Text;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Text\Language;
use Ricamo\Raster\Text\Patterns;

final class PatternsTest extends TestCase
{
    /** As dictionaries of these languages part them. */
    #[TestWith(['cs', 'elektrikářka', 'elek-tri-kář-ka'])]
    #[TestWith(['da', 'sporvognsremise', 'spor-vogns-re-mi-se'])]
    #[TestWith(['de', 'Straßenbahndepot', 'Stra-ßen-bahn-de-pot'])]
    #[TestWith(['de', 'Reparaturwerkstatt', 'Re-pa-ra-tur-werk-statt'])]
    #[TestWith(['en-GB', 'electrician', 'elec-tri-cian'])]
    #[TestWith(['en-US', 'hyphenation', 'hy-phen-ation'])]
    #[TestWith(['es', 'restauración', 'res-tau-ra-ción'])]
    #[TestWith(['fr', 'électricienne', 'élec-tri-cienne'])]
    #[TestWith(['it', 'ricamatrice', 'ri-ca-ma-tri-ce'])]
    #[TestWith(['nl', 'tramremise', 'tram-re-mi-se'])]
    #[TestWith(['pl', 'zajezdnia', 'za-jezd-nia'])]
    #[TestWith(['pt', 'restauração', 'res-tau-ra-ção'])]
    #[TestWith(['ru', 'электростанция', 'элек-тро-стан-ция'])]
    #[TestWith(['sv', 'spårvagnen', 'spår-vag-nen'])]
    public function test_words_are_parted_as_their_language_parts_them(string $language, string $word, string $parted): void
    {
        self::assertSame($parted, $this->parted($word, $language));
        if (! str_contains($word, 'ß')) {
            self::assertSame(mb_strtoupper($parted), $this->parted(mb_strtoupper($word), $language), 'in capitals alike');
        }
    }

    public function test_every_language_that_can_be_chosen_has_patterns(): void
    {
        foreach (Language::cases() as $language) {
            self::assertNotSame('', $language->title());
            self::assertSame([], Patterns::of($language)->breaks('1234567 ab, --- 😀'));
        }
    }

    public function test_only_words_are_parted_and_short_ones_stay_whole(): void
    {
        self::assertSame('The tram, 2019: work-shop (elec-tri-cian)', $this->parted('The tram, 2019: workshop (electrician)', 'en-GB'));
        self::assertSame('gates', $this->parted('gates', 'en-GB'));
        self::assertSame([], Patterns::of(Language::German)->breaks(str_repeat('a', 3000)));
    }

    private function parted(string $text, string $language): string
    {
        $parted = '';
        $from = 0;
        foreach (Patterns::of(Language::from($language))->breaks($text) as $break) {
            $parted .= substr($text, $from, $break - $from).'-';
            $from = $break;
        }

        return $parted.substr($text, $from);
    }
}
