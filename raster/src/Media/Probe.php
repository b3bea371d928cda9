<?php

namespace Ricamo\Raster\Media;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Raster\Process\Ffmpeg;

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
        $streams = self::streams($file);
        $video = $streams['video'] ?? throw new Refusal('it holds no video');
        [$width, $height] = self::displayedSize($video);
        $times = self::frameTimes($file);
        $timing = ClipTiming::of($times, self::rate($video, 'avg_frame_rate'), self::rate($video, 'r_frame_rate'));

        return new Clip(
            $file, $width, $height, $timing->rate, $timing->frames, $timing->start,
            (float) ($streams['start'] ?? 0), $timing->steady && self::isIndexed($streams['container'] ?? ''), str_starts_with($video['pix_fmt'] ?? '', 'yuv'),
            self::matrix($video, $height), ($video['color_range'] ?? '') === 'pc' || str_starts_with($video['pix_fmt'] ?? '', 'yuvj'),
            isset($streams['audio']),
        );
    }

    /** @return array<string, mixed> the first video and audio stream, and when the file's clock begins */
    private static function streams(string $file): array
    {
        try {
            $json = Ffmpeg::probe(['-show_streams', '-show_format', '-of', 'json', $file], self::SECONDS);
        } catch (Refusal $refusal) {
            // What ffmpeg says of a file that it does not know at all helps nobody.
            $unknown = preg_match('/Invalid (argument|data)/', $refusal->getMessage()) === 1;
            throw new Refusal('it cannot be read as video'.($unknown ? ': it is not a clip, or too much of it is missing' : " ({$refusal->getMessage()})"));
        }
        $found = [];
        $root = Node::decode($json);
        foreach ($root->optional('streams')?->items() ?? [] as $stream) {
            $isCover = ($stream->optional('disposition')?->object()['attached_pic'] ?? 0) === 1;
            $kind = $stream->optional('codec_type')?->string();
            if ($kind !== null && ! $isCover && $stream->has('codec_name')) {
                $found += [$kind => $stream->object()];
            }
        }

        $format = $root->optional('format')?->object() ?? [];

        return $found + ['start' => $format['start_time'] ?? 0, 'container' => $format['format_name'] ?? ''];
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
     * When each frame is shown, sorted, in seconds. Read from the packets rather than from the header, which a cut-off
     * file still has in full.
     *
     * @return non-empty-list<float>
     */
    private static function frameTimes(string $file): array
    {
        $lines = Ffmpeg::probe(['-select_streams', 'v:0', '-show_entries', 'packet=pts_time,dts_time,flags', '-of', 'csv=p=0', $file], self::SECONDS);
        $times = [];
        foreach (explode("\n", $lines) as $line) {
            [$shown, $decoded, $flags] = explode(',', trim($line)) + ['', '', ''];
            $time = is_numeric($shown) ? $shown : $decoded;
            if (is_numeric($time) && ! str_contains($flags, 'D')) {
                $times[] = (float) $time;
            }
        }
        sort($times);

        return $times === [] ? throw new Refusal('it holds no video frame that can be read') : $times;
    }

    /**
     * @param  array<string, mixed>  $video
     * @return array{int, int}
     */
    private static function displayedSize(array $video): array
    {
        $width = (int) ($video['width'] ?? 0);
        $height = (int) ($video['height'] ?? 0);
        if ($width < 1 || $height < 1 || max($width, $height) > self::LARGEST_SIDE) {
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
