<?php

declare(strict_types=1);

namespace Ricamo\Raster\Media;

use Ricamo\Core\Time\FrameRate;

/** How a clip's frames lie in time, worked out from when each of them is shown. */
final readonly class ClipTiming
{
    /** Rates that cameras and programs really mean, to which a measured one is rounded. */
    private const USUAL = [
        [24000, 1001], [24, 1], [25, 1], [30000, 1001], [30, 1], [48000, 1001], [48, 1], [50, 1],
        [60000, 1001], [60, 1], [100, 1], [120000, 1001], [120, 1], [12, 1], [15, 1], [10, 1],
    ];

    private function __construct(public FrameRate $rate, public int $frames, public float $start, public bool $steady)
    {
    }

    /** @param  non-empty-list<float>  $times sorted, in seconds */
    public static function of(array $times, ?float $average, ?float $base): self
    {
        $count = count($times);
        $start = $times[0];
        $measured = $count > 1 && $times[$count - 1] > $start ? ($count - 1) / ($times[$count - 1] - $start) : null;
        $rate = self::usual($measured ?? $average ?? $base ?? 25.0);
        if (self::isSteady($times, $rate)) {
            return new self($rate, $count, $start, true);
        }
        // Frames that come unevenly are read at the rate the file is based on, where that is a usual one.
        $rate = self::usual($base !== null && $base <= 60 ? $base : ($average ?? 30.0));

        return new self($rate, (int) round(($times[$count - 1] - $start) * $rate->perSecond()) + 1, $start, false);
    }

    /** @param  non-empty-list<float>  $times */
    private static function isSteady(array $times, FrameRate $rate): bool
    {
        // Containers that keep times in milliseconds round by half of one.
        $allowed = max(0.0011, 0.1 * $rate->seconds(1));
        foreach ($times as $index => $time) {
            if (abs($time - $times[0] - $rate->seconds($index)) > $allowed) {
                return false;
            }
        }

        return true;
    }

    private static function usual(float $perSecond): FrameRate
    {
        $perSecond = max(1.0, min(240.0, $perSecond));
        $best = new FrameRate((int) round($perSecond * 1000), 1000);
        $nearest = 0.002 * $perSecond;
        foreach (self::USUAL as [$numerator, $denominator]) {
            $distance = abs($numerator / $denominator - $perSecond);
            if ($distance < $nearest) {
                $nearest = $distance;
                $best = new FrameRate($numerator, $denominator);
            }
        }

        return $best;
    }
}
