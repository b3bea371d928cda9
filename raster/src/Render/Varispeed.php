<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render;

use Ricamo\Core\Animation\Polyline;
use Ricamo\Core\Evaluate\SoundCue;
use RuntimeException;

/**
 * A stretch of sound whose speed changes, pitch and all, as that of a tape: each of its samples is taken from where the speed has
 * led by then, between four of the sound's own (Catmull & Rom 1974). Stereo, 32-bit floats, as many a second as the sound has.
 */
final class Varispeed
{
    private const BYTES = 8;

    /** Samples that are made at once. */
    private const CHUNK = 12_000;

    /**
     * @param  string  $from  a file of the samples that are gone through, from the earliest on
     * @param  float  $begin  where in it the stretch begins, in samples
     *
     * @throws RuntimeException where there is no room for it
     */
    public static function write(SoundCue $cue, string $from, float $begin, int $rate, string $to): void
    {
        $in = @fopen($from, 'rb') ?: throw new RuntimeException('the sound cannot be read');
        $out = @fopen($to, 'wb') ?: throw new RuntimeException('the folder cannot be written to');
        try {
            $total = (int) round($cue->length * $rate);
            $led = new Led(new Polyline($cue->speeds));
            for ($done = 0; $done < $total; $done += self::CHUNK) {
                $places = [];
                for ($sample = $done; $sample < min($total, $done + self::CHUNK); $sample++) {
                    $places[] = $begin + $rate * $led->to($sample / $rate);
                }
                $bytes = pack('g*', ...self::samples($in, $places));
                if (@fwrite($out, $bytes) !== strlen($bytes)) {
                    throw new RuntimeException('the disk is full');
                }
            }
        } finally {
            fclose($in);
            fclose($out);
        }
    }

    /**
     * @param  resource  $in
     * @param  non-empty-list<float>  $places  in samples, all within reach of each other
     * @return list<float> left and right of each
     */
    private static function samples(mixed $in, array $places): array
    {
        $first = max(0, (int) floor(min($places)) - 1);
        $count = max(1, (int) floor(max($places)) + 3 - $first);
        fseek($in, $first * self::BYTES);
        $bytes = (string) fread($in, $count * self::BYTES);
        /** @var array<int, float> $own  counted from 1 */
        $own = unpack('g*', substr($bytes, 0, strlen($bytes) - strlen($bytes) % self::BYTES)) ?: [];
        $samples = [];
        foreach ($places as $place) {
            $whole = (int) floor($place);
            $t = $place - $whole;
            $at = 2 * ($whole - $first) + 1;
            for ($side = $at; $side < $at + 2; $side++) {
                // Before the sound and after it there is silence.
                [$a, $b, $c, $d] = [$own[$side - 2] ?? 0.0, $own[$side] ?? 0.0, $own[$side + 2] ?? 0.0, $own[$side + 4] ?? 0.0];
                $samples[] = $b + $t / 2 * ($c - $a + $t * (2 * $a - 5 * $b + 4 * $c - $d + $t * (3 * ($b - $c) + $d - $a)));
            }
        }

        return $samples;
    }
}
