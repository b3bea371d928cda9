<?php

declare(strict_types=1);

namespace App\Samples;

use Illuminate\Support\Facades\File;
use Ricamo\Raster\Process\Ffmpeg;

/** Makes files that ffmpeg can synthesise, once. */
final readonly class Made
{
    public function __construct(private string $folder)
    {
    }

    /** @param  string  $graph  of ffmpeg's filters */
    public function picture(string $name, string $graph): string
    {
        return $this->by(
            $name,
            fn (string $file): string => Ffmpeg::run([
                ...Ffmpeg::command(), '-f', 'lavfi', '-i', $graph, '-frames:v', '1', '-pix_fmt', 'rgb24', '-c:v', 'png',
                '-f', 'image2', '-update', '1', '-y', $file,
            ]),
        );
    }

    /** @param  string  $wave  of the time t in seconds, −1 to 1 */
    public function sound(string $name, string $wave, int $seconds): string
    {
        return $this->by(
            $name,
            fn (string $file): string => Ffmpeg::run([
                ...Ffmpeg::command(), '-f', 'lavfi', '-i', "aevalsrc='$wave':s=48000:d=$seconds", '-c:a', 'pcm_s16le', '-f',
                'wav', '-y', $file,
            ]),
        );
    }

    public function text(string $name, string $text): string
    {
        return $this->by($name, fn (string $file): int|false => file_put_contents($file, $text));
    }

    /** @param  callable(string): mixed  $make  writes the file */
    private function by(string $name, callable $make): string
    {
        $file = "{$this->folder}/$name";
        if (! is_file($file)) {
            File::ensureDirectoryExists($this->folder);
            $fresh = $file.'.'.getmypid().'.part';
            $make($fresh);
            rename($fresh, $file);
        }

        return $file;
    }
}
