<?php

declare(strict_types=1);

namespace Ricamo\Raster\Media;

use Ricamo\Raster\Draw\Surface;
use Ricamo\Raster\Native\Libc;
use Ricamo\Raster\Process\Child;
use Ricamo\Raster\Process\Ffmpeg;
use Ricamo\Raster\Process\Pipe;
use RuntimeException;

/** Decodes a clip's frames, cheapest in order; one frame is held in memory at a time, or a few while going backwards. */
final class ClipReader
{
    /** Frames up to this far ahead are reached by reading on rather than by opening the file again. */
    private const READ_ON = 60;

    /** Frames up to this far before the last one are taken for going backwards. */
    private const BACK = 4;

    /** So many frames are decoded together while going backwards, as far as they take no more than these bytes. */
    private const TOGETHER = 16;

    private const TOGETHER_BYTES = 80_000_000;

    private ?Child $decoder = null;

    private ?Pipe $pipe = null;

    private readonly Surface $surface;

    /** The frame that $surface holds. */
    private int $held = -1;

    /** The frame that was asked for last. */
    private int $asked = -1;

    /** @var array<int, Surface> by the frame that each holds, while going backwards */
    private array $passed = [];

    /** @param  int  $halvings  how often its sides are halved, rounded up */
    public function __construct(private readonly Clip $clip, int $halvings = 0, private readonly Chroma $chroma = Chroma::Smooth)
    {
        $this->surface = new Surface((int) ceil($clip->width / 2 ** $halvings), (int) ceil($clip->height / 2 ** $halvings));
    }

    /** How many frames have to be read to reach this one; null where the file has to be opened anew. */
    public function distance(int $frame): ?int
    {
        return match (true) {
            isset($this->passed[$frame]) => 0,
            $this->goesBack($frame) => self::BACK,
            default => $this->ahead($frame),
        };
    }

    private function ahead(int $frame): ?int
    {
        $ahead = $frame - $this->held;

        return $this->pipe !== null && $ahead >= 0 && $ahead <= self::READ_ON ? $ahead : null;
    }

    public function frame(int $frame): Surface
    {
        $goesBack = $this->goesBack($frame);
        $this->asked = $frame;
        if ($frame === $this->held) {
            return $this->surface;
        }
        if ($goesBack && ! isset($this->passed[$frame])) {
            $this->readUpTo($frame);
        }
        if (isset($this->passed[$frame])) {
            return $this->passed[$frame];
        }
        $this->passed = [];

        return $this->readOn($frame);
    }

    private function readOn(int $frame): Surface
    {
        if ($this->ahead($frame) === null) {
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

    private function goesBack(int $frame): bool
    {
        return $frame < $this->asked && $frame >= $this->asked - self::BACK;
    }

    /** Decodes a frame and those before it, which will be asked for next. */
    private function readUpTo(int $frame): void
    {
        $count = min(self::TOGETHER, intdiv(self::TOGETHER_BYTES, $this->surface->bytes()));
        $this->passed = [];
        for ($each = max(0, $frame - $count + 1); $each <= $frame && $count > 1; $each++) {
            $copy = new Surface($this->surface->width, $this->surface->height);
            Libc::library()->memcpy($copy->pixels, $this->readOn($each)->pixels, $copy->bytes());
            $copy->changed();
            $this->passed[$each] = $copy;
        }
    }

    private function open(int $frame): void
    {
        $this->close();
        $this->pipe = new Pipe;
        $output = $this->pipe->forChildToWrite();
        $this->decoder = new Child(
            $this->clip->isLarge
                ? LargePicture::pixels($this->clip, $this->surface->width, $this->surface->height)
                : $this->decoding($frame),
            [1 => $output],
        );
        fclose($output);
        $this->pipe->closeWriteEnd();
        $this->held = $frame - 1;
    }

    /** @return list<string> */
    private function decoding(int $frame): array
    {
        return [
            ...Ffmpeg::command(), ...$this->clip->open($frame),
            '-map', '0:v:0', '-vf',
            $this->clip->frames($frame).','.$this->clip->toRgb($this->surface->width, $this->surface->height, $this->chroma),
            '-fps_mode', 'passthrough', '-f', 'rawvideo', 'pipe:1',
        ];
    }

    /** A frame that is missing at a damaged clip's end shows the last one that could be read. */
    private function standIn(int $frame): void
    {
        if ($this->held >= 0 && $this->decoder !== null && $frame > 0 && $this->held >= $frame - self::READ_ON) {
            $this->held = $frame;

            return;
        }
        // Left with nobody to read what it writes, it would never end.
        $this->pipe?->closeReadEnd();
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
