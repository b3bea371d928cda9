<?php

namespace Ricamo\Raster\Media;

use Ricamo\Raster\Draw\Surface;
use Ricamo\Raster\Process\Child;
use Ricamo\Raster\Process\Ffmpeg;
use Ricamo\Raster\Process\Pipe;
use RuntimeException;

/** Decodes a clip's frames, cheapest in order; one frame is held in memory at a time. */
final class ClipReader
{
    /** Frames up to this far ahead are reached by reading on rather than by opening the file again. */
    private const READ_ON = 60;

    private ?Child $decoder = null;

    private ?Pipe $pipe = null;

    private readonly Surface $surface;

    /** The frame that $surface holds. */
    private int $held = -1;

    /** @param  int  $halvings  how often its sides are halved, rounded up */
    public function __construct(private readonly Clip $clip, int $halvings = 0, private readonly Chroma $chroma = Chroma::Smooth)
    {
        $this->surface = new Surface((int) ceil($clip->width / 2 ** $halvings), (int) ceil($clip->height / 2 ** $halvings));
    }

    /** How many frames have to be read to reach this one; null where the file has to be opened anew. */
    public function distance(int $frame): ?int
    {
        $ahead = $frame - $this->held;

        return $this->pipe !== null && $ahead >= 0 && $ahead <= self::READ_ON ? $ahead : null;
    }

    public function frame(int $frame): Surface
    {
        if ($frame === $this->held) {
            return $this->surface;
        }
        if ($this->distance($frame) === null) {
            $this->open($frame);
        }
        while ($this->held < $frame && $this->pipe?->read($this->surface->pixels, $this->surface->bytes())) {
            $this->held++;
        }
        if ($this->held !== $frame) {
            $this->standIn($frame);
        }
        $this->surface->changed();

        return $this->surface;
    }

    private function open(int $frame): void
    {
        $this->close();
        $this->pipe = new Pipe;
        $output = $this->pipe->forChildToWrite();
        $this->decoder = new Child([
            ...Ffmpeg::command(), ...$this->clip->open($frame),
            '-map', '0:v:0', '-vf', $this->clip->frames($frame).','.$this->clip->toRgb($this->surface->width, $this->surface->height, $this->chroma),
            '-fps_mode', 'passthrough', '-f', 'rawvideo', 'pipe:1',
        ], [1 => $output]);
        fclose($output);
        $this->pipe->closeWriteEnd();
        $this->held = $frame - 1;
    }

    /** A frame that is missing at a damaged clip's end shows the last one that could be read. */
    private function standIn(int $frame): void
    {
        if ($this->held >= 0 && $this->decoder !== null && $frame > 0 && $this->held >= $frame - self::READ_ON) {
            $this->held = $frame;

            return;
        }
        $reason = $this->decoder?->wait() ? $this->decoder->complaint() : 'the clip ends before it';
        throw new RuntimeException("frame $frame of ".basename($this->clip->file)." could not be decoded: $reason");
    }

    private function close(): void
    {
        $this->pipe?->closeReadEnd();
        $this->pipe = null;
        $this->decoder?->kill();
        $this->decoder = null;
    }

    public function __destruct()
    {
        $this->close();
    }
}
