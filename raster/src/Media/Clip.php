<?php

namespace Ricamo\Raster\Media;

use Ricamo\Core\Document\MediaFacts;
use Ricamo\Core\Time\FrameRate;
use Ricamo\Raster\Process\Ffmpeg;

/** A clip's file, and what has to be known to decode it frame by frame. */
final readonly class Clip
{
    /**
     * @param  int  $width  as displayed: turned, and with square pixels
     * @param  FrameRate  $rate  the rate at which its frames are counted; a varying rate is read as this one
     * @param  float  $start  when its first frame is shown, in seconds of the file's own clock
     * @param  float  $fileStart  when the file's clock begins
     * @param  bool  $steady  whether its frames follow each other evenly
     * @param  string  $matrix  its colour matrix as ffmpeg's scaler names it
     * @param  bool  $fullRange  whether its luma goes from 0 to 255
     */
    public function __construct(
        public string $file,
        public int $width,
        public int $height,
        public FrameRate $rate,
        public int $frames,
        public float $start,
        public float $fileStart,
        public bool $steady,
        public string $matrix,
        public bool $fullRange,
        public bool $sound,
    ) {
    }

    public function facts(): MediaFacts
    {
        return new MediaFacts($this->width, $this->height, $this->rate, $this->frames, $this->sound);
    }

    /**
     * The options that open the file near frame $frame, keeping the file's own clock.
     *
     * @return list<string>
     */
    public function open(int $frame): array
    {
        $seconds = $this->start + $this->rate->seconds($frame - 1) - $this->fileStart;
        // Between unevenly spaced frames there is no telling which one is on screen without having read it.
        $seek = $this->steady && $frame > 1 && $seconds > 0 ? ['-ss', sprintf('%.6F', $seconds)] : [];

        return ['-copyts', ...$seek, ...Ffmpeg::inputOptions(), '-i', $this->file];
    }

    /** The filters that make of it one picture for each frame from $frame on, at its size as displayed. */
    public function frames(int $frame): string
    {
        return sprintf(
            "setpts='PTS-(%.6F)/TB',fps=fps=%s:start_time=%.6F:round=near",
            $this->start, $this->rate, $this->rate->seconds($frame),
        );
    }

    /** The scaler's settings that read its colours rightly. */
    public function colours(): string
    {
        return "in_color_matrix={$this->matrix}:in_range=".($this->fullRange ? 'pc' : 'tv');
    }
}
