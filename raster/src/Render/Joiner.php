<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render;

use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Raster\Process\Ffmpeg;
use Ricamo\Raster\Render\Format\Joining;
use RuntimeException;

/** Makes the finished file of the pieces of a render, and mixes the sound to go with them. */
final readonly class Joiner
{
    public function __construct(private Scene $scene, private Output $output = new Output)
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
        $pictures = $file.'.'.getmypid().'.pictures.part';
        try {
            $problem = $this->output->format->joining() === Joining::Pictures
                ? $this->attemptPictures($range, $pieces, $list, $pictures, $unfinished, $alive)
                : $this->attempt($range, $pieces, $list, $unfinished, $alive) ?? $this->problem($unfinished, $range->length());
            if ($problem === null && ! @rename($unfinished, $file)) {
                $problem = 'the file could not be put in its place';
            }
        } finally {
            array_map(unlink(...), array_filter([$list, $unfinished], is_file(...)));
            WrittenVideo::removeFolder($pictures);
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
        $format = $this->output->format;
        $cues = $format->holdsSound() ? $this->scene->sounds($range) : [];
        $rate = $this->scene->composition->rate;
        if ($format->joining() === Joining::Sound) {
            if ($cues === []) {
                return 'nothing is heard in it';
            }
            $input = ['-f', 'lavfi', '-i', 'nullsrc=s=16x16:d=0.1'];
        } elseif (! $this->writeList($list, $pieces)) {
            return WrittenVideo::because($list, 'the folder cannot be written to');
        }
        $mix = new SoundMix($cues, $this->scene->clips, $unfinished);
        try {
            $this->run([
                ...($input ?? self::reading($list)), ...$mix->inputs(),
                // A sound that is damaged in places is heard where it is not.
                ...($cues === [] ? ['-xerror'] : [
                    '-filter_complex', $mix->filter($rate->seconds($range->length())), '-map', '[sound]',
                    ...$format->soundEncoder(),
                ]),
                ...($format->joining() === Joining::Copied ? ['-map', '0:v'] : []),
                ...$format->finishing($rate, $this->output->quality), '-y', $unfinished,
            ], $alive);
        } catch (Refusal $refusal) {
            return WrittenVideo::because($unfinished, $refusal->getMessage());
        } finally {
            $mix->sweep();
        }

        return null;
    }

    /**
     * @param  list<string>  $pieces
     * @return ?string what went wrong
     */
    private function attemptPictures(
        FrameRange $range, array $pieces, string $list, string $folder, string $unfinished, ?callable $alive,
    ): ?string {
        if (! @mkdir($folder) || ! $this->writeList($list, $pieces)) {
            return WrittenVideo::because($list, 'the folder cannot be written to');
        }
        // Counted as the frames of the composition are, with as many digits as the last one has.
        $digits = max(4, strlen((string) $range->last()));
        try {
            $this->run([
                ...self::reading($list), '-xerror', '-map', '0:v',
                ...$this->output->format->finishing($this->scene->composition->rate, $this->output->quality),
                '-start_number', (string) $range->in, "$folder/frame-%0{$digits}d.png",
            ], $alive);
        } catch (Refusal $refusal) {
            return WrittenVideo::because($unfinished, $refusal->getMessage());
        }

        return PictureZip::of($folder, $unfinished, $range->length(), $alive);
    }

    /**
     * @param  list<string>  $arguments
     * @param  ?callable(): mixed  $alive
     *
     * @throws Refusal
     */
    private function run(array $arguments, ?callable $alive): void
    {
        Ffmpeg::listen(
            [...Ffmpeg::command(), '-progress', 'pipe:1', ...$arguments], null,
            fn (): mixed => $alive === null ? null : $alive(),
        );
    }

    /** @return list<string> */
    private static function reading(string $list): array
    {
        return ['-f', 'concat', '-safe', '0', '-i', $list];
    }

    /** @param  list<string>  $pieces */
    private function writeList(string $list, array $pieces): bool
    {
        $text = implode('', array_map(
            fn (string $piece): string => "file '".str_replace("'", "'\\''", (string) realpath($piece))."'\n", $pieces,
        ));

        return @file_put_contents($list, $text) === strlen($text);
    }

    private function problem(string $file, int $frames): ?string
    {
        return match ($this->output->format->joining()) {
            Joining::Copied => WrittenVideo::problemWithIndexFirst($file, $frames),
            // A GIF leaves out frames that are as the one before, and what reads animated WebP counts one.
            default => is_file($file) && filesize($file) > 0 ? null : WrittenVideo::because($file, 'nothing was written'),
        };
    }
}
