<?php

declare(strict_types=1);

namespace Ricamo\Raster\Media;

use Ricamo\Core\Refusal;

/** Files that ffmpeg does not read, as clips that it does: made when they are first asked for, and gone when the process ends. */
final class Converted
{
    /** The most bytes that such a clip may take. */
    private const LARGEST = 8 * 1024 ** 3;

    /** @var array<string, string> by the file that each was made of */
    private static array $made = [];

    /**
     * @return string where to read it: the file itself, where ffmpeg reads that
     *
     * @throws Refusal for a file that is damaged or too large
     */
    public static function of(string $file): string
    {
        if (! AnimatedWebP::is($file)) {
            return $file;
        }
        if (self::$made === []) {
            self::sweep();
            register_shutdown_function(fn () => array_map(unlink(...), array_filter(self::$made, is_file(...))));
        }
        if (! isset(self::$made[$file])) {
            $clip = sys_get_temp_dir().'/ricamo-'.getmypid().'-'.count(self::$made).'.mov';
            self::$made[$file] = $clip;
            AnimatedWebP::write($file, $clip, self::LARGEST);
        }

        return self::$made[$file];
    }

    /** What killed processes left. */
    private static function sweep(): void
    {
        foreach (glob(sys_get_temp_dir().'/ricamo-*-*.mov') ?: [] as $left) {
            if (preg_match('/ricamo-(\d+)-\d+\.mov$/', $left, $found) === 1 && ! file_exists("/proc/$found[1]")) {
                @unlink($left);
            }
        }
    }
}
