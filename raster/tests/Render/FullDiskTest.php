<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Render;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Raster\Media\Preparation;
use Ricamo\Raster\Media\Probe;
use Ricamo\Raster\Render\Joiner;
use Ricamo\Raster\Render\RangeRenderer;
use Ricamo\Raster\Render\Scene;
use Ricamo\Raster\Render\WrittenVideo;
use Ricamo\Raster\Tests\Clips;
use Ricamo\Raster\Tests\Scenes;
use Ricamo\Raster\Tests\SmallDisk;
use RuntimeException;

/** Nothing that is not whole counts as finished, and nothing half-made is left. */
final class FullDiskTest extends TestCase
{
    private function scene(): Scene
    {
        return Scenes::of([Scenes::clip()], files: ['m1' => Clips::grain()]);
    }

    /** @param  callable(): mixed  $work */
    private function reason(callable $work): string
    {
        try {
            $work();
        } catch (RuntimeException|Refusal $failure) {
            return $failure->getMessage();
        }
        self::fail('nothing was wrong');
    }

    /** Where no disk can be mounted there are limits still: as a quota, this one lets no file become larger. */
    private function limited(int $bytes, callable $work): string
    {
        [$soft, $hard] = [posix_getrlimit()['soft filesize'] ?? 'unlimited', posix_getrlimit()['hard filesize'] ?? 'unlimited'];
        $number = fn (int|string $limit): int => $limit === 'unlimited' ? POSIX_RLIMIT_INFINITY : (int) $limit;
        posix_setrlimit(POSIX_RLIMIT_FSIZE, $bytes, $number($hard));
        try {
            return $this->reason($work);
        } finally {
            posix_setrlimit(POSIX_RLIMIT_FSIZE, $number($soft), $number($hard));
        }
    }

    public function test_a_limit_on_files_ends_a_piece_and_a_join_with_its_reason_and_leaves_nothing(): void
    {
        $folder = Clips::folder().'/limited';
        mkdir($folder);
        $scene = $this->scene();
        $reason = $this->limited(
            300_000,
            fn () => (new RangeRenderer($scene))->render(new FrameRange(0, 60), "$folder/piece.mp4", fn (): bool => true),
        );
        self::assertSame('the video could not be written: no file may become that large here', $reason);
        self::assertSame([], glob("$folder/*"));
        (new RangeRenderer($this->scene()))->render(new FrameRange(0, 60), "$folder/piece.mp4", fn (): bool => true);
        $size = (int) filesize("$folder/piece.mp4");
        foreach ([0.4, 0.995] as $part) {
            $reason = $this->limited(
                (int) ($part * $size),
                fn () => (new Joiner($scene))->join(new FrameRange(0, 60), ["$folder/piece.mp4"], "$folder/finished.mp4"),
            );
            self::assertSame('the pieces could not be joined: no file may become that large here', $reason);
            self::assertSame(["$folder/piece.mp4"], glob("$folder/*"));
        }
        unlink("$folder/piece.mp4");
        rmdir($folder);
    }

    public function test_a_piece_that_finds_no_room_is_no_piece(): void
    {
        $disk = new SmallDisk(600);
        $reason = $this->reason(fn () => (new RangeRenderer($this->scene()))->render(
            new FrameRange(0, 60), "$disk->folder/piece.mp4", fn (): bool => true,
        ));
        self::assertSame('the video could not be written: the disk is full', $reason);
        self::assertSame([], $disk->names());
    }

    public function test_a_join_that_finds_no_room_leaves_the_pieces_and_nothing_else(): void
    {
        $piece = Clips::folder().'/piece-for-full-disk.mp4';
        (new RangeRenderer($this->scene()))->render(new FrameRange(0, 60), $piece, fn (): bool => true);
        // Room for the pictures, but not for the index that is written at the end, or for moving it to the front.
        foreach ([0.4, 0.9, 0.995] as $part) {
            $disk = new SmallDisk((int) ceil($part * filesize($piece) / 1024));
            $reason = $this->reason(fn () => (new Joiner($this->scene()))->join(
                new FrameRange(0, 60), [$piece], "$disk->folder/finished.mp4",
            ));
            self::assertSame('the pieces could not be joined: the disk is full', $reason);
            self::assertSame([], $disk->names());
            self::assertFileExists($piece);
        }
    }

    public function test_a_still_that_finds_no_room_is_not_left_half_made(): void
    {
        $disk = new SmallDisk(8);
        $reason = $this->reason(fn () => $this->scene()->still(3)->writePng("$disk->folder/still.png"));
        self::assertStringContainsString('the disk may be full', $reason);
        self::assertSame([], $disk->names());
    }

    public function test_a_preview_that_finds_no_room_says_so_before_it_begins(): void
    {
        $disk = new SmallDisk(600);
        $reason = $this->reason(fn () => (new Preparation(Probe::clip(Clips::grain()), $disk->folder))->run(fn (): bool => true));
        self::assertMatchesRegularExpression('/^the disk is full: its preview takes about \d+ MB$/', $reason);
    }

    public function test_what_was_cut_off_is_not_taken_for_whole(): void
    {
        $whole = Clips::make('judged.mp4', ['-i', Clips::grain(), '-c', 'copy', '-movflags', '+faststart']);
        self::assertNull(WrittenVideo::problemWithIndexFirst($whole, 60));
        self::assertSame('it came out with 60 frames instead of 61', WrittenVideo::problemWithIndexFirst($whole, 61));
        $cut = Clips::folder().'/judged-cut.mp4';
        foreach ([0.2, 0.9, 0.999] as $part) {
            file_put_contents($cut, substr((string) file_get_contents($whole), 0, (int) ($part * filesize($whole))));
            self::assertNotNull(WrittenVideo::problemWithIndexFirst($cut, 60), "$part of it");
        }
    }

    public function test_what_dead_processes_left_is_swept_away(): void
    {
        $file = Clips::folder().'/swept.mp4';
        touch("$file.999999999.part");
        touch("$file.".getmypid().'.part');
        WrittenVideo::sweep($file);
        self::assertFileDoesNotExist("$file.999999999.part");
        self::assertFileExists("$file.".getmypid().'.part');
    }
}
