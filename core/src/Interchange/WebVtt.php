<?php

declare(strict_types=1);

namespace Ricamo\Core\Interchange;

use Ricamo\Core\Document\Dye;
use Ricamo\Core\Document\Marker;
use Ricamo\Core\Document\Markers;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRate;

/**
 * Markers as a WebVTT file (W3C): each a cue that begins on its frame and lasts one, with its colour as the cue's
 * identifier. Of other files the beginning and the words of each cue are taken.
 */
final class WebVtt
{
    private const TIME = '(?:(\d{2,6}):)?([0-5]\d):([0-5]\d)\.(\d{3})';

    public static function is(string $text): bool
    {
        return preg_match('/^(\xEF\xBB\xBF)?WEBVTT(\s|$)/', $text) === 1;
    }

    public static function write(Markers $markers, FrameRate $rate): string
    {
        $text = "WEBVTT\n";
        foreach ($markers->all() as $marker) {
            $words = htmlspecialchars($marker->name, ENT_NOQUOTES | ENT_HTML5);
            $text .= "\n{$marker->label->value}\n".self::clock($marker->frame, $rate).' --> '
                .self::clock($marker->frame + 1, $rate)."\n$words\n";
        }

        return $text;
    }

    /**
     * @return list<Marker> in the order of the file
     *
     * @throws Refusal for a file without cues
     */
    public static function read(string $text, FrameRate $rate): array
    {
        $markers = [];
        foreach (preg_split('/\n{2,}/', str_replace(["\r\n", "\r"], "\n", trim($text))) ?: [] as $block) {
            if (
                preg_match('/^(?:(?<id>[^\n]*)\n)?'.self::TIME.'[ \t]+-->[^\n]*(?:\n(?<words>.*))?$/s', $block, $cue) === 1
                && ! str_contains($cue['id'], '-->')
            ) {
                $markers[] = new Marker(
                    self::frame((int) $cue[2], (int) $cue[3], (int) $cue[4], (int) $cue[5], $rate),
                    self::plain($cue['words'] ?? ''),
                    Dye::tryFrom($cue['id']) ?? Dye::Saffron,
                );
            }
        }

        return $markers !== [] ? $markers : throw new Refusal('the file holds no cues');
    }

    private static function clock(int $frame, FrameRate $rate): string
    {
        $milliseconds = intdiv(2000 * $frame * $rate->denominator + $rate->numerator, 2 * $rate->numerator);

        return sprintf(
            '%02d:%02d:%02d.%03d',
            intdiv($milliseconds, 3_600_000),
            intdiv($milliseconds, 60_000) % 60,
            intdiv($milliseconds, 1000) % 60,
            $milliseconds % 1000,
        );
    }

    /** The frame that begins nearest to a time; a millisecond is less than half of any. */
    private static function frame(int $hours, int $minutes, int $seconds, int $milliseconds, FrameRate $rate): int
    {
        $time = 1000 * (60 * (60 * $hours + $minutes) + $seconds) + $milliseconds;

        return intdiv(2 * $time * $rate->numerator + 1000 * $rate->denominator, 2000 * $rate->denominator);
    }

    private static function plain(string $words): string
    {
        $plain = html_entity_decode((string) preg_replace('/<[^>]*>/', '', $words), ENT_QUOTES | ENT_HTML5);

        return mb_substr(trim((string) preg_replace('/\s+/u', ' ', $plain)), 0, 200);
    }
}
