<?php

declare(strict_types=1);

namespace Ricamo\Raster\Media;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\FillRule;
use Ricamo\Core\Drawing\Drawing;
use Ricamo\Core\Drawing\DrawnShape;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Refusal;
use Ricamo\Raster\Draw\Painter;
use Ricamo\Raster\Draw\Surface;
use Ricamo\Raster\Process\Ffmpeg;
use Ricamo\Raster\Text\ClipFonts;
use Ricamo\Raster\Text\HarfBuzzShaper;
use RuntimeException;

/**
 * Makes of a clip what a browser can show frame by frame: `frames/000000.jpg` and on, `poster.jpg` (both `.webp` for
 * clips with alpha), and where it has sound `sound.ogg`, beginning with the first frame, and `peaks.json`. Of a file that is
 * only heard it makes those two.
 */
final class Preparation
{
    private const POSTER_HEIGHT = 180;

    /** How many peaks a second of sound has. */
    private const PEAKS = 50;

    /** Room that is left on the disk for everything else, in bytes. */
    private const SPARED = 100_000_000;

    public PreviewPlan $plan;

    public function __construct(
        private readonly Clip $clip, private readonly string $folder,
        private readonly PreviewBudget $budget = new PreviewBudget,
    ) {
        $this->plan = PreviewPlan::of($clip, $budget);
    }

    /**
     * @param  callable(int): mixed  $progress  is given the number of the clip's frames that are covered; what it throws
     *   ends the work
     *
     * @throws Refusal with the reason why it cannot be prepared
     */
    public function run(callable $progress): void
    {
        if (! is_dir("{$this->folder}/frames") && ! @mkdir("{$this->folder}/frames", 0775, true)) {
            throw new Refusal('there is no room to prepare it');
        }
        $free = @disk_free_space($this->folder);
        if ($free !== false && $free < $this->plan->bytes() + self::SPARED) {
            throw new Refusal(sprintf('the disk is full: its preview takes about %d MB', ceil($this->plan->bytes() / 1e6)));
        }
        if ($this->clip->font !== null) {
            $this->drawnPoster($this->letters());
        } elseif ($this->clip->drawing !== null) {
            $this->drawnPoster(Drawing::parse($this->clip->drawing));
        } elseif ($this->clip->isLarge) {
            $this->largePicture();
        } elseif (! $this->clip->isSound()) {
            $this->poster();
        }
        $progress(0);
        if ($this->clip->hasSound()) {
            $this->sound($progress);
        }
        $isMoving = $this->clip->width > 0 && $this->clip->drawing === null && ! $this->clip->isLarge;
        while ($isMoving && ! $this->frames($progress)) {
            $this->plan = $this->plan->thinner($this->clip);
        }
    }

    /**
     * Whether all of it is there that was made before.
     *
     * @param  array{every: int, type: string, ...}  $plan  one of so many frames was kept, as such files
     */
    public static function isThere(Clip $clip, string $folder, array $plan): bool
    {
        $isMoving = $clip->width > 0 && $clip->drawing === null;
        $last = sprintf('%s/frames/%06d.%s', $folder, (int) ceil($clip->frames / $plan['every']) - 1, $plan['type']);

        return (! $isMoving || is_file($last))
            && ($clip->isSound() || is_file("$folder/poster.{$plan['type']}"))
            && (! $clip->hasSound() || is_file("$folder/peaks.json"));
    }

    private function posterWidth(): int
    {
        return max(2, 2 * (int) round($this->clip->width * self::POSTER_HEIGHT / $this->clip->height / 2));
    }

    private function poster(): void
    {
        $width = $this->posterWidth();
        // What has alpha likes to begin with nothing.
        $at = $this->clip->alpha ? intdiv($this->clip->frames, 3) : 0;
        $this->ffmpeg($this->clip->open($at), [
            '-map', '0:v:0', '-vf', "{$this->clip->frames($at)},trim=end_frame=1,{$this->scale($width, self::POSTER_HEIGHT)}",
            '-frames:v', '1', ...$this->encoder(), "{$this->folder}/poster.{$this->plan->type}",
        ]);
    }

    /** Its one frame, and a poster that is made of it. */
    private function largePicture(): void
    {
        $type = $this->plan->type === 'webp' ? 'webp' : 'jpg';
        $frame = "{$this->folder}/frames/000000.$type";
        $encoded = LargePicture::encoded($this->clip, $this->plan->width, $this->plan->height, $type, $this->budget->seconds);
        if (@file_put_contents($frame, $encoded) !== strlen($encoded)) {
            throw new Refusal('the disk is full');
        }
        $width = $this->posterWidth();
        $this->ffmpeg(
            ['-i', $frame],
            [
                '-vf', "scale=$width:".self::POSTER_HEIGHT.':flags=bicubic', '-frames:v', '1', ...$this->encoder(),
                "{$this->folder}/poster.$type",
            ],
        );
    }

    /** A few letters of a font. */
    private function letters(): Drawing
    {
        $shaped = (new HarfBuzzShaper(new ClipFonts(new Clips(['font' => $this->clip]))))->shape('Aag9', 'media:font');
        $height = 1.3 * ($shaped->ascent + $shaped->descent);
        $width = max($shaped->width(0) + 400, $height);
        $place = Affine::translation(
            ($width - $shaped->width(0)) / 2, ($height - $shaped->ascent - $shaped->descent) / 2 + $shaped->ascent,
        );

        return new Drawing(
            $width, $height,
            [new DrawnShape($shaped->outline(0), $place, new Colour(255, 255, 255), FillRule::NonZero, null, null)],
        );
    }

    private function drawnPoster(Drawing $drawing): void
    {
        $scale = self::POSTER_HEIGHT / $drawing->height;
        $scale = min($scale, 4 * self::POSTER_HEIGHT / $drawing->width);
        $surface = new Surface(max(1, (int) round($drawing->width * $scale)), max(1, (int) round($drawing->height * $scale)));
        (new Painter(
            $surface, new ClipPictures(new Clips([])), new Affine,
        ))->paintOver($drawing->operations(Affine::scaling($scale, $scale)));
        try {
            $surface->writePng("{$this->folder}/poster.png");
        } catch (RuntimeException) {
            throw new Refusal('the disk is full');
        }
    }

    /**
     * @param  callable(int): mixed  $progress
     * @return bool false where they took more room than they may
     */
    private function frames(callable $progress): bool
    {
        $target = "{$this->folder}/frames";
        array_map(unlink(...), glob("$target/*") ?: []);
        $bytes = 0;
        $counted = 0;
        $file = fn (int $index): string => sprintf('%s/%06d.%s', $target, $index, $this->plan->type);
        try {
            $this->ffmpeg(['-progress', 'pipe:1', '-stats_period', '0.5', ...$this->clip->open(0)], [
                '-map', '0:v:0', '-vf',
                "{$this->clip->frames(0, $this->plan->every)},{$this->scale($this->plan->width, $this->plan->height)}",
                '-frames:v', (string) $this->plan->count, '-fps_mode', 'passthrough', ...$this->encoder(),
                '-start_number', '0', "$target/%06d.{$this->plan->type}",
            ], function (string $text) use ($progress, $file, &$bytes, &$counted): void {
                if (preg_match_all('/^frame=(\d+)/m', $text, $found)) {
                    for ($made = (int) end($found[1]); $counted < $made; $counted++) {
                        $bytes += (int) @filesize($file($counted));
                    }
                    if ($bytes > $this->budget->bytes && $this->plan->count > 1) {
                        throw new TooMuchRoom;
                    }
                    $progress(min($this->clip->frames, $counted * $this->plan->every));
                }
            });
        } catch (TooMuchRoom) {
            return false;
        }
        $this->fillEnd($file);

        return true;
    }

    /**
     * A clip whose last frames cannot be decoded shows the last one that can.
     *
     * @param  callable(int): string  $file
     */
    private function fillEnd(callable $file): void
    {
        for ($last = $this->plan->count - 1; $last >= 0 && ! is_file($file($last)); $last--);
        if ($last < 0) {
            throw new Refusal('none of its frames can be decoded');
        }
        for ($index = $last + 1; $index < $this->plan->count; $index++) {
            if (! @link($file($last), $file($index)) && ! @copy($file($last), $file($index))) {
                throw new Refusal('the disk is full');
            }
        }
    }

    /** @param  callable(int): mixed  $progress */
    private function sound(callable $progress): void
    {
        $from = $this->clip->soundStart;
        $aligned = sprintf("atrim=start=%.6F,asetpts='PTS-(%.6F)/TB',aresample=48000:async=1:first_pts=0", $from, $from);
        $wait = fn (string $text): mixed => $progress(0);
        $this->ffmpeg(['-progress', 'pipe:1', ...$this->clip->open(0)], [
            '-map', '0:a:0', '-af', "$aligned,{$this->clip->toStereo()}", '-c:a', 'libopus', '-b:a', '128k', "{$this->folder}/sound.ogg",
        ], $wait);
        $samples = 8000;
        $raw = "{$this->folder}/peaks.raw";
        try {
            $this->ffmpeg(
                ['-progress', 'pipe:1', ...$this->clip->open(0)],
                ['-map', '0:a:0', '-af', $aligned, '-ac', '1', '-ar', (string) $samples, '-f', 's16le', $raw], $wait,
            );
            $json = (string) json_encode(self::peaks($raw, intdiv($samples, self::PEAKS)));
        } finally {
            @unlink($raw);
        }
        if (@file_put_contents("{$this->folder}/peaks.json", $json) !== strlen($json)) {
            throw new Refusal('the disk is full');
        }
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
        return ($this->clip->alpha ? $this->clip->toStraightAlpha($width, $height) : $this->clip->toYuv(
            $width, $height, 'smpte170m', true,
        )).',setsar=1';
    }

    /** @return list<string> */
    private function encoder(): array
    {
        return $this->clip->alpha ? ['-c:v', 'libwebp', '-quality', '90', '-compression_level', '0'] : ['-q:v', '3'];
    }

    /**
     * @param  list<string>  $input
     * @param  list<string>  $output
     * @param  ?callable(string): mixed  $listen
     */
    private function ffmpeg(array $input, array $output, ?callable $listen = null): void
    {
        Ffmpeg::listen(
            [...Ffmpeg::command(), ...$input, '-y', ...$output], $this->budget->seconds,
            $listen ?? fn (string $text): mixed => null,
        );
    }
}
