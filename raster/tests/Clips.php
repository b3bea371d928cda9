<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests;

use Ricamo\Raster\Draw\Surface;
use Ricamo\Raster\Process\Ffmpeg;

/** Small clips for tests, made once with ffmpeg and kept for the run. */
final class Clips
{
    private static ?string $folder = null;

    public static function folder(): string
    {
        if (self::$folder === null) {
            self::$folder = sys_get_temp_dir().'/ricamo-clips-'.getmypid();
            mkdir(self::$folder);
            register_shutdown_function(function (): void {
                array_map(unlink(...), array_filter(glob(self::$folder.'/*') ?: [], is_file(...)));
                rmdir((string) self::$folder);
            });
        }

        return self::$folder;
    }

    /**
     * A clip whose every frame says its number: eight upright stripes, white where that bit of the number is set.
     *
     * @param  list<string>  $more  options for the output
     */
    public static function counting(
        string $name = 'counting.mp4', string $size = '320x180', string $rate = '25', int $frames = 100, array $more = [],
    ): string {
        return self::make($name, [
            // One pixel for each bit, and these made larger: ffmpeg works out a formula for every pixel slowly.
            '-f', 'lavfi', '-i',
            "color=c=black:s=8x2:r=$rate,format=gray,geq=lum='255*mod(floor(N/pow(2,X)),2)',scale=$size:flags=neighbor:in_range=pc:out_range=tv,setsar=1,format=yuv420p",
            '-frames:v', (string) $frames, '-c:v', 'libx264', '-preset', 'veryfast', '-crf', '16', '-g', '30', '-bf', '2', ...$more,
        ]);
    }

    /** The number that a frame of a counting clip shows, read in its upper part. */
    public static function number(Surface $picture): int
    {
        $number = 0;
        foreach (range(0, 7) as $bit) {
            $number += $picture->pixel((int) (($bit + 0.5) * $picture->width / 8), 30)[1] > 128 ? 1 << $bit : 0;
        }

        return $number;
    }

    /** Sixty frames of 320 × 180 that no encoder makes small. */
    public static function grain(): string
    {
        return self::make(
            'grain.mp4',
            [
                '-f', 'lavfi', '-i', "nullsrc=s=320x180:r=25,geq=lum='random(1)*255':cb=128:cr=128", '-frames:v', '60',
                '-c:v', 'libx264', '-crf', '10',
            ],
        );
    }

    /** @param  list<string>  $options */
    public static function make(string $name, array $options): string
    {
        $file = self::folder()."/$name";
        if (! is_file($file)) {
            Ffmpeg::run([...Ffmpeg::command(), '-y', ...$options, $file]);
        }

        return $file;
    }
}
