<?php

namespace App\Console;

use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Raster\Render\Joiner;
use Ricamo\Raster\Render\RangeRenderer;
use Ricamo\Raster\Render\Scene;

final class RenderCommand extends DocumentCommand
{
    protected $signature = 'ricamo:render {document : a project file} {--out= : an MP4 file} {--composition= : its name or id}
        {--range= : frames A..B, both included} {--scale=1 : of the picture, 0.05 to 4}';

    protected $description = 'Renders a project file to an MP4';

    protected function work(): void
    {
        $out = (string) $this->option('out');
        if (! str_ends_with(strtolower($out), '.mp4') || ! is_dir(dirname($out))) {
            throw new Refusal($out === '' ? '--out: say which file to write' : "$out: must be an .mp4 file in a folder that exists");
        }
        $project = $this->project();
        $composition = $project->composition($this->option('composition'));
        $range = $composition->range();
        if ($this->option('range') !== null) {
            [$in, $end] = $this->frames('range', (string) $this->option('range'));
            $range = $end <= $range->out ? new FrameRange($in, $end) : throw new Refusal("--range: the last frame is {$range->last()}");
        }
        $scene = new Scene($composition, $project->media, $this->clips($project), self::scale((string) $this->option('scale')));
        $this->render($scene, $range, $out);
    }

    public static function scale(string $text): float
    {
        return is_numeric($text) && $text >= 0.05 && $text <= 4 ? (float) $text : throw new Refusal("--scale: \"$text\" is outside 0.05..4");
    }

    private function render(Scene $scene, FrameRange $range, string $out): void
    {
        $silent = "$out.silent.mp4";
        $bar = $this->output->createProgressBar($range->length());
        try {
            (new RangeRenderer($scene))->render($range, $silent, function (int $done) use ($bar): bool {
                $bar->setProgress($done);

                return true;
            });
            (new Joiner($scene))->join($range, [$silent], $out);
        } finally {
            if (is_file($silent)) {
                unlink($silent);
            }
        }
        $bar->finish();
        $this->newLine();
    }
}
