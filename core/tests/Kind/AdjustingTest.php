<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Kind;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Tests\Fixture;

final class AdjustingTest extends TestCase
{
    private const GREY = ['effects' => [['id' => 'e1', 'effect' => 'saturation', 'amount' => 0]]];

    public function test_its_effects_are_done_to_what_lies_beneath_it_and_to_the_background(): void
    {
        [$bar, $grey, $top] = $this->items([Fixture::bar(), $this->adjusting(self::GREY), Fixture::bar(['id' => 'top'])]);
        self::assertSame(['fill', 'group', 'fill'], [$bar['op'], $grey['op'], $top['op']]);
        self::assertSame(['fill', 'fill'], array_column($grey['items'], 'op'));
        // The background first, over the whole frame.
        self::assertSame('#000000', $grey['items'][0]['colour']);
        self::assertSame($bar, $grey['items'][1]);
        self::assertSame('matrix', $grey['filters'][0]['filter']);
    }

    public function test_it_is_seen_where_its_masks_are_and_as_far_as_it_is_opaque(): void
    {
        [, $grey] = $this->items([
            Fixture::bar(),
            $this->adjusting([...self::GREY, 'opacity' => 40, 'masks' => [['id' => 'm1', 'form' => 'ellipse', 'size' => [300, 300]]]]),
        ]);
        self::assertSame([0.4, 1], [$grey['opacity'], count($grey['masks'])]);
        // Its space has its origin in the middle of the frame.
        self::assertEqualsWithDelta([960, 540], array_slice($grey['masks'][0]['items'][0]['matrix'], 4), 1e-6);
    }

    public function test_it_comes_in_from_nothing_to_as_opaque_as_it_is(): void
    {
        [, $grey] = $this->items([
            Fixture::bar(),
            $this->adjusting([
                ...self::GREY, 'opacity' => 40,
                'arrive' => ['moves' => [['move' => 'fade']], 'length' => 40, 'easing' => 'linear'],
            ]),
        ]);
        self::assertEqualsWithDelta(0.4 * 10 / 40, $grey['opacity'], 1e-9);
    }

    public function test_in_a_group_it_adjusts_what_is_in_the_group_alone(): void
    {
        $group = ['id' => 'g', 'kind' => 'group', 'name' => 'Group', 'in' => 0, 'out' => 100];
        $items = $this->items([
            Fixture::bar(['id' => 'under']), Fixture::bar(['group' => 'g']),
            $this->adjusting([...self::GREY, 'group' => 'g']), $group,
        ]);
        self::assertSame(['fill', 'fill', 'group'], array_column($items, 'op'));
        self::assertSame([$items[1]], $items[2]['items']);
    }

    public function test_without_an_effect_or_hidden_it_changes_nothing(): void
    {
        $plain = $this->items([Fixture::bar()]);
        foreach ([[], [...self::GREY, 'visible' => false], [...self::GREY, 'reference' => true], [...self::GREY, 'out' => 3]] as $fields) {
            self::assertSame($plain, $this->items([Fixture::bar(), $this->adjusting($fields)]));
        }
    }

    public function test_who_looks_sees_the_same_as_what_is_rendered(): void
    {
        $composition = Fixture::composition([Fixture::bar(), $this->adjusting(self::GREY)]);
        $look = Fixture::evaluator()->look($composition, 10);
        self::assertSame(Fixture::evaluator()->frame($composition, 10)->encode(), $look->list());
        self::assertCount(2, json_decode($look->poses()));
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private function adjusting(array $fields): array
    {
        return [
            'id' => 'adjusting', 'kind' => 'adjusting', 'name' => 'Adjusting', 'in' => 0, 'out' => 100,
            'position' => [960, 540], ...$fields,
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $layers
     * @return list<array<string, mixed>>
     */
    private function items(array $layers): array
    {
        return Fixture::evaluator()->frame(Fixture::composition($layers), 10)->toJson()['items'];
    }
}
