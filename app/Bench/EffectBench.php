<?php

declare(strict_types=1);

namespace App\Bench;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Compositions;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Json\Node;
use Ricamo\Raster\Draw\Painter;
use Ricamo\Raster\Draw\Surface;
use Ricamo\Raster\Media\ClipPictures;
use Ricamo\Raster\Media\Clips;
use Ricamo\Raster\Render\Scene;

/** How long effects take to draw at 1920 × 1080: over the whole frame, and on fifty layers one by one or wrapped up. */
final class EffectBench
{
    private const ROUNDS = 8;

    private const BLUR = [['id' => 'e1', 'effect' => 'blur', 'radius' => 20]];

    /** @return list<array{string, string, string}> */
    public function run(): array
    {
        $whole = fn (array $effects): float => $this->milliseconds(self::composition(
            'c', [self::bar(0, [1920, 1080], [960, 540], $effects)],
        ));
        $fifty = fn (array $effects): array => array_map(
            fn (int $index): array => self::bar($index, [300, 200], [100 + 34 * $index, 540], $effects), range(0, 49),
        );
        $each = $this->milliseconds(self::composition('c', $fifty(self::BLUR)));
        $bundle = [
            'id' => 'b', 'kind' => 'bundle', 'name' => 'Bundle', 'composition' => 'inner', 'in' => 0, 'out' => 10,
            'position' => [960, 540], 'effects' => self::BLUR,
        ];
        $together = $this->milliseconds(self::composition('c', [$bundle]), self::composition('inner', $fifty([])));

        return [
            ['a blur of 20 px over the whole frame', sprintf('%.0f ms', $whole(self::BLUR) - $whole([])), '≤ 40 ms'],
            ['other colours over the whole frame', sprintf('%.0f ms', $whole([['id' => 'e1', 'effect' => 'saturation']]) - $whole([])), ''],
            [
                'pinned by its corners, the whole frame',
                sprintf(
                    '%.0f ms',
                    $whole([['id' => 'e1', 'effect' => 'corner-pin', 'topLeft' => [200, 100], 'bottomRight' => [-300, -50]]]) - $whole([]),
                ),
                '',
            ],
            [
                'a twirl of half of the frame',
                sprintf('%.0f ms', $whole([['id' => 'e1', 'effect' => 'twirl', 'radius' => 540]]) - $whole([])), '',
            ],
            ['pixels of 24, the whole frame', sprintf('%.0f ms', $whole([['id' => 'e1', 'effect' => 'pixels']]) - $whole([])), ''],
            ['50 layers with a blur each', sprintf('%.0f ms', $each), ''],
            ['… wrapped up, with one blur', sprintf('%.0f ms, × %.2f', $together, $together / $each), '< × 1'],
        ];
    }

    /** The shortest of several times that a frame takes to be drawn. */
    private function milliseconds(Composition $composition, Composition ...$placed): float
    {
        $scene = new Scene($composition, MediaLibrary::of()->withCompositions(Compositions::of(...$placed)), new Clips([]));
        $painter = new Painter(new Surface(1920, 1080), new ClipPictures($scene->clips));
        $list = $scene->list(0);
        $times = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $began = hrtime(true);
            $painter->paint($list);
            $times[] = (hrtime(true) - $began) / 1e6;
        }

        return min($times);
    }

    /**
     * @param  array{int, int}  $size
     * @param  array{int, int}  $position
     * @param  list<array<string, mixed>>  $effects
     * @return array<string, mixed>
     */
    private static function bar(int $index, array $size, array $position, array $effects): array
    {
        return [
            'id' => "l$index", 'kind' => 'shape', 'form' => 'rectangle', 'name' => 'Bar', 'in' => 0, 'out' => 10,
            'size' => $size, 'position' => $position, 'effects' => $effects,
        ];
    }

    /** @param  list<array<string, mixed>>  $layers */
    private static function composition(string $id, array $layers): Composition
    {
        return Composition::read(new Node([
            'id' => $id, 'name' => $id, 'width' => 1920, 'height' => 1080, 'rate' => '25/1', 'length' => 10,
            'background' => 'transparent', 'layers' => $layers,
        ]));
    }
}
