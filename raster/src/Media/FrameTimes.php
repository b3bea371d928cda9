<?php

namespace Ricamo\Raster\Media;

use Ricamo\Core\Refusal;
use Ricamo\Raster\Process\Ffmpeg;

/**
 * When each frame of a clip is shown. Read from the packets rather than from the header, which a cut-off file still has
 * in full.
 */
final class FrameTimes
{
    /** More frames than this are no clip: over nine hours at 60 a second. */
    private const MOST = 2_000_000;

    /** @var non-empty-list<float> sorted, in seconds */
    public readonly array $shown;

    /** Whether the container says when frames are shown, and not only when they are decoded. */
    public readonly bool $areKnown;

    private string $rest = '';

    /** @var list<float> */
    private array $times = [];

    private bool $known = true;

    /** @throws Refusal for a file without frames, and for one with far too many */
    public function __construct(string $file, float $seconds)
    {
        Ffmpeg::listen(Ffmpeg::probing(['-select_streams', 'v:0', '-show_entries', 'packet=pts_time,dts_time,flags', '-of', 'csv=p=0'], $file), $seconds, $this->read(...));
        $this->take($this->rest);
        sort($this->times);
        $this->shown = $this->times !== [] ? $this->times : throw new Refusal('it holds no video frame that can be read');
        $this->areKnown = $this->known;
    }

    private function read(string $text): void
    {
        $lines = explode("\n", $this->rest.$text);
        $this->rest = (string) array_pop($lines);
        array_walk($lines, $this->take(...));
        if (count($this->times) > self::MOST) {
            throw new Refusal('it has more than '.number_format(self::MOST).' frames');
        }
    }

    private function take(string $line): void
    {
        [$shown, $decoded, $flags] = explode(',', trim($line)) + ['', '', ''];
        $time = is_numeric($shown) ? $shown : $decoded;
        if (is_numeric($time) && ! str_contains($flags, 'D')) {
            $this->times[] = (float) $time;
            $this->known = $this->known && is_numeric($shown);
        }
    }
}
