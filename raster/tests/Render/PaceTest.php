<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Render;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Raster\Media\ClipReader;
use Ricamo\Raster\Media\Probe;
use Ricamo\Raster\Render\RangeRenderer;
use Ricamo\Raster\Tests\Clips;
use Ricamo\Raster\Tests\Scenes;

/** Clips at another pace: the clip's frames carry their number. */
final class PaceTest extends TestCase
{
    /** @param  array<string, mixed>  $fields */
    #[TestWith([['from' => 99, 'speed' => -100]])]
    #[TestWith([['from' => 60, 'beyond' => 'loop']])]
    #[TestWith([['from' => 70, 'beyond' => 'there-and-back']])]
    #[TestWith([['speed' => '70/3']])]
    #[TestWith([['speed' => 300, 'beyond' => 'loop']])]
    #[TestWith([['from' => 37, 'speed' => 0]])]
    public function test_every_frame_of_the_file_is_the_one_that_was_worked_out(array $fields): void
    {
        $scene = Scenes::of([Scenes::clip($fields)], files: ['m1' => Clips::counting()]);
        $file = Clips::folder().'/pace-'.bin2hex(random_bytes(4)).'.mp4';
        (new RangeRenderer($scene))->render(new FrameRange(0, 100), $file, fn (): bool => true);
        [$from, $speed] = [$fields['from'] ?? 0, $fields['speed'] ?? 100];
        $percent = is_string($speed) ? 70 / 3 : $speed;
        $reader = new ClipReader(Probe::clip($file));
        for ($frame = 0; $frame < 100; $frame++) {
            $asked = (int) floor($from + $frame * $percent / 100 + 1e-9);
            $shown = match ($fields['beyond'] ?? 'hold') {
                'loop' => $asked % 100,
                'there-and-back' => $asked % 200 < 100 ? $asked % 200 : 199 - $asked % 200,
                default => $asked,
            };
            self::assertSame($shown, Clips::number($reader->frame($frame)), "frame $frame");
        }
    }

    public function test_along_a_ramp_every_frame_of_the_file_is_the_integral_of_the_speed(): void
    {
        // From 10 on: faster and faster up to twice its speed, held there, and slower and slower into going backwards.
        $ramp = ['keyframes' => [
            ['at' => 0, 'value' => 0, 'easing' => 'quad-in'], ['at' => 30, 'value' => 200, 'easing' => 'hold'], ['at' => 45, 'value' => 100],
            ['at' => 85, 'value' => -100],
        ]];
        $scene = Scenes::of([Scenes::clip(['from' => 10, 'ramp' => $ramp])], files: ['m1' => Clips::counting()]);
        $file = Clips::folder().'/ramp-'.bin2hex(random_bytes(4)).'.mp4';
        (new RangeRenderer($scene))->render(new FrameRange(0, 100), $file, fn (): bool => true);
        $reader = new ClipReader(Probe::clip($file));
        for ($frame = 0; $frame < 100; $frame++) {
            $after = $frame - 45;
            $shown = 10 + match (true) {
                // ∫ 2 (k/30)² dk, then 20 in all and two a frame, then 50 and k − k²/40, and one back each frame.
                $frame <= 30 => 2 * $frame ** 3 / 2700,
                $frame <= 45 => 20 + 2 * ($frame - 30),
                $frame <= 85 => 50 + $after - $after ** 2 / 40,
                default => 50 - ($frame - 85),
            };
            self::assertSame((int) floor($shown + 1e-6), Clips::number($reader->frame($frame)), "frame $frame");
        }
    }

    public function test_where_nothing_is_shown_beyond_its_end_the_background_is(): void
    {
        $scene = Scenes::of(
            [Scenes::clip(['from' => 90, 'beyond' => 'nothing'])], ['background' => '#ff0000'], ['m1' => Clips::counting()],
        );
        self::assertSame(99, Clips::number($scene->still(9)));
        self::assertSame([255, 0, 0, 255], $scene->still(10)->pixel(3, 3));
    }
}
