<?php

declare(strict_types=1);

namespace Ricamo\Raster\Media;

use Ricamo\Core\Document\MediaFacts;
use Ricamo\Core\Drawing\Drawing;
use Ricamo\Core\Time\FrameRate;
use Ricamo\Raster\Process\Ffmpeg;

/** A clip's file, and what has to be known to decode it frame by frame. */
final readonly class Clip
{
    /** Colour matrices, as swscale and as zimg name them. */
    private const ZIMG = ['bt709' => '709', 'smpte170m' => '170m', 'fcc' => 'fcc', 'smpte240m' => '240m', 'bt2020' => '2020_ncl'];

    /**
     * @param  int  $width  as displayed: turned, and with square pixels
     * @param  FrameRate  $rate  the rate at which its frames are counted; a varying rate is read as this one
     * @param  float  $start  when its first frame is shown, in seconds of the file's own clock
     * @param  float  $soundStart  the same in the clock of its sound, which differs where a container keeps no times of display
     * @param  float  $fileStart  when the file's clock begins
     * @param  bool  $seekable  whether a frame can be found by its time without reading all before it
     * @param  bool  $planar  whether it is stored as luma and chroma, as nearly all video is
     * @param  string  $matrix  its colour matrix as ffmpeg's swscale names it
     * @param  bool  $fullRange  whether its luma goes from 0 to 255
     * @param  bool  $alpha  whether it is transparent in places
     * @param  ?string  $decoder  the one that reads it whole, where that is not the usual one
     * @param  ?float  $soundSeconds  how long its sound goes on from the first frame; null where it has none
     * @param  int  $missing  how many frames its header promises that are not there
     * @param  ?string  $drawing  what there is to draw, where it is not made of pixels: JSON of a Drawing
     * @param  ?string  $font  its family and style, where it is a font
     * @param  ?string  $coding  how its pictures are coded, as ffmpeg calls it
     * @param  bool  $isLarge  whether it is read a strip at a time
     */
    public function __construct(
        public string $file,
        public int $width,
        public int $height,
        public FrameRate $rate,
        public int $frames,
        public float $start,
        public float $soundStart,
        public float $fileStart,
        public bool $seekable,
        public bool $planar,
        public string $matrix,
        public bool $fullRange,
        public bool $alpha,
        public ?string $decoder,
        public ?float $soundSeconds,
        public int $channels,
        public int $missing = 0,
        public ?string $coding = null,
        public ?string $drawing = null,
        public ?string $font = null,
        public bool $isLarge = false,
    ) {
    }

    public function facts(): MediaFacts
    {
        if ($this->font !== null) {
            return MediaFacts::font($this->font);
        }
        if ($this->isSound()) {
            return MediaFacts::sound((float) $this->soundSeconds);
        }

        return new MediaFacts(
            $this->width, $this->height, $this->rate, $this->frames, $this->hasSound(), $this->alpha, $this->soundSeconds,
            $this->drawing,
        );
    }

    /** A file that holds nothing to be seen. */
    public static function ofSound(string $file, float $start, float $fileStart, float $seconds, int $channels, string $coding): self
    {
        $facts = MediaFacts::sound($seconds);

        return new self(
            $file, 0, 0, $facts->rate, $facts->frames, $start, $start, $fileStart, false, false, 'bt709', false, false,
            null, $seconds, $channels, coding: $coding,
        );
    }

    /** A file that holds outlines. */
    public static function ofDrawing(string $file, Drawing $drawing): self
    {
        [$width, $height] = [max(1, (int) round($drawing->width)), max(1, (int) round($drawing->height))];

        return new self(
            $file, $width, $height, new FrameRate(25), 1, 0, 0, 0, false, false, 'bt709', false, true, null, null, 0,
            coding: 'svg', drawing: $drawing->toJson(),
        );
    }

    public static function ofFont(string $file, string $name): self
    {
        return new self(
            $file, 0, 0, new FrameRate(25), 1, 0, 0, 0, false, false, 'bt709', false, true, null, null, 0, coding: 'font',
            font: $name,
        );
    }

    public function isSound(): bool
    {
        return $this->width === 0 && $this->hasSound();
    }

    public function hasSound(): bool
    {
        return $this->soundSeconds !== null;
    }

    /** What the producer should know of the file; null where it is as it should be. */
    public function remark(): ?string
    {
        if ($this->drawing !== null) {
            $leftOut = Drawing::parse($this->drawing)->leftOut;

            return $leftOut === [] ? null : 'left out: '.implode(', ', $leftOut);
        }

        return $this->missing === 0 ? null : "it is cut off: $this->missing of its ".($this->frames + $this->missing).' frames are missing';
    }

    /**
     * The options that open the file near frame $frame, keeping the file's own clock.
     *
     * @return list<string>
     */
    public function open(int $frame): array
    {
        $seconds = $this->start + $this->rate->seconds($frame - 1) - $this->fileStart;
        $seek = $this->seekable && $frame > 1 && $seconds > 0 ? ['-ss', sprintf('%.6F', $seconds)] : [];

        return [
            '-copyts', ...$seek, ...Ffmpeg::inputOptions($this->file),
            ...($this->decoder === null ? [] : ['-c:v', $this->decoder]), '-i', $this->file,
        ];
    }

    /**
     * The filters that make of it one picture for each frame from $frame on, at its size as displayed.
     *
     * @param  int  $every  or, from the first frame on, for one of so many
     */
    public function frames(int $frame, int $every = 1): string
    {
        if ($every > 1) {
            // Half a frame early and rounded up: the picture that is on screen when that frame begins.
            return sprintf(
                "setpts='PTS-(%.6F)/TB',fps=fps=%d/%d:start_time=0:round=up",
                $this->start + $this->rate->seconds(0.5), $this->rate->numerator, $this->rate->denominator * $every,
            );
        }

        return sprintf(
            "setpts='PTS-(%.6F)/TB',fps=fps=%s:start_time=%.6F:round=near",
            $this->start, $this->rate, $this->rate->seconds($frame),
        );
    }

    /** The filter that makes stereo of its sound; a single channel is heard as loud on both sides as it is. */
    public function toStereo(): string
    {
        return $this->channels === 1 ? 'pan=stereo|c0=c0|c1=c0' : 'aformat=channel_layouts=stereo';
    }

    /** The filters that make its pictures this large, in blue, green and red of full range, premultiplied where it has alpha. */
    public function toRgb(int $width, int $height, Chroma $chroma = Chroma::Smooth): string
    {
        if ($this->alpha) {
            return $this->premultiplied($width, $height).',format=bgra';
        }

        return $this->hasPlanes()
            ? $this->zimg($width, $height, 'gbr', 'full', $chroma).',format=gbrp,format=bgr0'
            : $this->swscale($width, $height).',format=gbrp,format=bgr0';
    }

    /** The filters that make its pictures this large, in a YUV of another matrix and range. */
    public function toYuv(int $width, int $height, string $matrix, bool $fullRange): string
    {
        if ($this->hasPlanes() && $width % 2 === 0 && $height % 2 === 0) {
            return $this->zimg(
                $width, $height, self::ZIMG[$matrix], $fullRange ? 'full' : 'limited', Chroma::Reversible,
            ).',format='.($fullRange ? 'yuvj420p' : 'yuv420p');
        }

        return $this->swscale($width, $height).",format=gbrp,scale=out_color_matrix=$matrix:out_range="
            .($fullRange ? 'pc,format=yuvj420p' : 'tv,format=yuv420p');
    }

    /** The filters that make its pictures this large, with straight alpha. */
    public function toStraightAlpha(int $width, int $height): string
    {
        return $this->premultiplied($width, $height).',unpremultiply=inplace=1,format=bgra';
    }

    /** Pictures are scaled once they are premultiplied, so that no colour comes out from beneath what is transparent. */
    private function premultiplied(int $width, int $height): string
    {
        $scaled = $width === $this->width && $height === $this->height ? '' : ",scale=$width:$height:flags=bicubic";

        return $this->swscale($this->width, $this->height).",format=gbrap,premultiply=inplace=1$scaled";
    }

    /** Whether it is stored as the output will be, so that its pictures need no conversion. */
    public function isPlain(): bool
    {
        return $this->planar && ! $this->alpha && ! $this->fullRange && $this->matrix === 'bt709';
    }

    /** zimg takes YUV only, and chroma only where the sides can be divided by two. */
    private function hasPlanes(): bool
    {
        return $this->planar && $this->width % 2 === 0 && $this->height % 2 === 0;
    }

    private function zimg(int $width, int $height, string $matrix, string $range, Chroma $chroma = Chroma::Smooth): string
    {
        $isSameSize = $width === $this->width && $height === $this->height;

        return sprintf(
            'zscale=w=%d:h=%d:filter=%s:matrixin=%s:rangein=%s:matrix=%s:range=%s',
            $width, $height,
            $chroma === Chroma::Reversible && $isSameSize
                ? 'point:chromalin=center'.($matrix === 'gbr' ? '' : ':chromal=center')
                : 'bicubic',
            self::ZIMG[$this->matrix], $this->fullRange ? 'full' : 'limited', $matrix, $range,
        );
    }

    /** Slower, and exact only with accurate rounding. */
    private function swscale(int $width, int $height): string
    {
        return "scale=$width:$height:in_color_matrix={$this->matrix}:in_range=".($this->fullRange ? 'pc' : 'tv')
            .':flags=bicubic+accurate_rnd+full_chroma_int';
    }
}
