<?php

declare(strict_types=1);

namespace Ricamo\Raster\Media;

use FFI;
use FFI\CData;
use Generator;
use Ricamo\Core\Refusal;
use Ricamo\Raster\Native\WebPDemux;
use Ricamo\Raster\Process\Ffmpeg;
use Symfony\Component\Process\Process;

/**
 * An animated WebP, made into a clip without loss, because ffmpeg reads only the first of its pictures. Its pictures stay
 * for milliseconds of their own; the clip has the highest rate at which each of them stays for whole frames.
 */
final class AnimatedWebP
{
    /** The most frames of the clip. */
    private const MOST = 20_000;

    /** The most pixels of a picture. */
    private const LARGEST = 8192 * 8192;

    /** The most frames a second; what changes faster is shown as near to its moments as these allow. */
    private const FASTEST = 100;

    /** How long a picture stays that says nothing, in milliseconds. */
    private const UNSAID = 100;

    private CData $data;

    private CData $bytes;

    private CData $decoder;

    private CData $info;

    /** What was decoded last. */
    private CData $picture;

    private function __construct(string $content)
    {
        $webp = WebPDemux::library();
        $length = strlen($content);
        $this->bytes = $webp->new("char[$length]");
        FFI::memcpy($this->bytes, $content, $length);
        $this->data = $webp->new('WebPData');
        $this->data->bytes = FFI::addr($this->bytes[0]);
        $this->data->size = $length;
        $options = $webp->new('WebPAnimDecoderOptions');
        $webp->WebPAnimDecoderOptionsInitInternal(FFI::addr($options), WebPDemux::ABI);
        $options->color_mode = WebPDemux::RGBA;
        $this->decoder = $webp->WebPAnimDecoderNewInternal(FFI::addr($this->data), FFI::addr($options), WebPDemux::ABI)
            ?? throw new Refusal('it is a damaged WebP');
        $this->info = $webp->new('WebPAnimInfo');
        $webp->WebPAnimDecoderGetInfo($this->decoder, FFI::addr($this->info));
    }

    /** Whether a file is a WebP whose header says that it is animated (the fifth flag of its VP8X chunk). */
    public static function is(string $file): bool
    {
        $head = (string) @file_get_contents($file, length: 30);

        return preg_match('/^RIFF.{4}WEBPVP8X.{4}(.)/s', $head, $parts) === 1 && (ord($parts[1]) & 0x02) !== 0;
    }

    /**
     * Writes the clip.
     *
     * @param  int  $bytes  how many it may take
     *
     * @throws Refusal for a file that is none, too large or too long
     */
    public static function write(string $file, string $target, int $bytes): void
    {
        [$width, $height] = self::size($file);
        if ($width * $height > self::LARGEST) {
            throw new Refusal("its pictures of $width × $height are too large");
        }
        $animation = new self((string) file_get_contents($file));
        $ends = $animation->ends();
        $tick = max(intdiv(1000, self::FASTEST), array_reduce($ends, self::divisor(...), 0));
        $frames = array_map(fn (int $end): int => (int) round($end / $tick), $ends);
        if (end($frames) > self::MOST) {
            throw new Refusal('it has more than '.number_format(self::MOST).' frames');
        }
        $encoder = new Process([
            ...Ffmpeg::command(), '-f', 'rawvideo', '-pix_fmt', 'rgba', '-video_size', "{$width}x$height", '-framerate',
            "1000/$tick", '-i', 'pipe:0',
            '-c:v', 'png', '-compression_level', '1', '-pred', 'up', '-fs', (string) $bytes, '-f', 'mov', '-y', $target,
        ], timeout: 3600);
        $encoder->setInput($animation->pictures($frames));
        if ($encoder->run() !== 0 || @filesize($target) >= 0.99 * $bytes) {
            $isFull = is_file($target) && filesize($target) >= 0.99 * $bytes;
            @unlink($target);
            throw new Refusal($isFull ? 'its pictures take more room than they may' : 'its pictures cannot be kept: the disk is full');
        }
    }

    /**
     * The size in its header, before anything is decoded.
     *
     * @return array{int, int}
     */
    private static function size(string $file): array
    {
        // The extended header holds width − 1 and height − 1 in three bytes each.
        $head = (string) file_get_contents($file, offset: 24, length: 6);
        $sides = unpack('vwide/Cwider/vhigh/Chigher', $head) ?: throw new Refusal('it is a damaged WebP');

        return [1 + $sides['wide'] + 65536 * $sides['wider'], 1 + $sides['high'] + 65536 * $sides['higher']];
    }

    /** @return non-empty-list<int> when each picture ends, in milliseconds, in order and none at once with the one before */
    private function ends(): array
    {
        $ends = [];
        $last = 0;
        foreach ($this->decoded() as $end) {
            $ends[] = $last = $end > $last ? $end : $last + self::UNSAID;
        }
        WebPDemux::library()->WebPAnimDecoderReset($this->decoder);

        return $ends === [] ? throw new Refusal('it is a damaged WebP') : $ends;
    }

    /**
     * The clip's frames, one after the other, RGBA.
     *
     * @param  list<int>  $ends  of each picture, in frames
     * @return Generator<int, string>
     */
    private function pictures(array $ends): Generator
    {
        $done = 0;
        foreach ($this->decoded() as $index => $end) {
            $pixels = FFI::string($this->picture, 4 * $this->info->canvas_width * $this->info->canvas_height);
            for (; $done < max($ends[$index], $index === 0 ? 1 : 0); $done++) {
                yield $pixels;
            }
        }
    }

    /** @return Generator<int, int> when each ends by its own word, in milliseconds; $picture holds it then */
    private function decoded(): Generator
    {
        $webp = WebPDemux::library();
        $this->picture = $webp->new('uint8_t *');
        $end = $webp->new('int');
        for ($index = 0; $webp->WebPAnimDecoderHasMoreFrames($this->decoder) !== 0; $index++) {
            if ($webp->WebPAnimDecoderGetNext($this->decoder, FFI::addr($this->picture), FFI::addr($end)) === 0) {
                throw new Refusal('it is a damaged WebP');
            }
            if ($index >= self::MOST) {
                throw new Refusal('it has more than '.number_format(self::MOST).' pictures');
            }
            yield $index => $end->cdata;
        }
    }

    private static function divisor(int $a, int $b): int
    {
        return $b === 0 ? $a : self::divisor($b, $a % $b);
    }

    public function __destruct()
    {
        WebPDemux::library()->WebPAnimDecoderDelete($this->decoder);
    }
}
