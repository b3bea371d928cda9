<?php

declare(strict_types=1);

namespace Ricamo\Core\Time;

use Ricamo\Core\Refusal;
use Ricamo\Core\Value\Arithmetic;
use Ricamo\Core\Value\Terms;

/**
 * Writes and reads timecode after SMPTE ST 12-1: hours:minutes:seconds:frames. For 30000/1001 and 60000/1001 it is
 * drop-frame, written with `;` before the frames: the first two (four) frame numbers of every minute are left out,
 * except in minutes divisible by ten, so that timecode keeps step with the clock.
 */
final readonly class Timecode
{
    public function __construct(private FrameRate $rate)
    {
    }

    public function format(int $frame): string
    {
        $sign = $frame < 0 ? '-' : '';
        $number = $this->numberOf(abs($frame));
        $nominal = $this->rate->nominal();
        $seconds = intdiv($number, $nominal);

        return sprintf(
            $nominal > 100 ? '%s%02d:%02d:%02d%s%03d' : '%s%02d:%02d:%02d%s%02d',
            $sign, intdiv($seconds, 3600), intdiv($seconds, 60) % 60, $seconds % 60,
            $this->dropped() > 0 ? ';' : ':', $number % $nominal,
        );
    }

    /**
     * Reads `01:02:03:04`, shorter forms counted from the right (`2:10` is two seconds and ten frames), a bare frame
     * number, or a sum of seconds and frames (`1s + 6f`).
     *
     * @throws Refusal for anything else, and for a frame number that drop-frame timecode leaves out
     */
    public function parse(string $text): int
    {
        $text = trim($text);
        if (preg_match('/^-?\d{1,9}$/', $text)) {
            return (int) $text;
        }
        if (! preg_match('/^(-?)(?:(?:(\d{1,3})[:;.])?(\d{1,3})[:;.])?(\d{1,3})[:;.](\d{1,3})$/', $text, $parts)) {
            return $this->sum($text);
        }
        [, $sign, $hours, $minutes, $seconds, $frames] = $parts;
        $nominal = $this->rate->nominal();
        if ((int) $minutes > 59 || (int) $seconds > 59 || (int) $frames >= $nominal) {
            throw new Refusal("\"$text\" has a part out of range; minutes and seconds go to 59, frames to ".($nominal - 1));
        }
        $minute = 60 * (int) $hours + (int) $minutes;
        $number = (60 * $minute + (int) $seconds) * $nominal + (int) $frames;
        if ((int) $seconds === 0 && (int) $frames < $this->dropped() && $minute % 10 !== 0) {
            throw new Refusal("\"$text\" is a frame number that drop-frame timecode leaves out");
        }
        $frame = $number - $this->dropped() * ($minute - intdiv($minute, 10));

        return $sign === '-' ? -$frame : $frame;
    }

    /**
     * Reads the same, or with a sign before it so much later or earlier than a frame: `+25`, `-1s`, `+2:10`, `-2s+4f`.
     *
     * @throws Refusal as `parse` does
     */
    public function parseFrom(string $text, int $here): int
    {
        if (! preg_match('/^\s*([+\-−])\s*(\S.*)$/u', $text, $parts)) {
            return $this->parse($text);
        }
        [, $sign, $by] = $parts;
        $isOne = preg_match('/^[\d:;.]+$/', $by) === 1;

        return $here + match (true) {
            $sign === '+' => $this->parse($by),
            // A minus is of the first part of a sum, and of the whole of a timecode.
            $isOne => -$this->parse($by),
            default => $this->sum("-$by"),
        };
    }

    private function sum(string $text): int
    {
        try {
            $frames = round(Arithmetic::evaluate($text, Terms::frames($this->rate->perSecond())));
        } catch (Refusal) {
            throw new Refusal("\"$text\" is neither a timecode (00:00:02:10), nor a frame number, nor a sum such as 1s + 6f");
        }

        return abs($frames) < 1e9 ? (int) $frames : throw new Refusal("\"$text\" is too far away");
    }

    private function dropped(): int
    {
        return match ((string) $this->rate) {
            '30000/1001' => 2,
            '60000/1001' => 4,
            default => 0,
        };
    }

    private function numberOf(int $frame): int
    {
        $dropped = $this->dropped();
        if ($dropped === 0) {
            return $frame;
        }
        $perMinute = 60 * $this->rate->nominal() - $dropped;
        $perTenMinutes = 10 * $perMinute + $dropped;
        $tens = intdiv($frame, $perTenMinutes);
        $rest = $frame % $perTenMinutes;
        $minutes = $rest < $perMinute + $dropped ? 0 : 1 + intdiv($rest - $perMinute - $dropped, $perMinute);

        return $frame + $dropped * (9 * $tens + $minutes);
    }
}
