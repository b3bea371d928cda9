<?php

namespace App\Console;

use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Raster\Render\Joiner;
use Ricamo\Raster\Render\RangeRenderer;
use Ricamo\Raster\Render\RenderCancelled;
use Ricamo\Raster\Render\Scene;
use Ricamo\Raster\Render\WrittenVideo;

final class RenderCommand extends DocumentCommand
{
    protected $signature = 'ricamo:render {document : a project file} {--out= : an MP4 file} {--composition= : its name or id}
        {--range= : frames A..B, both included} {--scale=1 : of the picture, 0.05 to 4}';

    protected $description = 'Renders a project file to an MP4';

    /** What the shell reports of a command that was ended by a signal. */
    private const STOPPED = 130;

    private bool $isEnding = false;

    protected function work(): void
    {
        $out = (string) $this->option('out');
        if (! str_ends_with(strtolower($out), '.mp4')) {
            throw new Refusal($out === '' ? '--out: say which file to write' : "$out: must be an .mp4 file");
        }
        $this->writable($out);
        $project = $this->project();
        $composition = $project->composition($this->option('composition'));
        $range = $composition->range();
        if ($this->option('range') !== null) {
            [$in, $end] = $this->frames('range', (string) $this->option('range'));
            $range = $end <= $range->out ? new FrameRange($in, $end) : throw new Refusal("--range: the last frame is {$range->last()}");
        }
        $scene = new Scene($composition, $project->library(), $this->clips($project), self::scale((string) $this->option('scale')));
        $this->render($scene, $range, $out);
    }

    public static function scale(string $text): float
    {
        return is_numeric($text) && $text >= 0.05 && $text <= 4 ? (float) $text : throw new Refusal("--scale: \"$text\" is outside 0.05..4");
    }

    /** Ended by a signal, it leaves nothing half-made. */
    private function render(Scene $scene, FrameRange $range, string $out): void
    {
        $this->trap([SIGINT, SIGTERM, SIGHUP], function (): void {
            $this->isEnding = true;
        });
        $this->remark($scene);
        $silent = "$out.silent.".getmypid().'.part';
        WrittenVideo::sweep($out);
        $bar = $this->output->createProgressBar($range->length());
        try {
            (new RangeRenderer($scene))->render($range, $silent, function (int $done) use ($bar): bool {
                $bar->setProgress($done);

                return ! $this->isEnding;
            });
            (new Joiner($scene))->join($range, [$silent], $out, fn (): bool => $this->isEnding ? throw new RenderCancelled('stopped') : true);
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
    private function remark(Scene $scene): void
    {
        [$width, $height] = [$scene->width(), $scene->height()];
        if ($width % 2 !== 0 || $height % 2 !== 0) {
            $this->getOutput()->getErrorStyle()->writeln(sprintf(
                'The picture is %d × %d; H.264 in MP4 takes even sides only, so the file is %d × %d, its last column or row repeated.',
                $width, $height, $width + $width % 2, $height + $height % 2,
            ));
        }
        foreach ($scene->remarks() as $remark) {
            $this->getOutput()->getErrorStyle()->writeln($remark);
        }
    }
}
