<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\Coverage;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Compositions;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Tests\SquareShaper;
use Ricamo\Core\Time\FrameRange;

/** Two clips that meet at frame 60, and a panel that sweeps over the frame in 40 frames in another composition. */
final class CoverCutTest extends TestCase
{
    private function project(array $panel = [], array $second = []): Project
    {
        // From beyond the left side to beyond the right one, 96 px a frame; it covers all from x = 960 − 192 to 960 + 192.
        $bar = Fixture::bar([
            'out' => 40, 'size' => [2304, 1080], 'position' => Fixture::keyframes([0, [-1152, 540]], [44, [3072, 540]]),
            ...$panel,
        ]);

        return new Project('Depot', Fixture::media(), Compositions::of(
            Fixture::composition([
                Fixture::clip(['id' => 'a', 'name' => 'A', 'out' => 60, 'position' => [960, 540]]),
                Fixture::clip(['id' => 'b', 'name' => 'B', 'in' => 60, 'out' => 120, 'position' => [960, 540]]),
            ]),
            Fixture::composition([$bar], ['id' => 'c2', 'name' => 'Panels', 'length' => 40, 'background' => 'transparent', ...$second]),
        ));
    }

    private function evaluator(Project $project): Evaluator
    {
        return new Evaluator($project->library(), new TextBlocks(new SquareShaper));
    }

    private function edited(Project $project, string $edit, array $args): Project
    {
        return Edits::applyTo($project, Edits::read(new Node(['edit' => $edit, 'args' => $args])), 'c1', $this->evaluator($project));
    }

    /** The covered frames around the cut, by hand: the panel's middle is at −1152 + 96 f. */
    public function test_the_cut_lies_in_the_middle_of_what_is_covered(): void
    {
        $covered = array_filter(range(0, 39), fn (int $frame): bool => abs(-1152 + 96 * $frame - 960) <= 192);
        self::assertSame([20, 24], [min($covered), max($covered)]);
        foreach ([
            ['cover-cut', ['layers' => ['a', 'b'], 'composition' => 'c2']],
            ['place-transition', ['layer' => 'b', 'frame' => 66, 'composition' => 'c2']],
            ['place-transition', ['layer' => 'a', 'frame' => 50, 'composition' => 'c2']],
        ] as [$edit, $args]) {
            $project = $this->edited($this->project(), $edit, $args);
            $layers = $project->composition('c1')->layers;
            self::assertSame(['a', 'b', 'l1'], $layers->ids());
            self::assertEquals(new FrameRange(60 - 22, 60 - 22 + 40), $project->composition('c1')->layer('l1')->span);
            $alone = $project->composition('c1')->with(['alone' => ['l1'], 'background' => null]);
            foreach ([59 => true, 60 => true, 57 => false, 63 => false] as $frame => $isCovered) {
                self::assertSame($isCovered, Coverage::of($this->evaluator($project)->frame($alone, $frame)) === 1.0, "frame $frame");
            }
        }
    }

    public function test_what_never_covers_all_says_how_much_it_covers(): void
    {
        foreach ([
            'it covers 52 %' => [['size' => [1000, 1080]], []],
            'covers nothing' => [['fill' => '#2f5d5080'], []],
            'longer than 500 frames' => [['out' => 4000], ['length' => 4000]],
        ] as $message => [$panel, $second]) {
            try {
                $this->edited($this->project($panel, $second), 'cover-cut', ['layers' => ['a', 'b'], 'composition' => 'c2']);
                self::fail($message);
            } catch (Refusal $refusal) {
                self::assertStringContainsString($message, $refusal->getMessage());
            }
        }
    }

    public function test_without_a_cut_there_is_nothing_to_cover(): void
    {
        $this->expectExceptionMessage('Nothing meets “B” there');
        $this->edited($this->project(), 'place-transition', ['layer' => 'b', 'frame' => 118, 'composition' => 'c2']);
    }

    public function test_a_move_that_is_dropped_leads_across_a_cut_or_is_an_end(): void
    {
        $phase = ['length' => 10, 'easing' => 'linear', 'moves' => [['move' => 'fade']]];
        $place = fn (Project $project, string $layer, int $frame, array $with = []): Project => $this->edited(
            $project, 'place-transition', ['layer' => $layer, 'frame' => $frame, 'phase' => [...$phase, ...$with]],
        );
        $crossed = $place($this->project(), 'a', 55)->composition('c1');
        self::assertEquals([new FrameRange(0, 65), new FrameRange(55, 120)], [$crossed->layer('a')->span, $crossed->layer('b')->span]);
        self::assertSame(10, $crossed->layer('b')->life->arrive?->length);
        // Dropped on it again, another takes its place.
        $again = $place($place($this->project(), 'a', 55), 'b', 58, ['length' => 20])->composition('c1');
        self::assertEquals(new FrameRange(50, 120), $again->layer('b')->span);
        $ends = $place($place($this->project(), 'a', 4), 'b', 117)->composition('c1');
        self::assertSame(
            [10, null, null, 10],
            [
                $ends->layer('a')->life->arrive?->length, $ends->layer('a')->life->leave, $ends->layer('b')->life->arrive,
                $ends->layer('b')->life->leave?->length,
            ],
        );
        self::assertEquals(new FrameRange(0, 60), $ends->layer('a')->span);
        // Just as far from either end, it is how the layer comes.
        self::assertSame(
            [10, null],
            (fn (Composition $one): array => [
                $one->layer('a')->life->arrive?->length, $one->layer('a')->life->leave,
            ])($place($this->project(), 'a', 30)->composition('c1')),
        );
    }
}
