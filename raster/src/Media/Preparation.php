<?php

namespace Ricamo\Raster\Media;

use Ricamo\Core\Refusal;
use Ricamo\Raster\Process\Ffmpeg;

/**
 * Makes of a clip what a browser can show frame by frame: `frames/000000.jpg` and on, `poster.jpg`, and where it has
 * sound `sound.ogg`, beginning with the first frame, and `peaks.json`.
 */
final readonly class Preparation
{
    /** The shorter side of preview frames, by how many there are, so that a long clip does not fill the disk. */
    private const SIDES = [3_000 => 720, 20_000 => 540, PHP_INT_MAX => 360];

    private const POSTER_HEIGHT = 180;

    /** How many peaks a second of sound has. */
    private const PEAKS = 50;

    private const SECONDS = 7000.0;

    public function __construct(private Clip $clip, private string $folder)
    {
    }

    /**
     * @param  callable(int): mixed  $progress  is given the number of frames made
     *
     * @throws Refusal with the reason why it cannot be prepared
     */
    public function run(callable $progress): void
    {
        $this->poster();
        if ($this->clip->sound) {
            $this->sound();
        }
        $this->frames($progress);
    }

    private function poster(): void
    {
        $this->ffmpeg($this->clip->open(0), [
            '-map', '0:v:0', '-vf', $this->clip->frames(0).",{$this->scale(2 * (int) ceil($this->clip->width * self::POSTER_HEIGHT / $this->clip->height / 2), self::POSTER_HEIGHT)}", '-frames:v', '1', '-q:v', '4', "{$this->folder}/poster.jpg",
        ]);
    }

    /** @param  callable(int): mixed  $progress */
    private function frames(callable $progress): void
    {
        $target = "{$this->folder}/frames";
        if (! is_dir($target)) {
            mkdir($target, 0775, true);
        }
        [$width, $height] = $this->previewSize();
        $this->ffmpeg(['-progress', 'pipe:1', '-stats_period', '0.5', ...$this->clip->open(0)], [
            '-map', '0:v:0', '-vf', $this->clip->frames(0).",{$this->scale($width, $height)}",
            '-fps_mode', 'passthrough', '-q:v', '3', '-start_number', '0', "$target/%06d.jpg",
        ], function (string $text) use ($progress): void {
            if (preg_match_all('/^frame=(\d+)/m', $text, $found)) {
                $progress((int) end($found[1]));
            }
        });
        $this->fillEnd($target);
    }

    /** A clip whose last frames cannot be decoded shows the last one that can. */
    private function fillEnd(string $target): void
    {
        $file = fn (int $frame): string => sprintf('%s/%06d.jpg', $target, $frame);
        for ($last = $this->clip->frames - 1; $last >= 0 && ! is_file($file($last)); $last--);
        if ($last < 0) {
            throw new Refusal('none of its frames can be decoded');
        }
        for ($frame = $last + 1; $frame < $this->clip->frames; $frame++) {
            copy($file($last), $file($frame));
        }
    }

    private function sound(): void
    {
        $from = $this->clip->start;
        $aligned = sprintf("atrim=start=%.6F,asetpts='PTS-(%.6F)/TB',aresample=48000:async=1:first_pts=0", $from, $from);
        $this->ffmpeg($this->clip->open(0), [
            '-map', '0:a:0', '-af', $aligned, '-ac', '2', '-c:a', 'libopus', '-b:a', '128k', "{$this->folder}/sound.ogg",
        ]);
        $samples = 8000;
        $raw = "{$this->folder}/peaks.raw";
        $this->ffmpeg($this->clip->open(0), ['-map', '0:a:0', '-af', $aligned, '-ac', '1', '-ar', (string) $samples, '-f', 's16le', $raw]);
        file_put_contents("{$this->folder}/peaks.json", json_encode(self::peaks($raw, intdiv($samples, self::PEAKS))));
        unlink($raw);
    }

    /** @return list<int> the loudest sample of each stretch, 0..100 */
    private static function peaks(string $file, int $stretch): array
    {
        $stream = fopen($file, 'rb');
        $peaks = [];
        while ($stream !== false && ($bytes = fread($stream, 2 * $stretch)) !== false && strlen($bytes) >= 2) {
            $values = unpack('s*', $bytes) ?: [0];
            $peaks[] = (int) round(min(32767, max(max($values), -min($values))) / 327.67);
        }

        return $peaks;
    }

    /** JPEG is BT.601 in full range by its standard (JFIF). */
    private function scale(int $width, int $height): string
    {
        return $this->clip->toYuv($width, $height, 'smpte170m', true).',setsar=1';
    }

    /** @return array{int, int} */
    private function previewSize(): array
    {
        $side = 720;
        foreach (self::SIDES as $most => $side) {
            if ($this->clip->frames <= $most) {
                break;
            }
        }
        $scale = min(1, $side / min($this->clip->width, $this->clip->height));

        return [max(1, (int) round($this->clip->width * $scale)), max(1, (int) round($this->clip->height * $scale))];
    }

    /**
     * @param  list<string>  $input
     * @param  list<string>  $output
     * @param  ?callable(string): void  $listen
     */
    private function ffmpeg(array $input, array $output, ?callable $listen = null): void
    {
        Ffmpeg::run([...Ffmpeg::command(), ...$input, '-y', ...$output], self::SECONDS, $listen);
    }
}
