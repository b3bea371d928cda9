<?php

declare(strict_types=1);

namespace App\Console;

use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Raster\Render\Format\Format;
use Ricamo\Raster\Render\Format\Formats;
use Ricamo\Raster\Render\Format\Joining;
use Ricamo\Raster\Render\Format\Quality;
use Ricamo\Raster\Render\Joiner;
use Ricamo\Raster\Render\Output;
use Ricamo\Raster\Render\RangeRenderer;
use Ricamo\Raster\Render\RenderCancelled;
use Ricamo\Raster\Render\Scene;

final class RenderCommand extends DocumentCommand
{
    use WritesFile;

    protected $signature = 'ricamo:render {document : a project file} {--out= : a file whose ending says its format: mp4, mov, webm, mkv, zip, apng, gif, webp, png or wav} {--composition= : its name or id}
        {--format= : where the ending does not say enough: hevc} {--quality=good : small, good or best} {--premultiplied : colours multiplied by alpha, in mov and mkv}
        {--range= : frames A..B, both included} {--scale=1 : of the picture, 0.05 to 4} {--force : overwrite a file that is there}';

    protected $description = 'Renders a project file to a video, pictures or sound';

    /** What the shell reports of a command that was ended by a signal. */
    private const STOPPED = 130;

    private bool $isEnding = false;

    protected function work(): void
    {
        $out = (string) $this->option('out');
        $format = $this->format($out);
        $quality = Quality::tryFrom((string) $this->option('quality')) ?? throw new Refusal(
            "--quality: \"{$this->option('quality')}\" is not small, good or best",
        );
        $this->output([]);
        $project = $this->project();
        $composition = $project->composition($this->option('composition'));
        $range = $composition->range();
        if ($this->option('range') !== null) {
            [$in, $end] = $this->frames('range', (string) $this->option('range'));
            $range = $end <= $range->out ? new FrameRange($in, $end) : throw new Refusal("--range: the last frame is {$range->last()}");
        }
        $scene = new Scene($composition, $project->library(), $this->clips($project), self::scale((string) $this->option('scale')));
        if ($format->joining() === Joining::Picture && $range->length() > 1) {
            throw new Refusal("$out: holds one frame; say which with --range, or write a .zip of all");
        }
        $this->render($scene, $range, $out, new Output($format, $quality, (bool) $this->option('premultiplied')));
    }

    /** @throws Refusal */
    private function format(string $out): Format
    {
        if ($out === '') {
            throw new Refusal('--out: say which file to write');
        }
        $ofFile = Formats::ofFile($out);
        $named = $this->option('format') === null ? $ofFile : Formats::get((string) $this->option('format'));
        if ($named === null || $named->extension() !== strtolower(pathinfo($out, PATHINFO_EXTENSION))) {
            $endings = array_unique(array_map(fn (Format $one): string => ".{$one->extension()}", Formats::all()));
            throw new Refusal(
                $named === null
                    ? "$out: must end with ".implode(', ', $endings)
                    : "$out: {$named->title()} ends with .{$named->extension()}",
            );
        }

        return $named;
    }

    public static function scale(string $text): float
    {
        return is_numeric($text) && $text >= 0.05 && $text <= 4
            ? (float) $text
            : throw new Refusal("--scale: \"$text\" is outside 0.05..4");
    }

    /** Ended by a signal, it leaves nothing half-made. */
    private function render(Scene $scene, FrameRange $range, string $out, Output $output): void
    {
        $this->trap([SIGINT, SIGTERM, SIGHUP], function (): void {
            $this->isEnding = true;
        });
        $this->remark($scene, $output);
        $silent = "$out.silent.".getmypid().'.part';
        $bar = $this->output->createProgressBar($range->length());
        try {
            $isSeen = $output->format->joining() !== Joining::Sound;
            if ($isSeen) {
                (new RangeRenderer($scene, $output))->render($range, $silent, function (int $done) use ($bar): bool {
                    $bar->setProgress($done);

                    return ! $this->isEnding;
                });
            }
            (new Joiner($scene, $output))->join(
                $range, $isSeen ? [$silent] : [], $out,
                fn (): bool => $this->isEnding ? throw new RenderCancelled('stopped') : true,
            );
        } catch (RenderCancelled) {
            $this->newLine();
            throw new Stopped('stopped; nothing was written', self::STOPPED);
        } finally {
            if (is_file($silent)) {
                unlink($silent);
            }
        }
        $bar->finish();
        $this->newLine();
    }

    /** What the producer should know before looking at the file. */
    private function remark(Scene $scene, Output $output): void
    {
        [$drawn, $file] = [$scene->size(), $scene->size()->in($output->format)];
        if (! $file->is($drawn)) {
            $this->getOutput()->getErrorStyle()->writeln(sprintf(
                'The picture is %d × %d; %s takes even sides only, so the file is %d × %d, its last column or row repeated.',
                $drawn->width, $drawn->height, strtoupper($output->format->extension()), $file->width, $file->height,
            ));
        }
        $this->remarkOn($scene);
    }
}
