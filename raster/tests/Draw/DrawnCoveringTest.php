<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Draw;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\Coverage;
use Ricamo\Core\Document\Compositions;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Raster\Draw\DrawnCovering;
use Ricamo\Raster\Media\Clips as ProbedClips;
use Ricamo\Raster\Render\Scene;
use Ricamo\Raster\Tests\Clips;
use Ricamo\Raster\Tests\Scenes;
use Ricamo\Raster\Text\ClipFonts;
use Ricamo\Raster\Text\HarfBuzzShaper;

/** What is known to cover the frame only by looking at its pixels. The frame is 320 × 180. */
final class DrawnCoveringTest extends TestCase
{
    /** Ten frames: clear, then half of it opaque from the fourth on, all of it on the seventh and the eighth. */
    private static function panels(): string
    {
        return Clips::make('covering.mov', [
            '-f', 'lavfi', '-i',
            "color=c=black:s=320x180:r=25,format=rgba,geq=r=201:g=151:b=63:a='if(between(N,6,7),255,if(gte(N,3),255*lt(X,160),0))'",
            '-frames:v', '10', '-c:v', 'qtrle', '-pix_fmt', 'argb',
        ]);
    }

    private static function share(Scene $scene, int $frame): float
    {
        return (new DrawnCovering(fn (): ProbedClips => $scene->clips))->share($scene->list($frame));
    }

    public function test_a_clip_covers_where_its_own_pixels_do(): void
    {
        $scene = Scenes::of([Scenes::clip(['out' => 10])], ['background' => 'transparent', 'length' => 10], ['m1' => self::panels()]);
        self::assertSame([0.0, 1.0, 1.0, 0.5], array_map(fn (int $frame): float => self::share($scene, $frame), [1, 6, 7, 8]));
        self::assertSame(0.0, Coverage::of($scene->list(6)));
    }

    public function test_what_is_masked_or_blurred_covers_as_much_as_is_left_of_it(): void
    {
        $whole = ['size' => [400, 300], 'position' => [160, 90], 'fill' => '#c9973f'];
        $masked = fn (array $size): Scene => Scenes::of(
            [Scenes::bar([...$whole, 'masks' => [['id' => 'm1', 'form' => 'rectangle', 'size' => $size]]])],
            ['background' => 'transparent'],
        );
        self::assertSame(1.0, self::share($masked([380, 200]), 0));
        self::assertEqualsWithDelta(0.5, self::share($masked([160, 200]), 0), 0.01);
        $blurred = fn (float $amount): Scene => Scenes::of(
            [Scenes::bar([...$whole, 'effects' => [['id' => 'e1', 'effect' => 'blur', 'radius' => $amount]]])],
            ['background' => 'transparent'],
        );
        self::assertSame(1.0, self::share($blurred(4), 0));
        self::assertLessThan(1.0, self::share($blurred(60), 0));
    }

    public function test_a_cut_comes_to_lie_beneath_a_rendered_clip(): void
    {
        $second = Scenes::of(
            [Scenes::clip(['out' => 10])],
            ['id' => 'c2', 'name' => 'Panels', 'background' => 'transparent', 'length' => 10], ['m1' => self::panels()],
        );
        $first = Scenes::of([Scenes::bar(['id' => 'a', 'out' => 50]), Scenes::bar(['id' => 'b', 'in' => 50])]);
        $media = $second->clips->describe(MediaLibrary::of(new Media('m1', 'Panels', 'covering.mov')));
        $project = new Project('Depot', $media, Compositions::of($first->composition, $second->composition));
        $evaluator = new Evaluator(
            $project->library(), new TextBlocks(new HarfBuzzShaper(new ClipFonts($second->clips))),
            covering: new DrawnCovering(fn (): ProbedClips => $second->clips),
        );
        $edited = Edits::applyTo(
            $project,
            Edits::read(new Node(['edit' => 'cover-cut', 'args' => ['layers' => ['a', 'b'], 'composition' => 'c2']])), 'c',
            $evaluator,
        );
        // Frames 6 and 7 cover all: the last of the one scene and the first of the other.
        self::assertSame(50 - 7, $edited->composition('c')->layer('l1')->span->in);
    }
}
