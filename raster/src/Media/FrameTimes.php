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
    public const MOST = 2_000_000;

    /** @var list<float> in seconds */
    private array $times = [];

    private bool $known = true;

    /** @param  int  $most  frames; a file with more is refused */
    public function __construct(private readonly int $most = self::MOST)
    {
    }

    /** As they come out of the decoder, which has to be waited for. */
    public static function decoded(string $file, int $stream, float $seconds): self
    {
        $times = new self;
        Ffmpeg::eachLine(
            Ffmpeg::probing(
                ['-select_streams', (string) $stream, '-show_entries', 'frame=best_effort_timestamp_time', '-of', 'csv=p=0'], $file,
            ), $seconds, $times->takeDecoded(...),
        );

        return $times;
    }

    /**
     * One more packet of it.
     *
     * @param  string  $shown  when its frame is shown, in seconds; what is no number where the container does not say
     * @param  string  $decoded  when it is decoded
     * @param  string  $flags  as ffprobe writes them
     *
     * @throws TooManyFrames
     */
    public function take(string $shown, string $decoded, string $flags): void
    {
        $time = is_numeric($shown) ? $shown : $decoded;
        if (is_numeric($time) && ! str_contains($flags, 'D')) {
            $this->add((float) $time);
            $this->known = $this->known && is_numeric($shown);
        }
    }

    private function takeDecoded(string $line): void
    {
        $time = rtrim(trim($line), ',');
        if (is_numeric($time)) {
            $this->add((float) $time);
        } elseif ($time === 'N/A' && count($this->times) > 1) {
            // The decoder's last frames may come without a time: as far after the one before as that is after its own.
            $last = count($this->times) - 1;
            $this->add(2 * $this->times[$last] - $this->times[$last - 1]);
        }
    }

    private function add(float $time): void
    {
        $this->times[] = $time;
        if (count($this->times) > $this->most) {
            throw new TooManyFrames('it has more than '.number_format($this->most).' frames');
        }
    }

    /**
     * @return non-empty-list<float> sorted, in seconds
     *
     * @throws Refusal where there is none
     */
    public function shown(): array
    {
        $times = $this->times;
        sort($times);

        return $times !== [] ? $times : throw new Refusal('it holds no video frame that can be read');
    }

    /** Whether the container says when frames are shown, and not only when they are decoded. */
    public function areKnown(): bool
    {
        return $this->known;
    }
}
