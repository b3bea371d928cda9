<?php

declare(strict_types=1);

namespace Ricamo\Raster\Media;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Raster\Process\Ffmpeg;

/** What ffprobe tells of a file, all in one run: it takes longer to start than to read a short clip. */
final class Contents
{
    private const BEGIN_OF_PACKETS = '    "packets": [';

    private const END_OF_PACKETS = '    ],';

    private const PACKET = '~^\s*\{ "codec_type": "video", "stream_index": (\d+)(?:, "pts_time": "([^"]*)")?(?:, "dts_time": "([^"]*)")?(?:, "flags": "([^"]*)")?~';

    /** @var array<string, array<string, mixed>> the first stream of each kind, but for pictures of a sound's cover */
    public array $streams = [];

    /** Its container, by the name that ffmpeg has for it. */
    public string $container = '';

    /** When the file's clock begins, in seconds. */
    public float $start = 0.0;

    /** How long the container says that it lasts, in seconds. */
    public float $length = 0.0;

    /** @var array<int, FrameTimes> of each video stream */
    private array $times = [];

    private bool $amongPackets = false;

    /** All that is said but of packets. */
    private string $json = '';

    /**
     * @param  int  $mostFrames  a file with more is refused
     *
     * @throws Refusal for what is no media at all, and for more frames than a clip has
     */
    public function __construct(string $file, float $seconds, private readonly int $mostFrames = FrameTimes::MOST)
    {
        try {
            Ffmpeg::eachLine(
                Ffmpeg::probing(
                    ['-show_streams', '-show_format', '-show_entries', 'packet=codec_type,stream_index,pts_time,dts_time,flags', '-of', 'json=c=1'],
                    $file,
                ), $seconds, $this->take(...),
            );
        } catch (TooManyFrames $refusal) {
            throw $refusal;
        } catch (Refusal $refusal) {
            // What ffmpeg says of a file that it does not know at all helps nobody.
            $unknown = preg_match('/Invalid argument|damaged/', $refusal->getMessage()) === 1;
            $why = $unknown ? ': it is none of them, or too much of it is missing' : " ({$refusal->getMessage()})";
            throw new Refusal("it cannot be read as video, as a picture or as sound$why");
        }
        $root = Node::decode($this->json);
        $this->json = '';
        foreach ($root->optional('streams')?->items() ?? [] as $stream) {
            $isCover = ($stream->optional('disposition')?->object()['attached_pic'] ?? 0) === 1;
            $kind = $stream->optional('codec_type')?->string();
            if ($kind !== null && ! $isCover && $stream->has('codec_name')) {
                $this->streams += [$kind => $stream->object()];
            }
        }
        $format = $root->optional('format')?->object() ?? [];
        $this->container = (string) ($format['format_name'] ?? '');
        $this->start = (float) ($format['start_time'] ?? 0);
        $this->length = (float) ($format['duration'] ?? 0);
    }

    /** When the frames of one of its streams are shown, as the container tells. */
    public function frameTimes(int $stream): FrameTimes
    {
        return $this->times[$stream] ?? new FrameTimes;
    }

    /** Packets come before all else, one to a line; there may be millions, so that they are not read as JSON. */
    private function take(string $line): void
    {
        if ($line === self::BEGIN_OF_PACKETS) {
            $this->amongPackets = true;
        } elseif ($this->amongPackets) {
            $this->amongPackets = $line !== self::END_OF_PACKETS;
            if (preg_match(self::PACKET, $line, $found) === 1) {
                $times = $this->times[(int) $found[1]] ??= new FrameTimes($this->mostFrames);
                $times->take($found[2] ?? '', $found[3] ?? '', $found[4] ?? '');
            }
        } else {
            $this->json .= $line."\n";
        }
    }
}
