<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Media;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Refusal;
use Ricamo\Raster\Media\AnimatedWebP;
use Ricamo\Raster\Media\Probe;
use Ricamo\Raster\Tests\Clips;
use Ricamo\Raster\Tests\Scenes;

final class AnimatedWebPTest extends TestCase
{
    /** Ten pictures, the grey of each 20 times its number, see-through in its right half; each twelfth of a second. */
    private function made(): string
    {
        return Clips::make('ten.webp', [
            '-f', 'lavfi', '-i', "color=s=64x32:r=12.5:d=0.8,format=rgba,geq=r='20*N':g='20*N':b='20*N':a='255*lt(X,32)'",
            '-c:v', 'libwebp_anim', '-lossless', '1', '-loop', '0',
        ]);
    }

    private function written(string $file, int $bytes = 100_000_000): string
    {
        AnimatedWebP::write($file, $target = Clips::folder().'/'.uniqid().'.mov', $bytes);

        return $target;
    }

    public function test_every_picture_is_there_at_its_moment_alpha_included(): void
    {
        self::assertTrue(AnimatedWebP::is($this->made()));
        $clip = Probe::clip($file = $this->written($this->made()));
        self::assertSame([64, 32, 10, true, '25/2'], [$clip->width, $clip->height, $clip->frames, $clip->alpha, (string) $clip->rate]);
        $scene = Scenes::of(
            [Scenes::clip(['position' => [32, 16], 'out' => 20])],
            ['width' => 64, 'height' => 32, 'length' => 20, 'background' => '#ff0000'], ['m1' => $file],
        );
        for ($frame = 0; $frame < 20; $frame++) {
            $grey = 20 * intdiv($frame, 2);
            $drawn = $scene->still($frame);
            self::assertSame([$grey, $grey, $grey], array_slice($drawn->pixel(10, 10), 0, 3), "frame $frame");
            self::assertSame([255, 0, 0], array_slice($drawn->pixel(50, 10), 0, 3), "frame $frame");
        }
        unlink($file);
    }

    public function test_a_picture_that_stays_longer_stays_for_more_frames(): void
    {
        // The duration of the third frame: three bytes, twelve after the beginning of its chunk's content.
        $bytes = (string) file_get_contents($this->made());
        for ($found = -1, $at = 0; $found < 2; $at++) {
            $at = (int) strpos($bytes, 'ANMF', $at);
            $found++;
        }
        $longer = substr_replace($bytes, substr(pack('V', 240), 0, 3), $at - 1 + 8 + 12, 3);
        file_put_contents($file = Clips::folder().'/longer.webp', $longer);
        $clip = Probe::clip($written = $this->written($file));
        self::assertSame([12, '25/2'], [$clip->frames, (string) $clip->rate]);
        unlink($written);
    }

    public function test_a_still_one_is_none(): void
    {
        self::assertFalse(AnimatedWebP::is(Clips::make(
            'one.webp', ['-f', 'lavfi', '-i', 'color=s=32x32', '-frames:v', '1', '-lossless', '1'],
        )));
        self::assertFalse(AnimatedWebP::is(__FILE__));
    }

    public function test_one_that_is_cut_off_changed_or_pretends_to_be_huge_is_refused_and_leaves_nothing(): void
    {
        $bytes = (string) file_get_contents($this->made());
        $left = count(glob(Clips::folder().'/*.mov') ?: []);
        mt_srand(7);
        $spoilt = [
            substr_replace($bytes, "\xff\xff\xff\xff\xff\xff", 24, 6), substr($bytes, 0, 40),
            substr($bytes, 0, intdiv(strlen($bytes), 2)),
        ];
        for ($try = 0; $try < 40; $try++) {
            $spoilt[] = substr_replace($bytes, chr(mt_rand(0, 255)), mt_rand(30, strlen($bytes) - 1), 1);
        }
        $refused = 0;
        foreach ($spoilt as $content) {
            file_put_contents($file = Clips::folder().'/spoilt.webp', $content);
            try {
                unlink($this->written($file));
            } catch (Refusal $refusal) {
                $refused++;
                self::assertMatchesRegularExpression('/damaged|too large|more than/', $refusal->getMessage());
            }
        }
        self::assertGreaterThan(3, $refused);
        self::assertCount($left, glob(Clips::folder().'/*.mov') ?: []);
    }

    public function test_one_that_takes_more_room_than_it_may_is_refused(): void
    {
        $this->expectExceptionMessage('its pictures take more room than they may');
        $this->written($this->made(), 600);
    }
}
