<?php

declare(strict_types=1);

namespace Ricamo\Raster\Media;

use Ricamo\Core\Drawing\Drawing;
use Ricamo\Core\Interchange\Svg\SvgReader;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Raster\Process\Ffmpeg;
use Ricamo\Raster\Text\FontFile;

/** Finds out what a clip's file really holds. */
final class Probe
{
    private const SECONDS = 60;

    private const LARGEST_SIDE = 8192;

    /** @throws Refusal with the reason why it is not a clip that can be used */
    public static function clip(string $file): Clip
    {
        if (! is_file($file)) {
            throw new Refusal('there is no such file');
        }
        if (filesize($file) === 0) {
            throw new Refusal('the file is empty');
        }
        $beginning = (string) file_get_contents($file, length: 4096);
        if (FontFile::isFont($beginning)) {
            return Clip::ofFont($file, trim(implode(' ', FontFile::names($file))) ?: 'Font');
        }
        if (SvgReader::isSvg($beginning)) {
            return Clip::ofDrawing($file, self::drawing($file));
        }
        $large = LargePicture::clip($file, self::LARGEST_SIDE, self::SECONDS);
        if ($large !== null) {
            return $large;
        }
        $contents = new Contents($file, self::SECONDS);
        $sound = $contents->streams['audio'] ?? null;
        $video = $contents->streams['video'] ?? ($sound === null ? throw new Refusal('it holds no video, no picture and no sound') : null);

        return $video === null ? self::sound($file, $sound, $contents) : self::video($file, $video, $sound, $contents);
    }

    /**
     * @param  array<string, mixed>  $video
     * @param  array<string, mixed>|null  $sound
     */
    private static function video(string $file, array $video, ?array $sound, Contents $contents): Clip
    {
        [$width, $height] = self::displayedSize($video);
        // Only once it is known not to be too large to decode.
        if (str_ends_with($contents->container, '_pipe') && self::mayBeTurned($file, $contents->container)) {
            [$width, $height] = self::displayedSize([...$video, 'side_data_list' => self::turnOfPicture($file)]);
        }
        $stream = (int) $video['index'];
        $times = $contents->frameTimes($stream);
        $timed = fn (FrameTimes $times): ClipTiming => ClipTiming::of(
            $times->shown(), self::rate($video, 'avg_frame_rate'), self::rate($video, 'r_frame_rate'),
        );
        $timing = $timed($times);
        if (! $times->areKnown() && ! $timing->steady) {
            // Some frames have a time of display and others none: which is which only the decoder tells.
            $times = FrameTimes::decoded($file, $stream, self::SECONDS);
            $timing = $timed($times);
        }
        // A container that keeps no times of display shows frames later than it says: by what its decoder holds back.
        $start = $times->areKnown() ? $timing->start : self::firstFrameDecoded($file, $stream) ?? $timing->start;
        $format = (string) ($video['pix_fmt'] ?? '');

        return new Clip(
            $file, $width, $height, $timing->rate, $timing->frames, $start, $timing->start, $contents->start,
            $timing->steady && $times->areKnown() && self::isIndexed($contents->container), str_starts_with($format, 'yuv'),
            self::matrix($video, $height), ($video['color_range'] ?? '') === 'pc' || str_starts_with($format, 'yuvj'),
            self::hasAlpha($video, $format), self::decoder($video),
            $sound === null ? null : self::soundSeconds($sound, $timing, $contents->length),
            (int) ($sound['channels'] ?? 0), self::missing($video, count($times->shown()), $timing), (string) $video['codec_name'],
        );
    }

    private static function drawing(string $file): Drawing
    {
        $drawing = SvgReader::parse((string) file_get_contents($file, length: SvgReader::LARGEST + 1));
        if (max($drawing->width, $drawing->height) > self::LARGEST_SIDE) {
            throw new Refusal(sprintf(
                'a picture of %d × %d pixels is outside 1..%d', $drawing->width, $drawing->height, self::LARGEST_SIDE,
            ));
        }

        return $drawing;
    }

    /** @param  array<string, mixed>  $sound */
    private static function sound(string $file, array $sound, Contents $contents): Clip
    {
        $start = (float) ($sound['start_time'] ?? 0);
        // Where there is no index, how long it is can only be guessed from its size.
        $seconds = preg_match('/^(mp3|aac)$/', $contents->container) === 1
            ? self::secondsCounted($file, $start)
            : (float) ($sound['duration'] ?? $contents->length);
        if ($seconds <= 0) {
            throw new Refusal('there is no sound in it');
        }

        return Clip::ofSound(
            $file, $start, $contents->start, $seconds, (int) ($sound['channels'] ?? 2),
            (string) $sound['codec_name'],
        );
    }

    /** When the last packet of its sound ends. */
    private static function secondsCounted(string $file, float $start): float
    {
        $end = $start;
        $probe = Ffmpeg::probing(['-select_streams', 'a:0', '-show_entries', 'packet=pts_time,duration_time', '-of', 'csv=p=0'], $file);
        Ffmpeg::eachLine($probe, self::SECONDS, function (string $line) use (&$end): void {
            [$time, $length] = [...explode(',', trim($line)), '0', '0'];
            $end = max($end, (float) $time + (float) $length);
        });

        return $end - $start;
    }

    /** Whether it may say which way up it is: a PNG does in a chunk of its own, and takes long to decode where it is large. */
    private static function mayBeTurned(string $file, string $container): bool
    {
        return $container !== 'png_pipe' || str_contains((string) file_get_contents($file, length: 1 << 16), 'eXIf');
    }

    /**
     * A photograph says only once it is decoded which way up it is.
     *
     * @return list<mixed>
     */
    private static function turnOfPicture(string $file): array
    {
        $frames = Node::decode(Ffmpeg::probe(
            ['-select_streams', 'v:0', '-show_frames', '-of', 'json'], $file, self::SECONDS,
        ))->optional('frames')?->items() ?? [];

        return ($frames[0] ?? null)?->optional('side_data_list')?->values() ?? [];
    }

    /** When the first frame comes out of the decoder, in seconds of the file's clock. */
    private static function firstFrameDecoded(string $file, int $stream): ?float
    {
        $text = Ffmpeg::probe(
            ['-select_streams', (string) $stream, '-read_intervals', '%+#16', '-show_entries', 'frame=best_effort_timestamp_time', '-of', 'csv=p=0'],
            $file, self::SECONDS,
        );

        return preg_match('/^-?[\d.]+/', trim($text), $found) === 1 ? (float) $found[0] : null;
    }

    /** @param  array<string, mixed>  $video */
    private static function hasAlpha(array $video, string $format): bool
    {
        return preg_match('/^(yuva|gbrap|argb|rgba|abgr|bgra|ya\d|pal8|ayuv|vuya)/', $format) === 1 || self::decoder($video) !== null;
    }

    /**
     * VP8 and VP9 keep alpha as a second picture beside the first, which only their own library decodes.
     *
     * @param  array<string, mixed>  $video
     */
    private static function decoder(array $video): ?string
    {
        $tags = array_change_key_case((array) ($video['tags'] ?? []));

        return ($tags['alpha_mode'] ?? '0') !== '1' ? null : match ($video['codec_name'] ?? '') {
            'vp9' => 'libvpx-vp9',
            'vp8' => 'libvpx',
            default => null,
        };
    }

    /** @param  array<string, mixed>  $sound */
    private static function soundSeconds(array $sound, ClipTiming $timing, float $fileLength): float
    {
        $begin = (float) ($sound['start_time'] ?? 0);
        $length = (float) ($sound['duration'] ?? 0);

        return max($timing->rate->seconds(1), $begin + ($length > 0 ? $length : $fileLength) - $timing->start);
    }

    /**
     * How many frames fewer there are than the header says. A few that are left out on purpose at either end are none.
     *
     * @param  array<string, mixed>  $video
     */
    private static function missing(array $video, int $found, ClipTiming $timing): int
    {
        $tags = array_change_key_case((array) ($video['tags'] ?? []));
        $promised = (int) ($video['nb_frames'] ?? 0);
        // Matroska counts no frames, and says how long each stream is.
        if ($promised === 0 && preg_match('/^(\d+):(\d+):(\d+(?:\.\d+)?)$/', (string) ($tags['duration'] ?? ''), $parts) === 1) {
            $promised = (int) round(($parts[1] * 3600 + $parts[2] * 60 + (float) $parts[3]) * $timing->rate->perSecond());
            $found = $timing->frames;
        }
        $missing = $promised - $found;

        return $missing > max(2, 0.01 * $found) ? $missing : 0;
    }

    /**
     * Whether the container says where its key frames are. In others, a seek may land between them; and between unevenly
     * spaced frames there is no telling which one is on screen without having read it. Such clips are read from the start.
     */
    private static function isIndexed(string $container): bool
    {
        return preg_match('/(^|,)(mov|mp4|matroska|webm|avi|mxf)(,|$)/', $container) === 1;
    }

    /**
     * @param  array<string, mixed>  $video
     * @return array{int, int}
     */
    private static function displayedSize(array $video): array
    {
        $width = (int) ($video['width'] ?? 0);
        $height = (int) ($video['height'] ?? 0);
        if ($width < 1 || $height < 1) {
            throw new Refusal('the size of its picture cannot be read, or is far too large');
        }
        if (max($width, $height) > self::LARGEST_SIDE) {
            throw new Refusal("a picture of $width × $height pixels is outside 1..".self::LARGEST_SIDE);
        }
        if (preg_match('/^(\d+):(\d+)$/', (string) ($video['sample_aspect_ratio'] ?? ''), $parts) && $parts[1] > 0 && $parts[2] > 0) {
            $width = max(1, min(self::LARGEST_SIDE, (int) round($width * (int) $parts[1] / (int) $parts[2])));
        }
        foreach ((array) ($video['side_data_list'] ?? []) as $data) {
            if (is_array($data) && abs((int) ($data['rotation'] ?? 0)) % 180 === 90) {
                return [$height, $width];
            }
        }

        return [$width, $height];
    }

    /** @param  array<string, mixed>  $video */
    private static function rate(array $video, string $field): ?float
    {
        [$numerator, $denominator] = explode('/', (string) ($video[$field] ?? '0/0')) + [1 => '1'];

        return (float) $denominator > 0 && (float) $numerator > 0 ? (float) $numerator / (float) $denominator : null;
    }

    /**
     * What the file says, or else what its size suggests: BT.601 below 720 lines, BT.709 from there on.
     *
     * @param  array<string, mixed>  $video
     */
    private static function matrix(array $video, int $height): string
    {
        return match ($video['color_space'] ?? '') {
            'bt709' => 'bt709',
            'smpte170m', 'bt470bg' => 'smpte170m',
            'fcc' => 'fcc',
            'smpte240m' => 'smpte240m',
            'bt2020nc', 'bt2020c' => 'bt2020',
            default => $height >= 720 ? 'bt709' : 'smpte170m',
        };
    }
}
