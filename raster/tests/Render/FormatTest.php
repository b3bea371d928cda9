<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Render;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Raster\Process\Ffmpeg;
use Ricamo\Raster\Render\Format\Formats;
use Ricamo\Raster\Render\Format\Quality;
use Ricamo\Raster\Render\Joiner;
use Ricamo\Raster\Render\Output;
use Ricamo\Raster\Render\RangeRenderer;
use Ricamo\Raster\Render\Scene;
use Ricamo\Raster\Tests\Clips;
use Ricamo\Raster\Tests\Scenes;
use RuntimeException;
use Symfony\Component\Process\Process;
use ZipArchive;

/** What goes out in each format is read back by ffmpeg, frame by frame. */
final class FormatTest extends TestCase
{
    private const RANGE = [5, 17];

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = Clips::folder().'/formats-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("$this->folder/*") ?: []);
        rmdir($this->folder);
    }

    /** A tilted bar at half its opacity, on its way over a disc, over nothing; an odd picture at an odd rate. */
    private function scene(int $width = 161): Scene
    {
        return Scenes::of([
            Scenes::bar(['id' => 'disc', 'form' => 'ellipse', 'size' => [60, 60], 'position' => [60, 50], 'fill' => '#f3e3c3']),
            Scenes::bar(['size' => [90, 24], 'rotation' => 20, 'fill' => '#c0392b', 'opacity' => 55, 'position' => ['keyframes' => [
                ['at' => 0, 'value' => [20, 50]], ['at' => 40, 'value' => [140, 50]],
            ]]]),
        ], ['width' => $width, 'height' => 99, 'rate' => '30000/1001', 'background' => 'transparent']);
    }

    /** In several pieces, as a render of the application is. */
    private function render(string $format, Scene $scene, Quality $quality = Quality::Good, int $pieceLength = 5): string
    {
        $output = new Output(Formats::get($format), $quality);
        $pieces = [];
        foreach ((new FrameRange(...self::RANGE))->pieces($pieceLength) as $piece) {
            $pieces[] = $file = "$this->folder/piece-{$piece->in}.part";
            (new RangeRenderer($scene, $output))->render($piece, $file, fn (): bool => true);
        }
        $file = "$this->folder/out.{$output->format->extension()}";
        (new Joiner($scene, $output))->join(new FrameRange(...self::RANGE), $pieces, $file);
        self::assertCount(count($pieces), glob("$this->folder/*.part"), 'nothing is left lying about');

        return $file;
    }

    /** @return list<string> the frames as straight RGBA */
    private function frames(string $file, int $width, int $height, array $decoder = []): array
    {
        $process = new Process([
            'ffmpeg', '-v', 'error', ...$decoder, '-i', $file, '-fps_mode', 'passthrough', '-vf',
            'scale=in_color_matrix=bt709:flags=accurate_rnd+full_chroma_int,format=rgba', '-f', 'rawvideo', '-',
        ]);

        return str_split($process->mustRun()->getOutput(), $width * $height * 4);
    }

    /** @return array{int, int, float} how far any pixel is off, as laid over black, and in its alpha, and how far alpha is in the mean */
    private function errors(Scene $scene, int $frame, string $rgba): array
    {
        $still = $scene->still($frame);
        $expected = array_values((array) unpack('C*', $still->data()));
        $read = array_values((array) unpack('C*', $rgba));
        [$colour, $alpha, $sum] = [0, 0, 0];
        for ($i = 0; $i < count($expected); $i += 4) {
            $a = $read[$i + 3];
            $alpha = max($alpha, abs($expected[$i + 3] - $a));
            $sum += abs($expected[$i + 3] - $a);
            foreach ([[2, 0], [1, 1], [0, 2]] as [$bgra, $rgb]) {
                $colour = max($colour, (int) round(abs($expected[$i + $bgra] - $read[$i + $rgb] * $a / 255)));
            }
        }

        return [$colour, $alpha, $sum / (count($expected) / 4)];
    }

    /**
     * @return iterable<string, array{string, int, int, float, list<string>}> the most that colours over black and alpha may be
     *     off, and alpha in the mean
     */
    public static function withAlpha(): iterable
    {
        yield 'FFV1' => ['ffv1', 1, 1, 0.1, []];
        yield 'PNG in a ZIP' => ['png', 1, 1, 0.1, []];
        yield 'animated PNG' => ['apng', 1, 1, 0.1, []];
        yield '4444' => ['mov', 6, 2, 0.1, []];
        yield 'VP9' => ['webm', 90, 40, 1.0, ['-c:v', 'libvpx-vp9']];
    }

    /** @param  list<string>  $decoder */
    #[DataProvider('withAlpha')]
    public function test_alpha_comes_back_as_it_went_out(string $format, int $colour, int $alpha, float $mean, array $decoder): void
    {
        $scene = $this->scene();
        $file = $this->render($format, $scene);
        if ($format === 'png') {
            $file = $this->unzipped($file);
        }
        $frames = $this->frames($file, 161, 99, $format === 'png' ? ['-start_number', '5'] : $decoder);
        self::assertCount(12, $frames);
        foreach ([0, 4, 5, 11] as $index) {
            [$colourOff, $alphaOff, $meanOff] = $this->errors($scene, self::RANGE[0] + $index, $frames[$index]);
            self::assertLessThanOrEqual($colour, $colourOff, "colour of frame $index");
            self::assertLessThanOrEqual($alpha, $alphaOff, "alpha of frame $index");
            self::assertLessThanOrEqual($mean, $meanOff, "alpha of frame $index in the mean");
        }
    }

    public function test_colours_may_go_out_multiplied_by_alpha_where_the_format_takes_that(): void
    {
        $scene = $this->scene();
        $piece = new FrameRange(...self::RANGE);
        foreach (['ffv1' => 0, 'mov' => 6] as $name => $most) {
            $output = new Output(Formats::get($name), Quality::Good, true);
            (new RangeRenderer($scene, $output))->render($piece, "$this->folder/piece.part", fn (): bool => true);
            $file = "$this->folder/multiplied.{$output->format->extension()}";
            (new Joiner($scene, $output))->join($piece, ["$this->folder/piece.part"], $file);
            $rgba = array_values((array) unpack('C*', $this->frames($file, 161, 99)[0]));
            $drawn = array_values((array) unpack('C*', $scene->still(self::RANGE[0])->data()));
            $off = 0;
            for ($i = 0; $i < count($drawn); $i += 4) {
                // As it is drawn, premultiplied, blue first.
                $off = max($off, abs($rgba[$i] - $drawn[$i + 2]), abs($rgba[$i + 1] - $drawn[$i + 1]), abs($rgba[$i + 2] - $drawn[$i]));
            }
            self::assertLessThanOrEqual($most, $off, $name);
        }
        $this->expectExceptionMessage('straight alpha only');
        new Output(Formats::get('webm'), Quality::Good, true);
    }

    private function unzipped(string $file): string
    {
        $zip = new ZipArchive;
        self::assertTrue($zip->open($file));
        self::assertSame(['frame-0005.png', 'frame-0016.png', 12], [$zip->getNameIndex(0), $zip->getNameIndex(11), $zip->numFiles]);
        $zip->extractTo($this->folder);

        return "$this->folder/frame-%04d.png";
    }

    public function test_every_frame_begins_when_it_is_to(): void
    {
        foreach (['mp4', 'hevc', 'mov', 'webm', 'ffv1'] as $format) {
            $file = $this->render($format, $this->scene(160));
            $times = array_filter(explode(
                "\n",
                str_replace(
                    ',', '',
                    Ffmpeg::probe(['-select_streams', 'v:0', '-show_entries', 'packet=pts_time', '-of', 'csv=p=0'], $file, 30),
                ),
            ));
            sort($times, SORT_NUMERIC);
            // Matroska counts milliseconds.
            foreach ($times as $index => $time) {
                self::assertEqualsWithDelta(
                    $index * 1001 / 30000, (float) $time, in_array($format, ['webm', 'ffv1'], true) ? 0.00051 : 1e-5,
                    "$format, frame $index",
                );
            }
            self::assertCount(12, $times, $format);
        }
    }

    public function test_a_quality_is_a_size(): void
    {
        foreach (['mp4', 'hevc', 'webm', 'mov'] as $format) {
            $sizes = array_map(
                fn (Quality $quality): int => (int) filesize($this->render($format, $this->scene(160), $quality, 12)),
                Quality::cases(),
            );
            self::assertSame($sizes, array_values(array_unique($sizes)), $format);
            self::assertSame(
                $sizes, [min($sizes), array_sum($sizes) - min($sizes) - max($sizes), max($sizes)],
                "$format: ".implode(', ', $sizes),
            );
        }
    }

    public function test_pictures_that_move_have_all_their_frames(): void
    {
        self::assertCount(12, $this->frames($this->render('gif', $this->scene()), 161, 99));
        $webp = $this->render('webp', $this->scene(), Quality::Best);
        self::assertSame('RIFF', file_get_contents($webp, length: 4));
        self::assertSame(12, substr_count((string) file_get_contents($webp), 'ANMF'));
    }

    public function test_one_frame_is_one_picture(): void
    {
        $scene = $this->scene();
        $output = new Output(Formats::get('still'));
        (new RangeRenderer($scene, $output))->render(new FrameRange(9, 10), "$this->folder/piece.part", fn (): bool => true);
        (new Joiner($scene, $output))->join(new FrameRange(9, 10), ["$this->folder/piece.part"], "$this->folder/still.png");
        [$frame] = $this->frames("$this->folder/still.png", 161, 99);
        self::assertSame([1, 1], array_map(fn (int $off): int => max(1, $off), array_slice($this->errors($scene, 9, $frame), 0, 2)));
    }

    public function test_sound_goes_along_and_alone(): void
    {
        $scene = Scenes::of(
            [Scenes::clip()],
            files: ['m1' => Clips::make(
                'loud.mp4',
                ['-f', 'lavfi', '-i', 'color=c=navy:s=320x180:r=25:d=2', '-f', 'lavfi', '-i', 'sine=f=440:d=2', '-pix_fmt', 'yuv420p'],
            )],
        );
        foreach (['mov' => 'pcm_s16le', 'webm' => 'opus', 'ffv1' => 'flac', 'wav' => 'pcm_s16le'] as $format => $codec) {
            $output = new Output(Formats::get($format));
            $pieces = [];
            if ($format !== 'wav') {
                (new RangeRenderer($scene, $output))->render(
                    new FrameRange(0, 25), $pieces[] = "$this->folder/piece.part", fn (): bool => true,
                );
            }
            $file = "$this->folder/sound.{$output->format->extension()}";
            (new Joiner($scene, $output))->join(new FrameRange(0, 25), $pieces, $file);
            $told = json_decode(Ffmpeg::probe(['-show_streams', '-of', 'json'], $file, 30), true)['streams'];
            $sound = array_values(array_filter($told, fn (array $stream): bool => $stream['codec_type'] === 'audio'));
            self::assertSame([$codec, '48000', 2], [$sound[0]['codec_name'], $sound[0]['sample_rate'], $sound[0]['channels']], $format);
            self::assertCount($format === 'wav' ? 1 : 2, $told);
        }
        $this->expectExceptionObject(new RuntimeException('the pieces could not be joined: nothing is heard in it'));
        (new Joiner($this->scene(), new Output(Formats::get('wav'))))->join(new FrameRange(0, 5), [], "$this->folder/none.wav");
    }
}
