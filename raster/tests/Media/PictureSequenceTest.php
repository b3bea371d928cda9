<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Media;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRate;
use Ricamo\Raster\Media\ClipReader;
use Ricamo\Raster\Media\PictureSequence;
use Ricamo\Raster\Media\Probe;
use Ricamo\Raster\Process\Ffmpeg;
use Ricamo\Raster\Tests\Clips;
use ZipArchive;

final class PictureSequenceTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = Clips::folder().'/sequence-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        mkdir("$this->folder/work");
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("$this->folder/*.*") ?: []);
        rmdir("$this->folder/work");
        rmdir($this->folder);
    }

    /** @param  array<string, string>  $files  content by name */
    private function zip(array $files): string
    {
        $zip = new ZipArchive;
        $zip->open("$this->folder/pictures.zip", ZipArchive::CREATE);
        foreach ($files as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();

        return "$this->folder/pictures.zip";
    }

    /** @return list<string> pictures that carry their number */
    private function counted(string $ending, int $count): array
    {
        Ffmpeg::run([
            ...Ffmpeg::command(), '-i', Clips::counting(), '-frames:v', (string) $count, '-pix_fmt',
            $ending === 'png' ? 'rgb24' : 'yuvj420p', '-q:v', '2', "$this->folder/%03d.$ending",
        ]);

        return array_map(
            fn (int $number): string => (string) file_get_contents(sprintf('%s/%03d.%s', $this->folder, $number, $ending)),
            range(1, $count),
        );
    }

    private function made(string $zip, FrameRate $rate = new FrameRate(24)): string
    {
        PictureSequence::inZip($zip)->write("$this->folder/clip.mov", "$this->folder/work", $rate, 1_000_000_000);
        self::assertSame([], glob("$this->folder/work/*") ?: []);

        return "$this->folder/clip.mov";
    }

    #[DataProvider('endings')]
    public function test_numbered_pictures_are_a_clip_of_the_rate_that_is_chosen(string $ending): void
    {
        $files = [];
        foreach ($this->counted($ending, 12) as $index => $content) {
            // In a folder, in no order, numbered from 8 on: 8, 9, 10 and not 10, 8, 9.
            $files['shot 2/street.'.(8 + $index).".$ending"] = $content;
        }
        krsort($files);
        $clip = Probe::clip($this->made(
            $this->zip($files + ['__MACOSX/._x1.png' => 'x', 'shot 2/.hidden' => 'x']), new FrameRate(30000, 1001),
        ));
        self::assertSame(['30000/1001', 12, 320], [(string) $clip->rate, $clip->frames, $clip->width]);
        $reader = new ClipReader($clip);
        foreach ([0, 5, 11, 3] as $frame) {
            self::assertSame($frame, Clips::number($reader->frame($frame)));
        }
    }

    /** @return iterable<string, array{string}> */
    public static function endings(): iterable
    {
        yield 'PNG' => ['png'];
        yield 'JPEG' => ['jpg'];
        yield 'TIFF' => ['tif'];
        yield 'BMP' => ['bmp'];
    }

    public function test_alpha_is_kept(): void
    {
        Ffmpeg::run([...Ffmpeg::command(), '-f', 'lavfi', '-i', 'color=red@0.5:s=32x32:d=0.2,format=rgba', "$this->folder/a%d.png"]);
        $files = [];
        foreach ([1, 2, 3] as $number) {
            $files["a$number.png"] = (string) file_get_contents("$this->folder/a$number.png");
        }
        $clip = Probe::clip($this->made($this->zip($files)));
        self::assertTrue($clip->alpha);
        self::assertEqualsWithDelta(127, (new ClipReader($clip))->frame(1)->pixel(5, 5)[3], 1);
    }

    public function test_where_a_number_is_left_out_the_picture_before_it_stays_on(): void
    {
        $pictures = $this->counted('png', 6);
        $clip = Probe::clip($this->made($this->zip(['a0.png' => $pictures[0], 'a1.png' => $pictures[1], 'a4.png' => $pictures[4]])));
        $reader = new ClipReader($clip);
        self::assertSame([0, 1, 1, 1, 4], array_map(fn (int $frame): int => Clips::number($reader->frame($frame)), range(0, 4)));
    }

    /** @param  array<string, string>  $files */
    #[DataProvider('refused')]
    public function test_anything_else_is_refused(array $files, string $says): void
    {
        $small = (string) base64_decode('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8z8BQDwAEhQGAhKmMIQAAAABJRU5ErkJggg==');
        $files = array_map(fn (string $content): string => $content === 'PNG' ? $small : $content, $files);
        try {
            $this->made($this->zip($files));
            self::fail('it was taken');
        } catch (Refusal $refusal) {
            self::assertStringContainsString($says, $refusal->getMessage());
        }
        self::assertSame([], glob("$this->folder/work/*") ?: []);
        self::assertFileDoesNotExist('/tmp/ricamo-evil1.png');
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function refused(): iterable
    {
        yield 'no pictures' => [['a/.DS_Store' => 'x'], 'it holds no pictures'];
        yield 'no numbers' => [['one.png' => 'PNG', 'two.png' => 'PNG'], 'has no number'];
        yield 'two sequences' => [['a1.png' => 'PNG', 'a2.png' => 'PNG', 'b1.png' => 'PNG'], 'more than one sequence'];
        yield 'no picture at all' => [['a1.png' => 'PNG', 'a2.png' => '<svg onload="x"/>'], 'a file that is no picture'];
        yield 'damaged' => [['a1.png' => "\x89PNG\r\n and no more"], 'not all of one kind and size'];
        yield 'numbers far apart' => [['a1.png' => 'PNG', 'a999999999.png' => 'PNG'], 'too far apart'];
        yield 'a name that leads elsewhere' => [['../../../../tmp/ricamo-evil1.png' => 'no picture'], 'a file that is no picture'];
    }

    public function test_a_bomb_is_stopped_by_what_comes_out_of_it(): void
    {
        $zip = $this->zip(['a1.png' => "\x89PNG\r\n".str_repeat("\0", 30_000_000)]);
        self::assertLessThan(100_000, filesize($zip));
        $this->expectExceptionMessage('more room than they may');
        PictureSequence::inZip($zip)->write("$this->folder/clip.mov", "$this->folder/work", new FrameRate(25), 10_000_000);
    }

    public function test_a_damaged_zip_is_refused(): void
    {
        file_put_contents(
            "$this->folder/cut.zip",
            substr((string) file_get_contents($this->zip(['a1.png' => random_bytes(5000)])), 0, 3000),
        );
        self::assertTrue(PictureSequence::isZip("$this->folder/cut.zip"));
        $this->expectExceptionMessage('it is a damaged ZIP');
        PictureSequence::inZip("$this->folder/cut.zip");
    }
}
