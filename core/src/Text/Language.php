<?php

declare(strict_types=1);

namespace Ricamo\Core\Text;

/** Languages whose words can be parted at the end of a line, by their tags (BCP 47). */
enum Language: string
{
    case Czech = 'cs';
    case Danish = 'da';
    case German = 'de';
    case BritishEnglish = 'en-GB';
    case AmericanEnglish = 'en-US';
    case Spanish = 'es';
    case French = 'fr';
    case Italian = 'it';
    case Dutch = 'nl';
    case Polish = 'pl';
    case Portuguese = 'pt';
    case Russian = 'ru';
    case Swedish = 'sv';

    /** In its own words. */
    public function title(): string
    {
        return match ($this) {
            self::Czech => 'čeština',
            self::Danish => 'dansk',
            self::German => 'Deutsch',
            self::BritishEnglish => 'English (Britain)',
            self::AmericanEnglish => 'English (America)',
            self::Spanish => 'español',
            self::French => 'français',
            self::Italian => 'italiano',
            self::Dutch => 'Nederlands',
            self::Polish => 'polski',
            self::Portuguese => 'português',
            self::Russian => 'русский',
            self::Swedish => 'svenska',
        };
    }
}
