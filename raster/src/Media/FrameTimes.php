<?php

declare(strict_types=1);

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
    private function __construct(string $entries, string $file, float $seconds, private readonly int $most = self::MOST)
    {
        Ffmpeg::listen(
            Ffmpeg::probing(['-select_streams', 'v:0', '-show_entries', $entries, '-of', 'csv=p=0'], $file), $seconds,
            $this->read(...),
        );
        $this->take($this->rest);
        sort($this->times);
        $this->shown = $this->times !== [] ? $this->times : throw new Refusal('it holds no video frame that can be read');
        $this->areKnown = $this->known;
    }

    /**
     * As the container tells them.
     *
     * @param  int  $most  frames; a file with more is refused
     */
    public static function told(string $file, float $seconds, int $most = self::MOST): self
    {
        return new self('packet=pts_time,dts_time,flags', $file, $seconds, $most);
    }

    /** As they come out of the decoder, which has to be waited for. */
    public static function decoded(string $file, float $seconds): self
    {
        return new self('frame=best_effort_timestamp_time', $file, $seconds);
    }

    private function read(string $text): void
    {
        $lines = explode("\n", $this->rest.$text);
        $this->rest = (string) array_pop($lines);
        array_walk($lines, $this->take(...));
        if (count($this->times) > $this->most) {
            throw new Refusal('it has more than '.number_format($this->most).' frames');
        }
    }

    private function take(string $line): void
    {
        [$shown, $decoded, $flags] = explode(',', trim($line)) + ['', '', ''];
        $time = is_numeric($shown) ? $shown : $decoded;
        if (is_numeric($time) && ! str_contains($flags, 'D')) {
            $this->times[] = (float) $time;
            $this->known = $this->known && is_numeric($shown);
        } elseif ($shown === 'N/A' && $decoded === '' && count($this->times) > 1) {
            // The decoder's last frames may come without a time: as far after the one before as that is after its own.
            $last = count($this->times) - 1;
            $this->times[] = 2 * $this->times[$last] - $this->times[$last - 1];
        }
    }
}
