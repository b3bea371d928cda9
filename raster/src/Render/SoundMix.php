<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render;

use Ricamo\Core\Evaluate\SoundCue;
use Ricamo\Raster\Media\Clip;
use Ricamo\Raster\Media\Clips;
use Ricamo\Raster\Process\Ffmpeg;
use RuntimeException;

/** What ffmpeg is asked for to mix the sound of a range. */
final class SoundMix
{
    private const SAMPLE_RATE = 48_000;

    /** Values a second of a level that changes: its steps are a quarter of a millisecond. */
    private const LEVEL_RATE = 4000;

    /** Seconds that a level is written beyond its sound, which may come out a little longer. */
    private const SPARE = 0.2;

    /** @var list<string> the files of sounds whose speed changes */
    private array $varying = [];

    /** @var array<int, string> the file of each level that changes, by the index of its cue */
    private array $levels = [];

    /**
     * @param  list<SoundCue>  $cues
     * @param  string  $file  what the names of files that are needed meanwhile begin with
     */
    public function __construct(private readonly array $cues, private readonly Clips $clips, private readonly string $file)
    {
    }

    /**
     * The options that open what is needed, counted on from input 1. Files of levels are written.
     *
     * @return list<string>
     *
     * @throws RuntimeException where there is no room for them
     */
    public function inputs(): array
    {
        $options = [];
        foreach ($this->cues as $index => $cue) {
            if ($cue->speeds !== []) {
                array_push($options, '-f', 'f32le', '-ar', (string) self::SAMPLE_RATE, '-ac', '2', '-i', $this->writeVarying($index, $cue));

                continue;
            }
            array_push($options, ...self::opening($cue, $this->clips->get($cue->media)));
        }
        foreach ($this->cues as $index => $cue) {
            if (count($cue->level) > 1) {
                $this->levels[$index] = $this->writeLevel($index, $cue);
                array_push($options, '-f', 'f32le', '-ar', (string) self::LEVEL_RATE, '-ac', '1', '-i', $this->levels[$index]);
            }
        }

        return $this->cues === [] ? [] : ['-copyts', ...$options];
    }

    /** The filter that makes [sound] of the inputs. */
    public function filter(float $seconds): string
    {
        $filters = [];
        $levels = array_flip(array_keys($this->levels));
        foreach ($this->cues as $index => $cue) {
            $played = $cue->speeds === [] ? $this->played($cue, $this->clips->get($cue->media)).',' : '';
            $sound = '['.($index + 1).":a:0]{$played}aformat=sample_fmts=fltp";
            $delay = 'adelay='.(int) round($cue->at * self::SAMPLE_RATE).'S:all=1';
            if (isset($levels[$index])) {
                $input = 1 + count($this->cues) + $levels[$index];
                $filters[] = "[$input:a:0]aresample=".self::SAMPLE_RATE.",pan=stereo|c0=c0|c1=c0,aformat=sample_fmts=fltp[level$index]";
                $filters[] = "{$sound}[loud$index];[loud$index][level$index]amultiply,{$delay}[cue$index]";
            } else {
                $filters[] = sprintf('%s,volume=%.6F:precision=float,%s[cue%d]', $sound, $cue->level[0][1], $delay, $index);
            }
        }
        $inputs = implode('', array_map(fn (int $index): string => "[cue$index]", array_keys($this->cues)));

        return implode(';', $filters).sprintf(
            ';%samix=inputs=%d:normalize=0:dropout_transition=0,apad,atrim=end_sample=%d[sound]',
            $inputs, count($this->cues), (int) round($seconds * self::SAMPLE_RATE),
        );
    }

    /** Removes what was written. */
    public function sweep(): void
    {
        array_map(unlink(...), array_filter([...$this->levels, ...$this->varying], is_file(...)));
    }

    /** @return list<string> */
    private static function opening(SoundCue $cue, Clip $clip): array
    {
        // A second earlier than needed: sound is found again only at the start of its packets.
        $seek = $clip->soundStart + self::first($cue) - 1 - $clip->fileStart;

        return [...($seek > 0 ? ['-ss', sprintf('%.6F', $seek)] : []), ...Ffmpeg::inputOptions($clip->file), '-i', $clip->file];
    }

    /** The filters that cut what a cue goes through out of its file, in stereo. */
    private static function cut(SoundCue $cue, Clip $clip): string
    {
        $from = $clip->soundStart + self::first($cue);

        return sprintf(
            "atrim=start=%.6F:end=%.6F,asetpts='PTS-(%.6F)/TB',aresample=%d:async=1:first_pts=0,%s",
            $from, $from + $cue->length * abs($cue->speed), $from, self::SAMPLE_RATE, $clip->toStereo(),
        );
    }

    /**
     * Writes what is heard of a cue whose speed changes.
     *
     * @return string the file
     */
    private function writeVarying(int $index, SoundCue $cue): string
    {
        $clip = $this->clips->get($cue->media);
        [$cut, $file] = ["$this->file.cut$index.part", "$this->file.sound$index.part"];
        array_push($this->varying, $cut, $file);
        Ffmpeg::run([
            ...Ffmpeg::command(), '-copyts', ...self::opening($cue, $clip), '-af', self::cut($cue, $clip),
            '-f', 'f32le', '-ac', '2', '-ar', (string) self::SAMPLE_RATE, '-y', $cut,
        ]);
        Varispeed::write($cue, $cut, self::SAMPLE_RATE * ($cue->from - self::first($cue)), self::SAMPLE_RATE, $file);

        return $file;
    }

    /** The filters that play a cue at its speed: its pitch goes with it, as that of a tape. */
    private function played(SoundCue $cue, Clip $clip): string
    {
        $speed = abs($cue->speed);
        $cut = self::cut($cue, $clip);
        $rate = max(1, (int) round(self::SAMPLE_RATE * $speed));

        return $cut.($cue->speed < 0 ? ',areverse' : '')
            .($rate === self::SAMPLE_RATE ? '' : ",asetrate=$rate,aresample=".self::SAMPLE_RATE);
    }

    /** Where in the file the earliest of what is heard lies, in seconds from its first sound. */
    private static function first(SoundCue $cue): float
    {
        return max(0.0, $cue->speed < 0 ? $cue->from + $cue->length * $cue->speed : $cue->from);
    }

    private function writeLevel(int $index, SoundCue $cue): string
    {
        $file = "$this->file.level$index.part";
        $stream = @fopen($file, 'wb') ?: throw new RuntimeException('the folder cannot be written to');
        try {
            $values = [];
            $segment = 1;
            for ($sample = 0; $sample <= ($cue->length + self::SPARE) * self::LEVEL_RATE; $sample++) {
                $time = $sample / self::LEVEL_RATE;
                while ($segment < count($cue->level) - 1 && $cue->level[$segment][0] < $time) {
                    $segment++;
                }
                [[$t0, $v0], [$t1, $v1]] = [$cue->level[$segment - 1], $cue->level[$segment]];
                $values[] = $v0 + ($v1 - $v0) * min(1, max(0, ($time - $t0) / ($t1 - $t0)));
                if (count($values) === 10_000) {
                    $this->write($stream, $values);
                    $values = [];
                }
            }
            $this->write($stream, $values);
        } finally {
            fclose($stream);
        }

        return $file;
    }

    /**
     * @param  resource  $stream
     * @param  list<float>  $values
     */
    private function write(mixed $stream, array $values): void
    {
        $bytes = $values === [] ? '' : pack('g*', ...$values);
        if (@fwrite($stream, $bytes) !== strlen($bytes)) {
            throw new RuntimeException('the disk is full');
        }
    }
}
