<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Media;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Refusal;
use Ricamo\Raster\Media\Clip;
use Ricamo\Raster\Media\OriginalFrame;
use Ricamo\Raster\Media\Preparation;
use Ricamo\Raster\Media\PreviewBudget;
use Ricamo\Raster\Media\PreviewPlan;
use Ricamo\Raster\Media\Probe;
use Ricamo\Raster\Process\Ffmpeg;
use Ricamo\Raster\Tests\Clips;
use RuntimeException;

final class PreparationTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/ricamo-preview-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        Ffmpeg::run(['rm', '-rf', $this->folder]);
    }

    /** @return list<string> */
    private function frames(): array
    {
        return glob("$this->folder/frames/*") ?: [];
    }

    /** The number that a preview frame of a counting clip shows. */
    private function number(string $file): int
    {
        $gray = Ffmpeg::run([...Ffmpeg::command(), '-i', $file, '-vf', 'scale=320:180,format=gray', '-f', 'rawvideo', 'pipe:1']);
        $number = 0;
        foreach (range(0, 7) as $bit) {
            $number += ord($gray[30 * 320 + 40 * $bit + 20]) > 128 ? 1 << $bit : 0;
        }

        return $number;
    }

    public function test_a_short_clip_has_every_frame(): void
    {
        $preparation = new Preparation(Probe::clip(Clips::counting()), $this->folder);
        $last = 0;
        $preparation->run(function (int $frames) use (&$last): void {
            $last = $frames;
        });
        self::assertSame([1, 100, 'jpg'], [$preparation->plan->every, $preparation->plan->count, $preparation->plan->type]);
        self::assertCount(100, $this->frames());
        self::assertSame(100, $last);
        self::assertSame(37, $this->number($this->frames()[37]));
    }

    public function test_a_long_one_has_as_many_as_it_may_each_of_them_the_right_one(): void
    {
        $preparation = new Preparation(Probe::clip(Clips::counting()), $this->folder, new PreviewBudget(frames: 30));
        $preparation->run(fn (): bool => true);
        self::assertSame([4, 25], [$preparation->plan->every, $preparation->plan->count]);
        $files = $this->frames();
        self::assertCount(25, $files);
        foreach ([0, 1, 7, 24] as $index) {
            self::assertSame(4 * $index, $this->number($files[$index]));
        }
    }

    /** Three frames, an hour apart, in a file of a few kilobytes. */
    public function test_a_small_file_that_claims_to_be_long_stays_within_the_budget(): void
    {
        $file = Clips::make(
            'sparse.mkv',
            ['-i', Clips::counting('three.mp4', frames: 3), '-vf', "setpts='N*3600/TB'", '-fps_mode', 'vfr', '-c:v', 'libx264'],
        );
        $clip = Probe::clip($file);
        self::assertGreaterThan(7000, $clip->frames / $clip->rate->perSecond());
        $budget = new PreviewBudget(frames: 200, bytes: 20_000_000);
        $preparation = new Preparation($clip, $this->folder, $budget);
        self::assertLessThanOrEqual(20_000_000, $preparation->plan->bytes());
        $preparation->run(fn (): bool => true);
        self::assertLessThanOrEqual(200, count($this->frames()));
        self::assertLessThan(20_000_000, array_sum(array_map(filesize(...), $this->frames())));
    }

    public function test_what_takes_more_room_than_was_thought_is_thinned(): void
    {
        $clip = Probe::clip(Clips::grain());
        $budget = new PreviewBudget(bytes: PreviewPlan::of($clip, new PreviewBudget)->bytes());
        $preparation = new Preparation($clip, $this->folder, $budget);
        $preparation->run(fn (): bool => true);
        self::assertGreaterThan(1, $preparation->plan->every);
        self::assertLessThanOrEqual($budget->bytes, array_sum(array_map(filesize(...), $this->frames())));
    }

    public function test_what_the_listener_throws_ends_it(): void
    {
        $preparation = new Preparation(Probe::clip(Clips::counting()), $this->folder);
        $this->expectExceptionMessage('enough');
        $preparation->run(fn () => throw new RuntimeException('enough'));
    }

    public function test_a_long_plan_is_told_beforehand(): void
    {
        $clip = Probe::clip(Clips::counting());
        $long = new Clip(...[...get_object_vars($clip), 'frames' => 432_000, 'width' => 1920, 'height' => 1080]);
        $plan = PreviewPlan::of($long, new PreviewBudget);
        self::assertLessThanOrEqual(2_000_000_000, $plan->bytes());
        self::assertLessThanOrEqual(20_000, $plan->count);
        self::assertGreaterThan(8_000, $plan->count);
        self::assertSame(2 * $plan->every, $plan->thinner($long)->every);
    }

    public function test_a_frame_of_the_original_is_that_frame_at_full_size(): void
    {
        $clip = Probe::clip(Clips::counting());
        file_put_contents("$this->folder/frame.jpg", OriginalFrame::of($clip, 73));
        self::assertSame([320, 180], array_slice((array) getimagesize("$this->folder/frame.jpg"), 0, 2));
        self::assertSame(73, $this->number("$this->folder/frame.jpg"));
        $this->expectException(Refusal::class);
        OriginalFrame::of($clip, 100);
    }
}
