<?php

namespace Ricamo\Raster\Render;

use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Time\FrameRate;
use Ricamo\Raster\Process\Ffmpeg;
use RuntimeException;

/** Joins the pieces of a render, without encoding them again, and mixes the sound to go with them. */
final readonly class Joiner
{
    public function __construct(private Scene $scene)
    {
    }

    /**
     * @param  list<string>  $pieces  video files in order
     * @param  ?callable(): mixed  $alive  is called from time to time; what it throws ends the work
     *
     * @throws RuntimeException where they cannot be joined; the pieces stay as they are
     */
    public function join(FrameRange $range, array $pieces, string $file, ?callable $alive = null): void
    {
        WrittenVideo::sweep($file);
        $list = $file.'.'.getmypid().'.list.part';
        $unfinished = $file.'.'.getmypid().'.part';
        try {
            $problem = $this->attempt($range, $pieces, $list, $unfinished, $alive) ?? WrittenVideo::problemWithIndexFirst($unfinished, $range->length());
            if ($problem === null && ! @rename($unfinished, $file)) {
                $problem = 'the file could not be put in its place';
            }
        } finally {
            array_map(unlink(...), array_filter([$list, $unfinished], is_file(...)));
        }
        if ($problem !== null) {
            throw new RuntimeException("the pieces could not be joined: $problem");
        }
    }

    /**
     * @param  list<string>  $pieces
     * @return ?string what went wrong
     */
    private function attempt(FrameRange $range, array $pieces, string $list, string $unfinished, ?callable $alive): ?string
    {
        $text = implode('', array_map(
            fn (string $piece): string => "file '".str_replace("'", "'\\''", (string) realpath($piece))."'\n", $pieces,
        ));
        if (@file_put_contents($list, $text) !== strlen($text)) {
            return WrittenVideo::because($list, 'the folder cannot be written to');
        }
        $cues = $this->scene->sounds($range);
        $rate = $this->scene->composition->rate;
        $mix = new SoundMix($cues, $this->scene->clips, $unfinished);
        try {
            Ffmpeg::listen([
                ...Ffmpeg::command(), '-progress', 'pipe:1',
                '-f', 'concat', '-safe', '0', '-i', $list, ...$mix->inputs(),
                // A sound that is damaged in places is heard where it is not.
                ...($cues === [] ? ['-xerror'] : ['-filter_complex', $mix->filter($rate->seconds($range->length())), '-map', '[sound]', '-c:a', 'aac', '-b:a', '256k']),
                '-map', '0:v', '-c:v', 'copy', '-bsf:v', $this->wholeFrames($rate), '-movflags', '+faststart', '-f', 'mp4', '-y', $unfinished,
            ], null, fn (): mixed => $alive === null ? null : $alive());
        } catch (Refusal $refusal) {
            return WrittenVideo::because($unfinished, $refusal->getMessage());
        } finally {
            $mix->sweep();
        }

        return null;
    }

    /** Joining counts the length of pieces in microseconds; this takes every frame back to where it begins exactly. */
    private function wholeFrames(FrameRate $rate): string
    {
        $ticks = VideoFormat::ticks($rate);

        return "setts=pts=round(PTS/$ticks)*$ticks:dts=round(DTS/$ticks)*$ticks";
    }
}
