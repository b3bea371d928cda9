<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** Where layers are put on the picture, judged by their bounds. The frame is 1920×1080. */
final class ArrangingEditsTest extends TestCase
{
    private function composition(): Composition
    {
        return Fixture::composition([
            Fixture::clip(['anchor' => [100, -50], 'position' => [300, 300], 'scale' => [20, 30]]),
            Fixture::bar(['id' => 'a', 'size' => [200, 100], 'position' => [300, 200]]),
            Fixture::bar(['id' => 'b', 'size' => [100, 100], 'position' => [500, 260], 'anchor' => [20, 10], 'scale' => [150, 50]]),
            Fixture::bar(['id' => 'c', 'size' => [400, 60], 'position' => [1500, 900], 'rotation' => 90]),
            Fixture::words(['position' => [900, 500], 'typeSize' => 100]),
        ]);
    }

    private function bounds(Composition $composition, string $layer, int $frame = 0): Box
    {
        return Fixture::evaluator()->pose($composition->layer($layer), $composition, $frame)->bounds();
    }

    private function assertBox(array $expected, Box $box): void
    {
        // Scales are kept to a ten-thousandth of a per cent.
        self::assertEqualsWithDelta($expected, $box->toJson(), 0.01);
    }

    /** @return iterable<string, array{string, array{float, float, float, float}}> */
    public static function framings(): iterable
    {
        // m2 is 1080×1920.
        yield 'fit' => ['fit', [960 - 303.75, 0, 960 + 303.75, 1080]];
        yield 'fill' => ['fill', [0, 540 - 1920 * 1920 / 1080 / 2, 1920, 540 + 1920 * 1920 / 1080 / 2]];
        yield 'original size' => ['original', [420, -420, 1500, 1500]];
        yield 'stretch' => ['stretch', [0, 0, 1920, 1080]];
    }

    #[DataProvider('framings')]
    public function test_a_picture_is_framed_in_one_click(string $as, array $expected): void
    {
        $portrait = Fixture::composition([Fixture::clip([
            'media' => 'm2', 'anchor' => [100, -50], 'position' => [300, 300], 'scale' => [20, 30],
        ])]);
        $this->assertBox(
            $expected,
            $this->bounds(Fixture::edit($portrait, 'frame-layers', ['layers' => ['clip'], 'frame' => 0, 'as' => $as]), 'clip'),
        );
        // Turned by a quarter it is as large, and still in the middle.
        $turned = Fixture::edit(
            $portrait, 'set-values',
            ['frame' => 0, 'values' => [['layer' => 'clip', 'property' => 'rotation', 'value' => 90]]],
        );
        $box = $this->bounds(Fixture::edit($turned, 'frame-layers', ['layers' => ['clip'], 'frame' => 0, 'as' => $as]), 'clip');
        self::assertEqualsWithDelta([960, 540], [$box->centre()->x, $box->centre()->y], 1e-6);
        self::assertEqualsWithDelta([$expected[3] - $expected[1], $expected[2] - $expected[0]], [$box->width(), $box->height()], 0.01);
    }

    public function test_words_are_framed_by_their_box(): void
    {
        $box = $this->bounds(
            Fixture::edit($this->composition(), 'frame-layers', ['layers' => ['words'], 'frame' => 0, 'as' => 'stretch']),
            'words',
        );
        $this->assertBox([0, 0, 1920, 1080], $box);
    }

    /** @return iterable<string, array{string, ?string, array{float, float}}> */
    public static function places(): iterable
    {
        // A box of 200×100 with a margin of 40: its left and top.
        $x = ['start' => 40, 'middle' => 860, 'end' => 1680];
        $y = ['start' => 40, 'middle' => 490, 'end' => 940];
        foreach ($x as $across => $left) {
            foreach ($y as $down => $top) {
                yield "$across $down" => [$across, $down, [$left, $top]];
            }
        }
    }

    #[DataProvider('places')]
    public function test_nine_places_with_a_margin(string $x, string $y, array $corner): void
    {
        $box = $this->bounds(
            Fixture::edit($this->composition(), 'align-layers', ['layers' => ['a'], 'frame' => 0, 'x' => $x, 'y' => $y, 'margin' => 40]),
            'a',
        );
        $this->assertBox([$corner[0], $corner[1], $corner[0] + 200, $corner[1] + 100], $box);
    }

    public function test_layers_are_aligned_to_each_other_to_the_safe_area_and_along_one_axis(): void
    {
        $after = Fixture::edit(
            $this->composition(), 'align-layers',
            ['layers' => ['a', 'b', 'c'], 'frame' => 0, 'to' => 'selection', 'y' => 'end'],
        );
        $bottom = $this->bounds($this->composition(), 'c')->bottom;
        foreach (['a', 'b', 'c'] as $id) {
            self::assertEqualsWithDelta($bottom, $this->bounds($after, $id)->bottom, 1e-6);
            self::assertEqualsWithDelta($this->bounds($this->composition(), $id)->left, $this->bounds($after, $id)->left, 1e-6);
        }
        $safe = $this->bounds(
            Fixture::edit($this->composition(), 'align-layers', ['layers' => ['c'], 'frame' => 0, 'to' => 'safe', 'x' => 'start']),
            'c',
        );
        self::assertEqualsWithDelta(96.0, $safe->left, 1e-6);
    }

    #[TestWith(['x', 'left', 'right'])]
    #[TestWith(['y', 'top', 'bottom'])]
    public function test_gaps_become_equal_and_the_outermost_stay(string $axis, string $begin, string $end): void
    {
        $before = $this->composition();
        $after = Fixture::edit($before, 'distribute-layers', ['layers' => ['c', 'a', 'b'], 'frame' => 0, 'axis' => $axis]);
        [$a, $b, $c] = array_map(fn (string $id): Box => $this->bounds($after, $id), ['a', 'b', 'c']);
        self::assertEqualsWithDelta($b->$begin - $a->$end, $c->$begin - $b->$end, 1e-6);
        self::assertEquals([$this->bounds($before, 'a'), $this->bounds($before, 'c')], [$a, $c]);
        self::assertSame($before->layers->entries()['a'], $after->layers->entries()['a'], 'what does not move is not changed');
    }

    public function test_layers_become_equal_in_size_around_their_middles(): void
    {
        $before = $this->composition();
        $after = Fixture::edit($before, 'match-sizes', ['layers' => ['a', 'b', 'c', 'words', 'clip'], 'like' => 'a', 'frame' => 0]);
        foreach (['a', 'b', 'words', 'clip'] as $id) {
            $box = $this->bounds($after, $id);
            self::assertEqualsWithDelta([200, 100], [$box->width(), $box->height()], 0.01, $id);
            self::assertEqualsWithDelta($this->bounds($before, $id)->centre(), $box->centre(), 0.01, $id);
        }
    }

    public function test_what_has_no_size_cannot_be_made_equal(): void
    {
        foreach ([[0, 100], [100, 0]] as $size) {
            try {
                Fixture::edit(
                    Fixture::composition([Fixture::bar(['id' => 'a']), Fixture::bar(['id' => 'b', 'size' => $size])]),
                    'match-sizes', ['layers' => ['a', 'b'], 'like' => 'a', 'frame' => 0],
                );
                self::fail('it was');
            } catch (Refusal $refusal) {
                self::assertSame('“Bar” has no size here', $refusal->getMessage());
            }
        }
    }

    #[TestWith(['x'])]
    #[TestWith(['y'])]
    public function test_a_flip_turns_the_picture_over_where_it_is_and_twice_is_nothing(string $axis): void
    {
        $before = Fixture::edit(
            $this->composition(), 'set-values',
            ['frame' => 0, 'values' => [['layer' => 'clip', 'property' => 'rotation', 'value' => 30]]],
        );
        $flip = fn (Composition $one): Composition => Fixture::edit(
            $one, 'flip-layers', ['layers' => ['clip', 'words'], 'frame' => 0, 'axis' => $axis],
        );
        $after = $flip($before);
        foreach (['clip', 'words'] as $id) {
            [$old, $new] = array_map(
                fn (Composition $one): array => json_decode(
                    Fixture::evaluator()->pose($one->layer($id), $one, 0)->encode(), true,
                )['corners'],
                [$before, $after],
            );
            // Its corners change places along the axis.
            self::assertEqualsWithDelta(
                $axis === 'x' ? [$old[1], $old[0], $old[3], $old[2]] : [$old[3], $old[2], $old[1], $old[0]], $new, 0.01,
                $id,
            );
        }
        self::assertEquals($before->toJson(), $flip($after)->toJson());
    }

    public function test_the_one_rule_holds_a_keyframe_takes_the_change_at_the_playhead(): void
    {
        $moving = Fixture::composition([Fixture::bar([
            'size' => [200, 100], 'position' => Fixture::keyframes([0, [0, 0]], [50, [500, 500]]),
        ])]);
        $after = Fixture::edit($moving, 'align-layers', ['layers' => ['bar'], 'frame' => 30, 'x' => 'end', 'y' => 'end']);
        $this->assertBox([1720, 980, 1920, 1080], $this->bounds($after, 'bar', 30));
        self::assertEquals($this->bounds($moving, 'bar', 50), $this->bounds($after, 'bar', 50));
        $whole = Fixture::edit(
            $moving, 'align-layers', ['layers' => ['bar'], 'frame' => 30, 'x' => 'end', 'y' => 'end', 'scope' => 'whole'],
        );
        $this->assertBox([1720, 980, 1920, 1080], $this->bounds($whole, 'bar', 30));
        self::assertEqualsWithDelta(
            $this->bounds($moving, 'bar', 50)->left - $this->bounds($moving, 'bar', 30)->left,
            $this->bounds($whole, 'bar', 50)->left - $this->bounds($whole, 'bar', 30)->left, 1e-6,
        );
    }

    #[TestWith(['align-layers', ['layers' => ['a'], 'frame' => 0], 'an alignment needs an x or a y'])]
    #[TestWith(['align-layers', ['layers' => ['a'], 'frame' => 0, 'x' => 'left'], 'args.x: "left" is not one of start, middle, end'])]
    #[TestWith(['distribute-layers', ['layers' => ['a', 'b'], 'frame' => 0, 'axis' => 'x'], 'spacing things evenly takes three of them'])]
    #[TestWith([
        'frame-layers', ['layers' => ['a'], 'frame' => 0, 'as' => 'cover'],
        'args.as: "cover" is not one of fit, fill, original, stretch',
    ])]
    #[TestWith(['match-sizes', ['layers' => ['a'], 'frame' => 0, 'like' => 'z'], 'there is no layer "z"'])]
    public function test_what_makes_no_sense_is_refused(string $edit, array $args, string $says): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($says);
        Fixture::edit($this->composition(), $edit, $args);
    }

    public function test_in_a_picture_of_another_size_layers_stay_or_keep_to_the_middle_or_grow_along(): void
    {
        $path = Fixture::keyframes([0, [960, 540]], [50, [1920, 0]]);
        $before = Fixture::composition(
            [
                Fixture::bar(['position' => $path, 'scale' => [50, 80]]),
                ['id' => 'music', 'kind' => 'sound', 'media' => 'm1', 'name' => 'Music', 'in' => 0, 'out' => 100],
            ],
            ['guides' => [['axis' => 'x', 'at' => 480], ['axis' => 'y', 'at' => 540]]],
        );
        $resized = fn (string $layers): Composition => Fixture::edit(
            $before, 'set-composition', ['width' => 960, 'height' => 1080, 'layers' => $layers],
        );
        $placed = fn (Composition $composition): array => [
            array_column(Fixture::json($composition, 'bar')['position']['keyframes'], 'value'), Fixture::json($composition, 'bar')['scale'],
            array_column($composition->toJson()['guides'], 'at'),
        ];
        self::assertEquals([[[960, 540], [1920, 0]], [50, 80], [480, 540]], $placed($resized('corner')));
        self::assertEquals([[[480, 540], [1440, 0]], [50, 80], [0, 540]], $placed($resized('middle')));
        // Half as wide: the old frame fits in at half its size.
        self::assertEquals([[[480, 540], [960, 270]], [25, 40], [240, 540]], $placed($resized('scale')));
    }

    public function test_anchors_go_to_nine_points_and_nothing_moves(): void
    {
        $composition = Fixture::composition([Fixture::bar([
            'size' => [200, 100], 'position' => Fixture::keyframes([0, [300, 200]], [50, [500, 400]]), 'rotation' => 30,
            'scale' => [150, 80],
        ])]);
        $before = Fixture::evaluator()->pose($composition->layer('bar'), $composition, 20);
        foreach ([['start', 'start', -100, -50], ['end', 'middle', 100, 0], ['middle', 'end', 0, 50]] as [$x, $y, $ax, $ay]) {
            $moved = Fixture::edit($composition, 'place-anchors', ['layers' => ['bar'], 'frame' => 20, 'x' => $x, 'y' => $y]);
            self::assertEqualsWithDelta([$ax, $ay], Fixture::json($moved, 'bar')['anchor'], 0.001);
            foreach ([0, 20, 50] as $frame) {
                $was = $frame === 20 ? $before : Fixture::evaluator()->pose($composition->layer('bar'), $composition, $frame);
                self::assertEqualsWithDelta(
                    $was->bounds()->toJson(),
                    Fixture::evaluator()->pose($moved->layer('bar'), $moved, $frame)->bounds()->toJson(), 0.01,
                );
            }
        }
    }

    public function test_guides_are_put_across_the_frame_and_things_are_drawn_to_them(): void
    {
        $composition = Fixture::edit(
            Fixture::composition([Fixture::bar(['size' => [200, 100], 'position' => [500, 500]])]), 'set-guides',
            ['guides' => [['axis' => 'x', 'at' => 703.5], ['axis' => 'y', 'at' => 200]]],
        );
        $dragged = Fixture::edit($composition, 'drag-layers', ['layers' => ['bar'], 'frame' => 0, 'by' => [300, 0], 'snap' => 6]);
        // Its left edge at 700 is drawn to 703.5.
        self::assertEquals([803.5, 500], Fixture::json($dragged, 'bar')['position']);
        self::assertSame([], Fixture::edit($dragged, 'set-guides', ['guides' => []])->guides);
        $this->expectExceptionMessage('args.guides[0].axis: "z" is not one of x, y');
        Fixture::edit($composition, 'set-guides', ['guides' => [['axis' => 'z', 'at' => 1]]]);
    }
}
