<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Handle;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Guide\Guide;
use Ricamo\Core\Handle\EffectPoints;
use Ricamo\Core\Handle\Held;
use Ricamo\Core\Tests\Fixture;

/**
 * Masks and points of effects along guides. The layer lies from (400, 250) to (600, 350), its mask from (510, 300) to (550, 320),
 * another layer from (950, 650) to (1050, 750).
 */
final class HeldTest extends TestCase
{
    /** @param  array<string, mixed>  $mask */
    private static function composition(array $mask = [], array $layer = []): Composition
    {
        return Fixture::composition([
            Fixture::bar(['id' => 'other', 'size' => [100, 100], 'position' => [1000, 700]]),
            Fixture::bar([
                'size' => [200, 100], 'position' => [500, 300],
                'masks' => [['id' => 'm1', 'form' => 'rectangle', 'position' => [30, 10], 'size' => [40, 20], ...$mask]],
                'effects' => [['id' => 'e1', 'effect' => 'corner-pin']],
                ...$layer,
            ]),
        ]);
    }

    /**
     * @param  list<float>  $by
     * @param  list<float>  $place
     * @param  array<string, mixed>  $args
     * @param  array<string, mixed>  $layer
     */
    // The right edge comes as near as 6 px to the other's left one, the upper edge as near as 2 to the layer's own middle.
    #[TestWith([[394, 2], [430, 10], ['snap' => 8]])]
    #[TestWith([[394, 2], [424, 12]])]
    #[TestWith([[394, 2], [424, 10], ['snap' => 5]])]
    // On one level it stays on that.
    #[TestWith([[394, 2], [430, 10], ['snap' => 8, 'straight' => true]])]
    // Its middle is as near as 2 px to the other's upper edge; along x it does not go.
    #[TestWith([[2, 342], [30, 350], ['snap' => 3, 'straight' => true]])]
    // What is pulled larger is not moved.
    #[TestWith([[3, 2], [31.5, 11], ['snap' => 8, 'handle' => 'bottom-right']])]
    // Twice as large, the same way in the picture is half of it in the layer: from (520, 300) to (600, 340).
    #[TestWith([[346, 0], [205, 10], ['snap' => 8], ['scale' => [200, 200]]])]
    public function test_a_mask_is_drawn_to_guides(array $by, array $place, array $args = [], array $layer = []): void
    {
        $pulled = Fixture::edit(
            self::composition([], $layer), 'pull-mask', ['layer' => 'bar', 'mask' => 'm1', 'frame' => 0, 'by' => $by, ...$args],
        );
        self::assertEquals($place, Fixture::json($pulled, 'bar')['masks'][0]['position']);
    }

    public function test_a_mask_is_drawn_to_where_it_is_at_the_keyframes_beside(): void
    {
        $moving = self::composition(['position' => Fixture::keyframes([0, [0, 0]], [20, [300, 100]], [40, [600, -170]])]);
        $at = fn (array $by): array => Fixture::json(Fixture::edit(
            $moving, 'pull-mask', ['layer' => 'bar', 'mask' => 'm1', 'frame' => 10, 'by' => $by, 'snap' => 5],
        ), 'bar')['masks'][0]['position']['keyframes'][1]['value'];
        // Half way between the first two, it comes to where the second is, and not to the third, which is no neighbour.
        self::assertEquals([300, 100], $at([146, 47]));
        self::assertEquals([596, 100], $at([446, 47]));
    }

    public function test_a_point_of_an_effect_is_drawn_to_guides(): void
    {
        $pulled = fn (float $snap): array => Fixture::json(Fixture::edit(
            self::composition(), 'pull-effect',
            ['layer' => 'bar', 'property' => 'e1.topLeft', 'frame' => 0, 'by' => [-3, -248], 'snap' => $snap],
        ), 'bar')['effects'][0]['topLeft'];
        // To the layer's own left edge, and to the upper edge of the frame.
        self::assertEquals([0, -250], $pulled(5));
        self::assertEquals([-3, -248], $pulled(0));
    }

    public function test_a_point_is_seen_and_draws_itself_in_where_it_is_at_the_keyframes_beside(): void
    {
        $moving = self::composition([], ['effects' => [
            ['id' => 'e1', 'effect' => 'corner-pin', 'topLeft' => Fixture::keyframes([0, [0, 0]], [20, [40, 20]], [30, [-70, 0]])],
        ]]);
        $ghosts = fn (int $frame): array => array_column(
            EffectPoints::of($moving->layer('bar'), $moving, $frame, Fixture::evaluator()), 'ghosts', 'property',
        );
        // The corner lies at (400, 250).
        self::assertEquals([[400, 250], [440, 270]], $ghosts(10)['e1.topLeft']);
        self::assertEquals([[400, 250], [330, 250]], $ghosts(20)['e1.topLeft']);
        self::assertEquals([[440, 270]], $ghosts(0)['e1.topLeft']);
        self::assertSame([], $ghosts(10)['e1.topRight']);
        $pulled = Fixture::edit($moving, 'pull-effect', [
            'layer' => 'bar', 'property' => 'e1.topLeft', 'frame' => 10, 'by' => [18, 8], 'snap' => 4,
        ]);
        self::assertEquals([40, 20], Fixture::json($pulled, 'bar')['effects'][0]['topLeft']['keyframes'][1]['value']);
    }

    public function test_the_alignments_that_hold_are_told(): void
    {
        $guides = fn (string $part, array $mask = []): array => array_map(
            fn (Guide $guide): array => [$guide->axis->value, $guide->at],
            Held::find(
                self::composition($mask)->layer('bar'), $part, $composition = self::composition($mask), 0, Fixture::evaluator(),
            )?->guides($composition, 0, Fixture::evaluator()) ?? [['none', 0]],
        );
        self::assertEquals([['x', 950], ['y', 300]], $guides('m1', ['position' => [430, 10]]));
        self::assertEquals([['x', 400], ['y', 250]], array_values(array_unique($guides('e1.topLeft'), SORT_REGULAR)));
        $composition = self::composition();
        self::assertNull(Held::find($composition->layer('bar'), 'm2', $composition, 0, Fixture::evaluator()));
        self::assertNull(Held::find($composition->layer('other'), 'm1', $composition, 0, Fixture::evaluator()));
    }
}
