<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render;

use Ricamo\Raster\Draw\Surface;
use Ricamo\Raster\Process\Child;
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
    public function __construct(array $command, private readonly string $file, string $container = 'mp4')
    {
        WrittenVideo::sweep($file);
        $this->unfinished = $file.'.'.getmypid().'.part';
        $this->pipe = new Pipe;
        $input = $this->pipe->forChildToRead();
        $this->encoder = new Child([...$command, '-xerror', '-an', '-f', $container, '-y', $this->unfinished], [0 => $input]);
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
        $problem = $this->encoder->wait() === 0
            ? WrittenVideo::problem($this->unfinished, $frames)
            : WrittenVideo::because($this->file, $this->encoder->complaint());
        if ($problem === null && ! @rename($this->unfinished, $this->file)) {
            $problem = 'the file could not be put in its place';
        }
        $this->discard();

        return $problem === null ? null : "the video could not be written: $problem";
    }

    public function discard(): void
    {
        $this->encoder->kill();
        if (is_file($this->unfinished)) {
            unlink($this->unfinished);
        }
    }
}
