<?php

namespace Ricamo\Raster\Render;

use Ricamo\Raster\Draw\Surface;
use Ricamo\Raster\Process\Child;
use Ricamo\Raster\Process\Ffmpeg;
use Ricamo\Raster\Process\Pipe;

/**
 * An encoder that is fed frames. It writes beside the wanted file, which appears only when every frame is in it, so
 * that a file that is there is always whole.
 */
final class VideoOutput
{
    private readonly Pipe $pipe;

    private readonly Child $encoder;

    private readonly string $unfinished;

    /** @param  list<string>  $command an ffmpeg command without the output file */
    public function __construct(array $command, private readonly string $file)
    {
        $this->unfinished = $file.'.'.getmypid().'.part';
        $this->pipe = new Pipe;
        $input = $this->pipe->forChildToRead();
        $this->encoder = new Child([...$command, '-an', '-f', 'mp4', '-y', $this->unfinished], [0 => $input]);
        fclose($input);
        $this->pipe->closeReadEnd();
    }

    /** @return bool false when the encoder takes no more frames */
    public function write(Surface $surface): bool
    {
        return $this->pipe->write($surface->pixels, $surface->bytes());
    }

    /** @return ?string what went wrong, if it does not hold the frames expected */
    public function finish(int $frames): ?string
    {
        $this->pipe->closeWriteEnd();
        if ($this->encoder->wait() !== 0) {
            $this->discard();

            return "the video could not be encoded: {$this->encoder->complaint()}";
        }
        $counted = self::countFrames($this->unfinished);
        if ($counted !== $frames) {
            $this->discard();

            return "the video came out with $counted frames instead of $frames";
        }
        rename($this->unfinished, $this->file);

        return null;
    }

    public function discard(): void
    {
        $this->encoder->kill();
        if (is_file($this->unfinished)) {
            unlink($this->unfinished);
        }
    }

    public static function countFrames(string $file): int
    {
        return (int) Ffmpeg::probe(['-select_streams', 'v:0', '-count_packets', '-show_entries', 'stream=nb_read_packets', '-of', 'csv=p=0', $file], 120);
    }
}
