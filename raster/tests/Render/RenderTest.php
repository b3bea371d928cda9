<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Render;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\Backdrop;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Raster\Media\ClipReader;
use Ricamo\Raster\Media\Probe;
use Ricamo\Raster\Process\Ffmpeg;
use Ricamo\Raster\Render\Joiner;
use Ricamo\Raster\Render\Method;
use Ricamo\Raster\Render\OverlayMethod;
use Ricamo\Raster\Render\RangeRenderer;
use Ricamo\Raster\Render\RenderCancelled;
use Ricamo\Raster\Render\Scene;
use Ricamo\Raster\Render\VideoOutput;
use Ricamo\Raster\Render\Way;
use Ricamo\Raster\Render\WholeFrameMethod;
use Ricamo\Raster\Tests\Clips;
use Ricamo\Raster\Tests\Scenes;

final class RenderTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = Clips::folder().'/out-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("$this->folder/*") ?: []);
        rmdir($this->folder);
    }

    /** A counting clip with a bar over its lower part that slides in. */
    private function scene(): Scene
    {
        return Scenes::of(
            [Scenes::clip(), Scenes::bar(['size' => [120, 40], 'fill' => '#c9973f', 'opacity' => 80, 'position' => ['keyframes' => [
                ['at' => 0, 'value' => [-60, 150], 'easing' => 'cubic-out'], ['at' => 20, 'value' => [100, 150]],
            ]]])],
            files: ['m1' => Clips::counting()],
        );
    }

    private function render(Scene $scene, FrameRange $range, string $name = 'out.mp4'): string
    {
        (new RangeRenderer($scene))->render($range, "$this->folder/$name", fn (): bool => true);

        return "$this->folder/$name";
    }

    /** @return list<string> when each frame is shown, as the file says */
    private function times(string $file): array
    {
        return array_values(array_filter(explode(
            "\n",
            str_replace(',', '', Ffmpeg::probe(['-select_streams', 'v:0', '-show_entries', 'frame=pts_time', '-of', 'csv=p=0'], $file, 30)),
        )));
    }

    public function test_every_frame_is_the_right_one_from_any_start(): void
    {
        foreach ([0, 1, 37] as $from) {
            $file = $this->render($this->scene(), new FrameRange($from, $from + 25), "from-$from.mp4");
            $reader = new ClipReader(Probe::clip($file));
            foreach (range(0, 24) as $frame) {
                self::assertSame($from + $frame, Clips::number($reader->frame($frame)), "frame $frame from $from");
            }
        }
    }

    public function test_both_methods_draw_the_same(): void
    {
        $scene = $this->scene();
        $range = new FrameRange(5, 35);
        $backdrop = Backdrop::under($scene->lists($range));
        self::assertNotNull($backdrop);
        $files = [];
        foreach (['overlay' => new OverlayMethod($scene, $backdrop), 'whole' => new WholeFrameMethod($scene)] as $name => $method) {
            $files[$name] = "$this->folder/$name.mp4";
            self::assertNull($this->write($method, $range, $files[$name]));
        }
        [$overlay, $whole] = [new ClipReader(Probe::clip($files['overlay'])), new ClipReader(Probe::clip($files['whole']))];
        foreach ([0, 7, 20, 29] as $frame) {
            self::assertLessThan(1.5, $this->difference($overlay->frame($frame)->data(), $whole->frame($frame)->data()), "frame $frame");
        }
    }

    public function test_the_way_is_settled_for_a_whole_render(): void
    {
        $renderer = new RangeRenderer($this->scene());
        self::assertSame(Way::Overlay, $renderer->way(new FrameRange(0, 100)));
        $turning = Scenes::of(
            [Scenes::clip(['rotation' => ['keyframes' => [['at' => 90, 'value' => 0], ['at' => 99, 'value' => 5]]]])],
            files: ['m1' => Clips::counting()],
        );
        self::assertSame(Way::Overlay, (new RangeRenderer($turning))->way(new FrameRange(0, 90)));
        self::assertSame(Way::WholeFrames, (new RangeRenderer($turning))->way(new FrameRange(0, 100)));
    }

    /** As when the process that draws is no longer there: frozen graphics over the rest of a clip are no result. */
    public function test_frames_that_end_early_are_no_video(): void
    {
        $scene = $this->scene();
        $range = new FrameRange(0, 40);
        $backdrop = Backdrop::under($scene->lists($range));
        self::assertNotNull($backdrop);
        foreach (['overlay' => new OverlayMethod($scene, $backdrop), 'whole' => new WholeFrameMethod($scene)] as $name => $method) {
            $output = new VideoOutput($method->command($range), "$this->folder/$name.mp4");
            foreach ($method->frames($range) as $index => $surface) {
                if ($index === 15) {
                    break;
                }
                $output->write($surface);
            }
            self::assertMatchesRegularExpression(
                '/^the video could not be written: it came out with 1\d frames instead of 40$/',
                (string) $output->finish(40),
            );
            self::assertSame([], glob("$this->folder/$name*"));
        }
    }

    /** Pieces of one render may be drawn by either method: at their border nothing may be seen to change. */
    public function test_both_methods_give_back_the_colours_of_a_clip_that_says_nothing_of_them(): void
    {
        foreach (['untagged-hd.mp4' => '1280x720', 'untagged-sd.mp4' => '320x180'] as $name => $size) {
            $clip = Clips::make(
                $name,
                [
                    '-f', 'lavfi', '-i',
                    "gradients=s=$size:r=25:n=4:c0=0x2f5d50:c1=0xc9973f:c2=0x24557a:c3=0xf3e3c3:seed=1", '-frames:v', '10',
                    '-vf', 'noise=alls=12,format=yuv420p', '-c:v', 'libx264', '-crf', '8',
                ],
            );
            [$width, $height] = array_map(intval(...), explode('x', $size));
            $scene = Scenes::of(
                [Scenes::clip(['position' => [$width / 2, $height / 2]])], ['width' => $width, 'height' => $height],
                ['m1' => $clip],
            );
            $range = new FrameRange(0, 10);
            $backdrop = Backdrop::under($scene->lists($range));
            self::assertNotNull($backdrop);
            self::assertNull($this->write(new OverlayMethod($scene, $backdrop), $range, "$this->folder/overlay-$name"));
            self::assertNull($this->write(new WholeFrameMethod($scene), $range, "$this->folder/whole-$name"));
            $said = new \Symfony\Component\Process\Process([
                'ffmpeg', '-hide_banner', '-i', "$this->folder/overlay-$name", '-i', "$this->folder/whole-$name", '-lavfi',
                'psnr', '-f', 'null', '-',
            ]);
            $said->mustRun();
            self::assertSame(1, preg_match('/average:([\d.]+|inf)/', $said->getErrorOutput(), $found));
            self::assertGreaterThan(42, $found[1] === 'inf' ? INF : (float) $found[1], $name);
        }
    }

    /** A clip of 640 × 360 at half its size, and one at twice, which is cut off at the sides. */
    public function test_both_methods_draw_clips_of_another_size_the_same(): void
    {
        $large = Clips::counting('large.mp4', size: '640x360');
        foreach ([[50, [160, 90]], [100, [120, 90]], [75, [170, 105]]] as [$scale, $position]) {
            $scene = Scenes::of([
                Scenes::clip(['scale' => [$scale, $scale], 'position' => $position]),
                Scenes::bar(['size' => [60, 30], 'fill' => '#c9973f', 'position' => [200, 120]]),
            ], files: ['m1' => $large]);
            $range = new FrameRange(3, 15);
            $backdrop = Backdrop::under($scene->lists($range));
            self::assertNotNull($backdrop, "$scale %");
            self::assertNull($this->write(new OverlayMethod($scene, $backdrop), $range, "$this->folder/overlay-$scale.mp4"));
            self::assertNull($this->write(new WholeFrameMethod($scene), $range, "$this->folder/whole-$scale.mp4"));
            [$overlay, $whole] = [
                new ClipReader(Probe::clip("$this->folder/overlay-$scale.mp4")),
                new ClipReader(Probe::clip("$this->folder/whole-$scale.mp4")),
            ];
            foreach ([0, 5, 11] as $frame) {
                self::assertLessThan(
                    1.5, $this->difference($overlay->frame($frame)->data(), $whole->frame($frame)->data()),
                    "$scale %, frame $frame",
                );
            }
        }
    }

    public function test_the_export_shows_what_the_still_shows(): void
    {
        $scene = $this->scene();
        $reader = new ClipReader(Probe::clip($this->render($scene, new FrameRange(0, 30))));
        foreach ([0, 4, 29] as $frame) {
            self::assertLessThan(1.5, $this->difference($reader->frame($frame)->data(), $scene->still($frame)->data()), "frame $frame");
        }
    }

    public function test_pieces_join_without_a_seam(): void
    {
        foreach (['25/1', '30000/1001', '24000/1001', '60/1'] as $index => $rate) {
            $scene = Scenes::of(
                [Scenes::bar([
                    'fill' => '#ffffff', 'size' => [320, 180], 'position' => [160, 90],
                    'opacity' => ['keyframes' => [['at' => 0, 'value' => 10], ['at' => 69, 'value' => 90]]],
                ])],
                ['rate' => $rate, 'length' => 70],
            );
            $pieces = array_map(
                fn (FrameRange $piece): string => $this->render($scene, $piece, "$index-{$piece->in}.mp4"),
                $scene->composition->range()->pieces(30),
            );
            $file = "$this->folder/joined-$index.mp4";
            (new Joiner($scene))->join($scene->composition->range(), $pieces, $file);
            $times = $this->times($file);
            self::assertCount(70, $times);
            foreach ($times as $frame => $time) {
                self::assertEqualsWithDelta($scene->composition->rate->seconds($frame), (float) $time, 0.00002, "$rate, frame $frame");
            }
            self::assertSame($rate, (string) Probe::clip($file)->rate);
        }
    }

    public function test_sound_is_cut_and_placed_to_the_millisecond(): void
    {
        // A click every half second in a clip that plays from its frame 10 on, 0.4 s in.
        $file = Clips::make(
            'clicks.mp4',
            [
                '-i', Clips::counting(), '-f', 'lavfi', '-i', 'aevalsrc=0.8*lt(mod(t\,0.5)\,0.004):s=48000:d=4', '-c:v',
                'copy', '-c:a', 'pcm_s16le', '-f', 'mov', '-shortest',
            ],
        );
        $scene = Scenes::of([Scenes::clip(['in' => 10, 'out' => 60, 'from' => 10])], ['length' => 80], ['m1' => $file]);
        (new Joiner($scene))->join(
            $scene->composition->range(), [$this->render($scene, $scene->composition->range())], "$this->folder/sound.mp4",
        );
        $samples = array_values((array) unpack(
            's*',
            Ffmpeg::run([...Ffmpeg::command(), '-i', "$this->folder/sound.mp4", '-ac', '1', '-ar', '48000', '-f', 's16le', 'pipe:1']),
        ));
        $clicks = [];
        foreach ($samples as $index => $sample) {
            if (abs($sample) > 8000 && ($clicks === [] || $index / 48000 - end($clicks) > 0.2)) {
                $clicks[] = $index / 48000;
            }
        }
        // The clip's clicks at 0.5, 1 … 2 s sound 0.4 s − 0.4 s later: where they are in the clip.
        self::assertCount(4, $clicks);
        foreach ([0.5, 1.0, 1.5, 2.0] as $index => $expected) {
            self::assertEqualsWithDelta($expected, $clicks[$index], 0.002);
        }
        self::assertEqualsWithDelta(3.2, count($samples) / 48000, 0.03);
    }

    public function test_an_odd_picture_gets_an_even_file(): void
    {
        $scene = Scenes::of([], ['width' => 321, 'height' => 181, 'length' => 3, 'background' => '#24557a']);
        $clip = Probe::clip($this->render($scene, $scene->composition->range()));
        self::assertSame([322, 182], [$clip->width, $clip->height]);
        $picture = (new ClipReader($clip))->frame(0);
        self::assertEqualsWithDelta(0x7A, $picture->pixel(321, 181)[2], 4);
    }

    public function test_a_cancelled_render_leaves_nothing(): void
    {
        $seen = 0;
        try {
            (new RangeRenderer($this->scene()))->render(new FrameRange(0, 90), "$this->folder/x.mp4", function (int $done) use (&$seen): bool {
                $seen = $done;

                return $done < 10;
            });
            self::fail('it was not cancelled');
        } catch (RenderCancelled) {
            self::assertSame(10, $seen);
            self::assertSame([], glob("$this->folder/*"));
        }
    }

    public function test_memory_does_not_grow_with_length(): void
    {
        $scene = $this->scene();
        $this->render($scene, new FrameRange(0, 10), 'short.mp4');
        $before = memory_get_usage();
        $this->render($scene, new FrameRange(0, 100), 'long.mp4');
        self::assertLessThan(1_000_000, memory_get_usage() - $before);
    }

    private function write(Method $method, FrameRange $range, string $file): ?string
    {
        $output = new VideoOutput($method->command($range), $file);
        foreach ($method->frames($range) as $surface) {
            $output->write($surface);
        }

        return $output->finish($range->length());
    }

    /** The mean absolute difference of all channels but alpha, sampled. */
    private function difference(string $a, string $b): float
    {
        $sum = 0;
        $count = 0;
        for ($i = 0; $i < strlen($a); $i += 12) {
            foreach ([0, 1, 2] as $channel) {
                $sum += abs(ord($a[$i + $channel]) - ord($b[$i + $channel]));
                $count++;
            }
        }

        return $sum / $count;
    }
}
