<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests;

use Ricamo\Core\Time\FrameRange;
use Ricamo\Raster\Process\Ffmpeg;
use Ricamo\Raster\Render\Joiner;
use Ricamo\Raster\Render\RangeRenderer;
use Ricamo\Raster\Render\Scene;

/** Hears what a rendered file sounds like. */
trait Listening
{
    /** @return list<float> the samples of one side, −1 to 1, of a file rendered from the scene's first $frames frames */
    private function heard(Scene $scene, int $frames, int $side = 0): array
    {
        $range = new FrameRange(0, $frames);
        $name = Clips::folder().'/sound-'.bin2hex(random_bytes(4));
        (new RangeRenderer($scene))->render($range, "$name-silent.mp4", fn (): bool => true);
        (new Joiner($scene))->join($range, ["$name-silent.mp4"], "$name.mp4");
        $raw = Ffmpeg::run([...Ffmpeg::command(), '-i', "$name.mp4", '-map', '0:a:0', '-f', 's16le', '-ar', '48000', '-ac', '2', 'pipe:1']);
        $values = array_values(unpack('s*', $raw) ?: []);

        return array_map(fn (int $index): float => $values[2 * $index + $side] / 32768, range(0, intdiv(count($values), 2) - 1));
    }

    /** @param  list<float>  $samples */
    private function loudness(array $samples, float $from, float $to): float
    {
        $part = array_slice($samples, (int) (48000 * $from), (int) (48000 * ($to - $from)));

        return sqrt(array_sum(array_map(fn (float $sample): float => $sample ** 2, $part)) / max(1, count($part)));
    }

    /**
     * The pitch of a single tone, from how often it passes nought.
     *
     * @param  list<float>  $samples
     */
    private function pitch(array $samples, float $from, float $to): float
    {
        $part = array_slice($samples, (int) (48000 * $from), (int) (48000 * ($to - $from)));
        $passes = 0;
        for ($index = 1; $index < count($part); $index++) {
            $passes += $part[$index - 1] < 0 && $part[$index] >= 0 ? 1 : 0;
        }

        return $passes / ($to - $from);
    }
}
