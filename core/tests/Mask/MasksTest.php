<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Mask;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Kind\MaskPlaces;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

final class MasksTest extends TestCase
{
    /** @param  list<array<string, mixed>>  $masks */
    private function group(array $masks, array $layer = [], array $more = []): array
    {
        $composition = Fixture::composition([
            Fixture::bar(['size' => [200, 100], 'position' => [500, 300], 'masks' => $masks, ...$layer]), ...$more,
        ]);

        return Fixture::evaluator()->frame($composition, 0)->toJson()['items'][0];
    }

    public function test_a_mask_goes_along_with_its_layer_or_stands_still(): void
    {
        $mask = ['id' => 'm1', 'form' => 'rectangle', 'position' => [30, 10], 'size' => [40, 20]];
        $layer = [
            'scale' => [200, 300],
            'position' => ['keyframes' => [['at' => 0, 'value' => [500, 300]], ['at' => 10, 'value' => [900, 300]]]],
        ];
        $along = $this->group([$mask], $layer)['masks'][0]['items'][0]['matrix'];
        self::assertEquals([2, 0, 0, 3, 560, 330], $along);
        $still = $this->group([['fixed' => true, ...$mask]], $layer)['masks'][0]['items'][0]['matrix'];
        self::assertEquals([1, 0, 0, 1, 30, 10], $still);
    }

    public function test_feather_grow_and_opacity(): void
    {
        [$part] = $this->group([[
            'id' => 'm1', 'form' => 'ellipse', 'size' => [100, 60], 'feather' => 40, 'grow' => 10, 'opacity' => 60,
        ]])['masks'];
        // As wide as four deviations.
        self::assertEquals([0.6, [['filter' => 'blur', 'deviation' => 10]]], [$part['items'][0]['opacity'], $part['items'][0]['filters']]);
        self::assertEquals([500 - 60 - 30, 300 - 40 - 30, 500 + 60 + 30, 300 + 40 + 30], $part['items'][0]['extent']);
        self::assertSame([], $this->group([['id' => 'm1', 'form' => 'ellipse', 'size' => [10, 10], 'grow' => -5]])['masks'][0]['items']);
    }

    public function test_a_soft_edge_is_as_much_larger_as_the_layer(): void
    {
        $mask = ['id' => 'm1', 'form' => 'ellipse', 'size' => [100, 60], 'feather' => 40];
        $deviation = fn (array $mask, array $layer): float => $this->group([$mask], $layer)['masks'][0]['items'][0]['filters'][0]['deviation'];
        // By the square root of the area: 200 % and 50 % are as much as 100 %.
        self::assertEqualsWithDelta(20, $deviation($mask, ['scale' => [200, 200]]), 1e-6);
        self::assertEqualsWithDelta(10, $deviation($mask, ['scale' => [200, 50]]), 1e-6);
        self::assertEqualsWithDelta(10, $deviation([...$mask, 'fixed' => true], ['scale' => [200, 200]]), 1e-6);
    }

    public function test_masks_are_combined_in_order_and_can_be_switched_off(): void
    {
        $group = $this->group([
            ['id' => 'm1', 'form' => 'rectangle'],
            ['id' => 'm2', 'form' => 'ellipse', 'mode' => 'subtract', 'inverted' => true],
            ['id' => 'm3', 'form' => 'ellipse', 'on' => false],
        ]);
        self::assertSame(
            [['add', false], ['subtract', true]],
            array_map(fn (array $part): array => [$part['mode'], $part['inverted'] ?? false], $group['masks']),
        );
        self::assertSame('fill', $this->group([['id' => 'm1', 'form' => 'rectangle', 'on' => false]])['op']);
    }

    public function test_another_layer_says_where_it_is_seen_even_when_that_is_hidden(): void
    {
        $words = Fixture::words(['position' => [400, 300], 'visible' => false]);
        $composition = Fixture::composition([$words, Fixture::bar(['masks' => [['id' => 'm1', 'form' => 'layer', 'layer' => 'words']]])]);
        $items = Fixture::evaluator()->frame($composition, 0)->toJson()['items'];
        self::assertCount(1, $items);
        self::assertEquals([0.072, 0, 0, 0.072, 400, 300], $items[0]['masks'][0]['items'][0]['matrix']);
        // Beyond its time it shows nothing, and what it masks is not seen.
        $late = Fixture::composition([
            [...$words, 'in' => 50], Fixture::bar(['masks' => [['id' => 'm1', 'form' => 'layer', 'layer' => 'words']]]),
        ]);
        self::assertSame([], Fixture::evaluator()->frame($late, 0)->toJson()['items'][0]['masks'][0]['items']);
    }

    public function test_brightness_is_that_of_the_colour_and_as_much_as_is_there(): void
    {
        $group = $this->group(
            [['id' => 'm1', 'form' => 'layer', 'layer' => 'words', 'by' => 'brightness']],
            more: [Fixture::words(['visible' => false])],
        );
        [$bright] = $group['masks'][0]['items'];
        self::assertSame([0.2126, 0.7152, 0.0722, 0, 0], array_slice($bright['items'][0]['filters'][0]['values'], 15));
        self::assertSame($bright['items'][0]['items'], $bright['masks'][0]['items']);
    }

    public function test_two_layers_can_be_masks_of_each_other(): void
    {
        $composition = Fixture::composition([
            Fixture::bar(['masks' => [['id' => 'm1', 'form' => 'layer', 'layer' => 'words']]]),
            Fixture::words(['masks' => [['id' => 'm1', 'form' => 'layer', 'layer' => 'bar']]]),
        ]);
        self::assertSame(['group', 'group'], array_column(Fixture::evaluator()->frame($composition, 0)->toJson()['items'], 'op'));
    }

    public function test_a_mask_that_is_gone_masks_nothing(): void
    {
        $composition = Fixture::composition([
            Fixture::words(), Fixture::bar(['masks' => [['id' => 'm1', 'form' => 'layer', 'layer' => 'words']]]),
        ]);
        $removed = Fixture::edit($composition, 'remove-layers', ['layers' => ['words']]);
        self::assertSame('fill', Fixture::evaluator()->frame($removed, 0)->toJson()['items'][0]['op']);
    }

    public function test_a_new_mask_is_half_as_large_as_its_layer(): void
    {
        $composition = Fixture::edit(Fixture::composition([Fixture::clip()]), 'add-mask', ['layers' => ['clip'], 'form' => 'rectangle']);
        self::assertEquals(
            [[960, 540], [0, 0]],
            [Fixture::json($composition, 'clip')['masks'][0]['size'], Fixture::json($composition, 'clip')['masks'][0]['position']],
        );
        // Its size stays still for a while and then changes: properties like any other.
        $composition = Fixture::edit(
            $composition, 'add-keyframe', ['layers' => ['clip'], 'properties' => ['m1.size', 'm1.position'], 'frame' => 10],
        );
        $composition = Fixture::edit($composition, 'repeat-keyframe', ['layers' => ['clip'], 'properties' => ['m1.size'], 'frame' => 40]);
        self::assertSame(
            [10, 40],
            array_map(fn ($keyframe): int => $keyframe->at, $composition->layer('clip')->properties['m1.size']->keyframes()),
        );
        $this->expectExceptionObject(new Refusal('“Clip” cannot be its own mask'));
        Fixture::edit($composition, 'add-mask', ['layers' => ['clip'], 'form' => 'layer', 'layer' => 'clip']);
    }

    /**
     * A mask of 100 × 60 in the middle of a bar that is twice as large and turned by a quarter. @return array<string, mixed>
     * after it was pulled
     */
    private function pulled(array $args, array $mask = []): array
    {
        $composition = Fixture::composition([Fixture::bar([
            'position' => [500, 300], 'scale' => [200, 200], 'rotation' => 90,
            'masks' => [['id' => 'm1', 'form' => 'rectangle', 'size' => [100, 60], ...$mask]],
        ])]);

        return Fixture::json(
            Fixture::edit($composition, 'pull-mask', ['layer' => 'bar', 'mask' => 'm1', 'frame' => 0, ...$args]), 'bar',
        )['masks'][0];
    }

    public function test_in_the_picture_it_goes_where_it_is_dragged(): void
    {
        // 40 to the right and 20 down are, in the layer's own pixels, 10 to the right and 20 up.
        self::assertEqualsWithDelta([10, -20], $this->pulled(['by' => [40, 20]])['position'], 1e-6);
        self::assertEqualsWithDelta([0, -20], $this->pulled(['by' => [40, 20], 'straight' => true])['position'], 1e-6);
        self::assertEqualsWithDelta([40, 20], $this->pulled(['by' => [40, 20]], ['fixed' => true])['position'], 1e-6);
        // Turned itself, it still goes where the pointer does.
        self::assertEqualsWithDelta([40, 20], $this->pulled(['by' => [40, 20]], ['fixed' => true, 'rotation' => 30])['position'], 1e-6);
    }

    public function test_a_handle_pulls_its_side_while_the_other_stays(): void
    {
        // The layer's right is below: 40 pixels down are 20 of its own.
        $pulled = $this->pulled(['by' => [0, 40], 'handle' => 'right']);
        self::assertEqualsWithDelta([[120, 60], [10, 0]], [$pulled['size'], $pulled['position']], 1e-6);
        $centred = $this->pulled(['by' => [0, 40], 'handle' => 'right', 'centred' => true]);
        self::assertEqualsWithDelta([[140, 60], [0, 0]], [$centred['size'], $centred['position']], 1e-6);
        $shaped = $this->pulled(['by' => [0, 40], 'handle' => 'bottom-right', 'proportional' => true]);
        self::assertEqualsWithDelta([[120, 72], [10, 6]], [$shaped['size'], $shaped['position']], 1e-6);
        // Beyond the other side it is gone, and not inside out.
        self::assertEqualsWithDelta([0, 60], $this->pulled(['by' => [0, -900], 'handle' => 'right'])['size'], 1e-6);
        $this->expectExceptionObject(new Refusal('“Bar” has no mask "m2" that could be pulled'));
        $this->pulled(['mask' => 'm2', 'by' => [1, 1]]);
    }

    public function test_where_it_lies_is_told_in_the_pixels_of_the_picture(): void
    {
        $composition = Fixture::composition([Fixture::bar(['position' => [500, 300], 'scale' => [200, 200], 'masks' => [
            ['id' => 'm1', 'form' => 'ellipse', 'size' => [100, 60], 'position' => [10, 0]],
            ['id' => 'm2', 'form' => 'rectangle', 'on' => false], ['id' => 'm3', 'form' => 'layer', 'layer' => 'words'],
        ]])]);
        self::assertEquals(
            [[
                'mask' => 'm1', 'form' => 'ellipse', 'corners' => [[420, 240], [620, 240], [620, 360], [420, 360]],
                'ticks' => [], 'points' => [], 'ghosts' => [],
            ]],
            MaskPlaces::of($composition->layer('bar'), $composition, 0, Box::centred(0, 0)),
        );
    }

    public function test_its_way_is_told_and_where_it_stands_at_the_keyframes_before_and_after(): void
    {
        $composition = Fixture::composition([Fixture::bar(['position' => [500, 300], 'scale' => [200, 200], 'masks' => [[
            'id' => 'm1', 'form' => 'rectangle', 'size' => Fixture::keyframes([0, [100, 60]], [10, [50, 60]]),
            'position' => Fixture::keyframes([2, [0, 0]], [6, [40, 20]]),
        ]]])]);
        $at = fn (int $frame): array => MaskPlaces::of($composition->layer('bar'), $composition, $frame, Box::centred(0, 0))[0];
        // A quarter of the way each frame, at twice the size.
        self::assertEquals([[500, 300], [520, 310], [540, 320], [560, 330], [580, 340]], $at(4)['ticks']);
        self::assertSame([2, 6], array_column($at(4)['ghosts'], 'frame'));
        // At frame 6 it is 100 − 50 · 0.6 = 70 wide, 140 in the picture, about (580, 340).
        self::assertEquals([[510, 280], [650, 280], [650, 400], [510, 400]], $at(4)['ghosts'][1]['corners']);
        self::assertSame([0, 6], array_column($at(2)['ghosts'], 'frame'));
        self::assertSame([10], array_column($at(30)['ghosts'], 'frame'));
    }

    public function test_what_blends_is_not_laid_over_a_clip_by_others(): void
    {
        $over = fn (array $fields): ?object => \Ricamo\Core\Display\Backdrop::under([Fixture::evaluator()->frame(
            Fixture::composition([Fixture::clip(['position' => [960, 540]]), Fixture::bar($fields)]), 0,
        )]);
        self::assertNotNull($over([]));
        self::assertNull($over(['blend' => 'multiply']));
    }

    public function test_round_corners_grow_along_and_square_ones_stay_square(): void
    {
        $path = fn (array $mask): string => $this->group([[
            'id' => 'm1', 'form' => 'rectangle', 'size' => [100, 60], ...$mask,
        ]])['masks'][0]['items'][0]['path'];
        self::assertSame($path(['size' => [120, 80], 'rounding' => 22]), $path(['rounding' => 12, 'grow' => 10]));
        self::assertSame($path(['size' => [120, 80]]), $path(['grow' => 10]));
        self::assertSame($path(['size' => [80, 40]]), $path(['rounding' => 8, 'grow' => -10]));
    }

    public function test_words_that_become_a_mask_are_as_large_as_what_they_mask_lets_them_be(): void
    {
        $size = function (string $words, array $bar = []): float {
            $after = Fixture::edit(
                Fixture::composition([Fixture::bar(['size' => [480, 120], ...$bar])]), 'add-mask', ['layers' => ['bar'], 'words' => $words],
            );
            [$added] = array_values(array_diff($after->layers->ids(), ['bar']));

            return $after->layer($added)->number('typeSize', 0);
        };
        // Half as much again as an even share of the width, of at least three letters; from 20 to 600 pixels.
        self::assertSame([144.0, 240.0, 20.0, 600.0], [
            $size('Depot'), $size('A'), $size(str_repeat('Depot ', 20)), $size('Depot', ['size' => [4800, 120]]),
        ]);
    }

    /**
     * @param  array<string, mixed>  $layer
     * @param  array<string, mixed>  $mask
     */
    #[TestWith([[], [], 1])]
    #[TestWith([['rotation' => 40, 'scale' => [50, 50]], [], 1])]
    #[TestWith([['scale' => [-100, 100]], [], -1])]
    #[TestWith([['scale' => [-100, 100]], ['fixed' => true], 1])]
    public function test_it_turns_as_the_pointer_goes_round_its_middle(array $layer, array $mask, int $way): void
    {
        $composition = Fixture::composition([Fixture::bar([
            'position' => [600, 400], ...$layer, 'masks' => [['id' => 'm1', 'form' => 'rectangle', 'rotation' => 10, ...$mask]],
        ])]);
        $middle = ($mask['fixed'] ?? false) ? [0, 0] : [600, 400];
        // A quarter clockwise and half of one more, in steps that are each less than half a turn.
        $path = array_map(fn (int $degrees): array => [
            $middle[0] + 200 * cos(deg2rad($degrees)), $middle[1] + 200 * sin(deg2rad($degrees)),
        ], [0, 50, 90, 135]);
        $turned = fn (array $args): float => Fixture::edit(
            $composition, 'turn-mask', ['layer' => 'bar', 'mask' => 'm1', 'frame' => 0, 'path' => $path, ...$args],
        )->layer('bar')->number('m1.rotation', 0);
        self::assertEqualsWithDelta(10 + $way * 135, $turned([]), 0.01);
        self::assertEqualsWithDelta($way > 0 ? 150 : -120, $turned(['snap' => true]), 1e-9);
    }

    public function test_what_is_cropped_by_its_edges_is_not_turned(): void
    {
        $composition = Fixture::composition([Fixture::bar(['masks' => [['id' => 'm1', 'form' => 'crop']]])]);
        $this->expectExceptionMessage('has no mask "m1" that could be turned');
        Fixture::edit($composition, 'turn-mask', ['layer' => 'bar', 'mask' => 'm1', 'frame' => 0, 'path' => [[0, 0], [1, 1]]]);
    }
}
