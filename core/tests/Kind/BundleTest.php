<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Kind;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Nesting;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Evaluate\Inspection;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Tests\SquareShaper;
use Ricamo\Core\Time\FrameRate;

final class BundleTest extends TestCase
{
    /** A bar of 200 × 100 that comes from the left in 20 frames, rests in the middle, and goes down in the last 10 of 100. */
    private const BAR = ['size' => [200, 100], 'position' => ['keyframes' => [
        ['at' => 0, 'value' => [0, 540]], ['at' => 20, 'value' => [960, 540]],
        ['at' => -10, 'value' => [960, 540], 'pin' => 'end'], ['at' => 0, 'value' => [960, 1080], 'pin' => 'end'],
    ]]];

    /** @param  array<string, mixed>  $bundle  @param  array<string, mixed>  $inner */
    private function project(array $bundle = [], array $inner = [], ?array $layers = null): Project
    {
        $head = ['width' => 1920, 'height' => 1080, 'rate' => '25/1'];
        $project = Project::read(new Node(['format' => Project::FORMAT, 'version' => 1, 'name' => 'Depot', 'media' => [], 'compositions' => [
            ['id' => 'outer', 'name' => 'Outer', ...$head, 'length' => 250, 'background' => 'transparent', 'layers' => [
                [
                    'id' => 'placed', 'kind' => 'bundle', 'name' => 'Bar', 'composition' => 'inner', 'in' => 50,
                    'out' => 150, 'position' => [960, 540], ...$bundle,
                ],
            ]],
            [
                'id' => 'inner', 'name' => 'Inner', ...$head, 'length' => 100, 'background' => 'transparent',
                'layers' => $layers ?? [Fixture::bar(self::BAR)], ...$inner,
            ],
        ]]));

        return $project->with(['media' => Fixture::media()]);
    }

    private function evaluator(Project $project): Evaluator
    {
        return new Evaluator($project->library(), new TextBlocks(new SquareShaper));
    }

    private function frame(Project $project, int $frame, string $composition = 'outer'): DisplayList
    {
        return $this->evaluator($project)->frame($project->compositions->get($composition), $frame);
    }

    /** Where the bar's middle is seen, or null. @return ?array{float, float} */
    private function middle(Project $project, int $frame): ?array
    {
        $item = $this->frame($project, $frame)->toJson()['items'][0] ?? null;
        while (($item['op'] ?? null) === 'group') {
            $item = $item['items'][0];
        }

        return $item === null ? null : [$item['matrix'][4], $item['matrix'][5]];
    }

    private function edited(Project $project, string $edit, array $args): Project
    {
        return Edits::applyTo($project, Edits::read(new Node(['edit' => $edit, 'args' => $args])), 'outer', $this->evaluator($project));
    }

    public function test_it_is_told_which_frame_of_the_other_composition_is_seen(): void
    {
        $inside = function (array $bundle, int $frame): mixed {
            $project = $this->project($bundle);
            $layer = $project->compositions->get('outer')->layer('placed');

            return Inspection::of($layer, $frame, new FrameRate(25), $project->library())['inside'];
        };
        self::assertSame(4, $inside([], 54));
        self::assertSame(5 + 2 * 4, $inside(['from' => 5, 'speed' => 200], 54));
        self::assertSame([99, null], [$inside(['from' => 50], 149), $inside(['from' => 50, 'beyond' => 'nothing'], 149)]);
        $window = ['kind' => 'window', 'form' => 'ellipse'];
        self::assertSame(4, $inside($window, 54));
        self::assertArrayNotHasKey('inside', Inspection::of(
            Fixture::layer(Fixture::bar()), 0, new FrameRate(25), Fixture::media(),
        ));
    }

    public function test_it_shows_the_other_composition_in_its_time_and_place(): void
    {
        self::assertNull($this->middle($this->project(), 49));
        self::assertSame([480.0, 540.0], array_map(floatval(...), (array) $this->middle($this->project(), 60)));
        // Half as large, its middle at (500, 300): 960 px from the middle to the left become 480.
        $small = $this->project(['position' => [500, 300], 'scale' => [50, 50]]);
        self::assertEquals([20, 300], $this->middle($small, 50));
        // At 50 frames a second, its frame 20 comes after 10 of the outer.
        $fast = $this->project([], ['rate' => '50/1']);
        self::assertEquals([960, 540], $this->middle($fast, 60));
        self::assertEquals([480, 540], $this->middle($fast, 55));
    }

    public function test_what_lies_outside_of_its_frame_is_cut_off_if_that_is_wished(): void
    {
        $cropped = $this->frame($this->project(['position' => [500, 300], 'scale' => [50, 50]]), 50)->toJson();
        self::assertSame('group', $cropped['items'][0]['op']);
        self::assertSame('M20 30L980 30L980 570L20 570Z', $cropped['paths'][$cropped['items'][0]['clip']]);
        self::assertSame('fill', $this->frame($this->project(['crop' => false]), 50)->toJson()['items'][0]['op']);
    }

    public function test_its_background_is_part_of_it_and_what_is_only_looked_at_is_not(): void
    {
        $project = $this->project(['crop' => false], ['background' => '#ff0000'], [Fixture::bar(['reference' => true])]);
        $items = $this->frame($project, 60)->toJson()['items'];
        self::assertCount(1, $items);
        self::assertSame('#ff0000', $items[0]['colour']);
    }

    public function test_it_fades_as_one(): void
    {
        $project = $this->project(['crop' => false, 'opacity' => 40], [], [Fixture::bar(), Fixture::bar(['id' => 'second'])]);
        $items = $this->frame($project, 60)->toJson()['items'];
        self::assertCount(1, $items);
        self::assertSame(['group', 0.4, 2], [$items[0]['op'], $items[0]['opacity'], count($items[0]['items'])]);
    }

    public function test_backwards_it_shows_the_last_frame_first_and_turned_again_it_is_as_it_was(): void
    {
        $forwards = $this->project();
        $backwards = $this->edited($forwards, 'retime-layers', ['layers' => ['placed'], 'to' => 'reverse']);
        for ($frame = 50; $frame < 150; $frame++) {
            self::assertSame($this->middle($forwards, 199 - $frame), $this->middle($backwards, $frame), "frame $frame");
        }
        $again = $this->edited($backwards, 'retime-layers', ['layers' => ['placed'], 'to' => 'reverse']);
        self::assertSame($forwards->toJson(), $again->toJson());
    }

    public function test_pulled_by_its_edge_it_comes_and_goes_as_before_and_stays_longer(): void
    {
        foreach ([[['out' => 190], 40, 0], [['out' => 120], -30, 0], [['in' => 10], 40, -40]] as [$trim, $longer, $later]) {
            $pulled = $this->edited($this->project(), 'trim-layer', ['layer' => 'placed', ...$trim]);
            for ($k = 0; $k < 100; $k++) {
                $at = 50 + $later + $k + ($k < 60 ? 0 : $longer);
                // What comes is the first 20 frames; what goes, the last 10.
                if ($k < 20 || $k >= 90) {
                    self::assertSame($this->middle($this->project(), 50 + $k), $this->middle($pulled, $at), json_encode($trim)." frame $k");
                }
            }
            $layer = $pulled->compositions->get('outer')->layer('placed');
            self::assertEquals([960, 540], $this->middle($pulled, $layer->span->in + 30));
            self::assertSame(100 + $longer, $layer->span->length());
        }
    }

    public function test_pulled_there_and_back_it_is_as_it_was(): void
    {
        $there = $this->edited($this->project(), 'trim-layer', ['layer' => 'placed', 'out' => 233]);
        $back = $this->edited($there, 'trim-layer', ['layer' => 'placed', 'out' => 150]);
        for ($frame = 50; $frame < 150; $frame++) {
            self::assertSame($this->middle($this->project(), $frame), $this->middle($back, $frame));
        }
    }

    public function test_backwards_too_an_edge_makes_the_stay_longer(): void
    {
        $backwards = $this->edited($this->project(), 'retime-layers', ['layers' => ['placed'], 'to' => 'reverse']);
        $pulled = $this->edited($backwards, 'trim-layer', ['layer' => 'placed', 'out' => 180]);
        for ($k = 0; $k < 20; $k++) {
            self::assertSame($this->middle($this->project(), 50 + $k), $this->middle($pulled, 179 - $k));
        }
        self::assertSame($this->middle($this->project(), 149), $this->middle($pulled, 50));
    }

    public function test_cut_in_two_no_frame_changes_and_a_cut_edge_is_trimmed(): void
    {
        $cut = $this->edited($this->project(), 'split-layers', ['layers' => ['placed'], 'at' => 70]);
        for ($frame = 50; $frame < 150; $frame++) {
            self::assertSame($this->middle($this->project(), $frame), $this->middle($cut, $frame), "frame $frame");
        }
        $later = $cut->compositions->get('outer')->layers[1];
        $trimmed = $this->edited($cut, 'trim-layer', ['layer' => $later->id, 'in' => 75]);
        self::assertSame($this->middle($this->project(), 80), $this->middle($trimmed, 80));
    }

    public function test_mirrored_it_goes_as_it_came_however_long_it_is(): void
    {
        foreach ([100, 60, 173] as $length) {
            $project = $this->edited($this->project(['mirrors' => true]), 'trim-layer', ['layer' => 'placed', 'out' => 50 + $length]);
            for ($k = 0; $k < $length; $k++) {
                self::assertSame($this->middle($project, 50 + $k), $this->middle($project, 49 + $length - $k), "$length frames: $k");
            }
            self::assertEquals([48 * 5, 540], $this->middle($project, 55));
            self::assertEquals([960, 540], $this->middle($project, 50 + intdiv($length, 2)));
        }
    }

    public function test_what_always_reads_is_turned_back_where_the_bundle_is_flipped(): void
    {
        foreach ([[-100, 100, [1, 1]], [100, -100, [1, 1]], [-100, -100, [-1, -1]]] as [$x, $y, $signs]) {
            $words = Fixture::bar(['size' => [200, 100], 'position' => [300, 400], 'anchor' => [30, 20], 'alwaysReads' => true]);
            $project = $this->project(
                ['scale' => [$x, $y], 'crop' => false], [], [$words, [...$words, 'id' => 'other', 'alwaysReads' => false]],
            );
            [$reads, $flips] = array_column($this->frame($project, 60)->toJson()['items'], 'matrix');
            self::assertEquals($signs, [$reads[0], $reads[3]]);
            self::assertEquals([$x / 100, $y / 100], [$flips[0], $flips[3]]);
            // Both cover the same.
            self::assertEquals([$flips[4], $flips[5]], [$reads[4], $reads[5]]);
        }
    }

    public function test_a_composition_cannot_contain_itself(): void
    {
        $project = $this->project();
        $this->expectExceptionObject(new Refusal('a composition cannot contain itself: Inner ▸ Outer ▸ Inner'));
        Edits::applyTo(
            $project,
            Edits::read(new Node(['edit' => 'add-layer', 'args' => ['layer' => ['kind' => 'bundle', 'composition' => 'outer']]])),
            'inner', $this->evaluator($project),
        );
    }

    /** @return list<array<string, mixed>> each with two of the next in it */
    private function chain(int $deep, int $times): array
    {
        return array_map(fn (int $i): array => [
            'id' => "k$i", 'name' => "Link $i", 'width' => 64, 'height' => 64, 'rate' => '25/1', 'length' => 10, 'layers' => $i === $deep
                - 1
                ? []
                : array_map(
                    fn (int $n): array => [
                        'id' => "l$n", 'kind' => 'bundle', 'name' => 'Next', 'composition' => 'k'.($i + 1), 'in' => 0,
                        'out' => 10,
                    ],
                    range(1, $times),
                ),
        ], range(0, $deep - 1));
    }

    public function test_there_is_a_limit_to_how_deep_and_how_many(): void
    {
        $read = fn (array $compositions): Project => Project::read(new Node([
            'format' => Project::FORMAT, 'version' => 1, 'name' => 'Deep', 'compositions' => $compositions,
        ]));
        // One, and 24 within it.
        self::assertCount(25, $read($this->chain(25, 1))->compositions);
        foreach ([
            [26, 1, 'lie within one another 24 deep at most'], [40, 1, 'lie within one another 24 deep at most'], [20, 2, 'comes to more than 20,000 layers'],
        ] as [$deep, $times, $reason]) {
            try {
                $read($this->chain($deep, $times));
                self::fail('it was read');
            } catch (Refusal $refusal) {
                self::assertStringContainsString($reason, $refusal->getMessage());
            }
        }
    }

    public function test_all_that_is_placed_is_found_once(): void
    {
        $project = Project::read(new Node([
            'format' => Project::FORMAT, 'version' => 1, 'name' => 'Deep', 'compositions' => $this->chain(5, 3),
        ]));
        self::assertSame(
            ['k1', 'k2', 'k3', 'k4'],
            array_map(fn (Composition $one): string => $one->id, Nesting::within($project->composition('k0'), $project->library())),
        );
    }

    public function test_a_bundle_of_nothing_is_refused_where_it_stands(): void
    {
        $this->expectExceptionMessage('compositions[0].layers[0].composition: there is no composition "elsewhere" in this project');
        $this->project(['composition' => 'elsewhere']);
    }
}
