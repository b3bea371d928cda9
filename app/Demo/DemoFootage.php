<?php

declare(strict_types=1);

namespace App\Demo;

use Illuminate\Support\Facades\File;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Raster\Media\Clips;
use Ricamo\Raster\Media\Probe;
use Ricamo\Raster\Process\Ffmpeg;
use Ricamo\Raster\Render\Format\Ffv1;
use Ricamo\Raster\Render\Joiner;
use Ricamo\Raster\Render\Output;
use Ricamo\Raster\Render\RangeRenderer;
use Ricamo\Raster\Render\Scene;

/** Makes the demo's clips and pictures: drawn by Ricamo itself, with a sound that ffmpeg synthesises. */
final class DemoFootage
{
    /** A tram's hum with a bell every two seconds. */
    private const STREET_SOUND = '0.10*sin(2*PI*55*t)+0.06*sin(2*PI*110.7*t)+0.35*sin(2*PI*1245*t)*exp(-5*mod(t,2))+0.2*sin(2*PI*2090*t)*exp(-7*mod(t,2))';

    /** A machine's beat. */
    private const WORKSHOP_SOUND = '0.12*sin(2*PI*82*t)+0.3*sin(2*PI*190*t)*exp(-18*mod(t,0.5))+0.05*sin(2*PI*1730*t)*gt(mod(t,4),3)';

    public function __construct(private readonly string $folder)
    {
    }

    /** @return string the file, made if it is not there yet */
    public function street(): string
    {
        return $this->clip('street-evening.mp4', StreetClip::composition(), self::STREET_SOUND);
    }

    public function workshop(): string
    {
        return $this->clip('workshop.mp4', WorkshopClip::composition(), self::WORKSHOP_SOUND);
    }

    /** The workshop at a moment, as a photograph. */
    public function photograph(): string
    {
        return $this->picture('workshop.png', WorkshopClip::composition(), 70);
    }

    public function logo(): string
    {
        return $this->picture('logo.png', LogoPicture::composition(), 0);
    }

    /** The colour panels as they are rendered, with alpha. */
    public function panels(): string
    {
        $file = "{$this->folder}/panels.mkv";
        if (! is_file($file)) {
            $logo = Probe::clip($this->logo());
            $composition = ColourPanels::composition('logo');
            $scene = new Scene(
                $composition, MediaLibrary::of(new Media('logo', 'Logo', 'logo.png', $logo->facts())),
                new Clips(['logo' => $logo]),
            );
            $output = new Output(new Ffv1);
            (new RangeRenderer($scene, $output))->render($composition->range(), "$file.piece", fn (): bool => true);
            (new Joiner($scene, $output))->join($composition->range(), ["$file.piece"], $file);
            File::delete("$file.piece");
        }

        return $file;
    }

    private function picture(string $name, Composition $composition, int $frame): string
    {
        $file = "{$this->folder}/$name";
        if (! is_file($file)) {
            File::ensureDirectoryExists($this->folder);
            (new Scene($composition, MediaLibrary::of(), new Clips([])))->still($frame)->writePng("$file.part");
            rename("$file.part", $file);
        }

        return $file;
    }

    private function clip(string $name, Composition $composition, string $sound): string
    {
        $file = "{$this->folder}/$name";
        if (is_file($file)) {
            return $file;
        }
        File::ensureDirectoryExists($this->folder);
        $silent = "$file.silent.mp4";
        (new RangeRenderer(new Scene($composition, MediaLibrary::of(), new Clips([]))))
            ->render($composition->range(), $silent, fn (): bool => true);
        $seconds = sprintf('%.6F', $composition->rate->seconds($composition->length));
        Ffmpeg::run([
            ...Ffmpeg::command(), '-i', $silent, '-f', 'lavfi', '-i', "aevalsrc='$sound':s=48000:d=$seconds",
            '-map', '0:v', '-map', '1:a', '-c:v', 'copy', '-c:a', 'aac', '-b:a', '160k', '-f', 'mp4', '-y', "$file.part",
        ]);
        rename("$file.part", $file);
        unlink($silent);

        return $file;
    }
}
